package bemble.app.store;

/**
 * A page that was handed in, and the place in a handout that it answers.
 *
 * @param slip the id of its first slip; empty where none is known
 */
public record FillingRow(long handoutId, int number, long pupilId, String slip) {}
