package bemble.app.house;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A pupil as it lies in the table.
 *
 * @param leftAt when the pupil left the class; null for one who is there
 */
public record PupilRow(long id, long classId, String name, @Nullable OffsetDateTime leftAt) {}
