package bemble.app.room;

import org.jspecify.annotations.Nullable;

/**
 * A page of a seat as it lies in the tables.
 *
 * @param runId the run that it is of, if any
 * @param shown whether it was shown to all
 */
record SeatPageRow(long attemptId, long seatId, @Nullable Long runId, boolean shown) {}
