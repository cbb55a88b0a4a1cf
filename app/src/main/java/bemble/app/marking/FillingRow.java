package bemble.app.marking;

import java.time.LocalDate;

/**
 * A page that was handed in, and the place in a handout that it answers.
 *
 * @param slip the id of its first slip; empty where none is known
 * @param workedOn the day on which the sum was worked
 */
record FillingRow(long handoutId, int number, long pupilId, String slip, LocalDate workedOn) {}
