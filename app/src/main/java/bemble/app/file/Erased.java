package bemble.app.file;

/** Says that things were deleted of which nothing may stay in the data file. */
public record Erased() {}
