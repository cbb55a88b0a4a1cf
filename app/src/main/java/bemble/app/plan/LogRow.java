package bemble.app.plan;

import java.time.LocalDate;

/**
 * An entry of the logbook.
 *
 * @param kind LESSON, HANDOUT, SET, RUN or VOTE
 * @param told the state of a lesson, the kind of a handout, who worked a run, how many votes of a
 *     class were right and how many there were
 */
record LogRow(String kind, long id, LocalDate doneOn, String title, String told, String note) {}
