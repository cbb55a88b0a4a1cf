package bemble.app.room;

import org.jspecify.annotations.Nullable;

/**
 * A seat in a room as it lies in the table.
 *
 * @param pupilId null for a made-up pupil
 * @param number that of the pupil in the class
 * @param token the digest of its token
 */
record SeatRow(long id, long roomId, @Nullable Long pupilId, int number, String token) {}
