package bemble.app.house;

/** A pupil; {@code left} of one who has left the class. */
public record PupilEntry(long id, String name, boolean left) {}
