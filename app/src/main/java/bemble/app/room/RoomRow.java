package bemble.app.room;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A room as it lies in the table.
 *
 * @param address where pupils' devices reach it
 * @param code the code with which devices are let in
 * @param closedAt null while it is open
 * @param telling when its pupils are told which figures are right
 */
record RoomRow(
    long id,
    long classId,
    String address,
    int port,
    String code,
    OffsetDateTime openedAt,
    OffsetDateTime endsAt,
    @Nullable OffsetDateTime closedAt,
    String telling,
    boolean hints,
    boolean showsTime) {}
