package bemble.app.store;

import java.time.OffsetDateTime;

/** A standing that a teacher has decided. */
public record DecidedRow(
    long pupilId, String rung, String standing, String note, OffsetDateTime decidedAt) {}
