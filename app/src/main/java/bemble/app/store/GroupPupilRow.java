package bemble.app.store;

/** A pupil in a group. */
public record GroupPupilRow(long groupId, long pupilId) {}
