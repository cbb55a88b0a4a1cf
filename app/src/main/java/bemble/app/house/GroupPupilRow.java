package bemble.app.house;

/** A pupil in a group. */
record GroupPupilRow(long groupId, long pupilId) {}
