package bemble.app.marking;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

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
    @Nullable Long setId,
    String setVersion,
    String title,
    String kind,
    LocalDate givenOn,
    @Nullable LocalDate dueOn,
    @Nullable Integer passMark,
    int pupils,
    int sums,
    int answers) {}
