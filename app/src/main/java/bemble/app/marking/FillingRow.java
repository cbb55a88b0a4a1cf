package bemble.app.marking;

/**
 * A page that was handed in, and the place in a handout that it answers.
 *
 * @param slip the id of its first slip; empty where none is known
 */
record FillingRow(long handoutId, int number, long pupilId, String slip) {}
