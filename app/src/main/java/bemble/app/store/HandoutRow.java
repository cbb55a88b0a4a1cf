package bemble.app.store;

import java.time.LocalDate;

/**
 * A handout as it lies in the table.
 *
 * @param pupils how many it was given to
 * @param sums how many sums it has
 * @param answers how many answers are entered
 */
public record HandoutRow(
    long id,
    long classId,
    Long setId,
    String setVersion,
    String title,
    String kind,
    LocalDate givenOn,
    LocalDate dueOn,
    Integer passMark,
    int pupils,
    int sums,
    int answers) {}
