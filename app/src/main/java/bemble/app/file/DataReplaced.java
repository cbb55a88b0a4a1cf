package bemble.app.file;

/** Says that a backup stands in the place of all that was kept: what is remembered of it is old. */
public record DataReplaced() {}
