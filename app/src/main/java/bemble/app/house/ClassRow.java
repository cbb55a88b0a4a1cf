package bemble.app.house;

/** A class as it lies in the table. */
public record ClassRow(long id, String name, String style, int version, boolean currentClass) {}
