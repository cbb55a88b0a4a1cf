package bemble.app.house;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A group as it lies in the table.
 *
 * @param origin SLIP, RUNG or CHOSEN
 * @param about the slip or the rung; empty for a chosen group
 * @param handoutId the handout in which the slip showed
 * @param setId the set that was made for it
 */
record GroupRow(
    long id,
    long classId,
    String name,
    String origin,
    String about,
    @Nullable Long handoutId,
    @Nullable Long setId,
    LocalDate madeOn) {}
