package bemble.app.house;

/** Says that a pupil was deleted with all that was kept of that pupil. */
public record PupilDeleted(long id) {}
