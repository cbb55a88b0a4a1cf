package bemble.app.register;

import java.time.OffsetDateTime;

/** A standing that a teacher has decided. */
record DecidedRow(
    long pupilId, String rung, String standing, String note, OffsetDateTime decidedAt) {}
