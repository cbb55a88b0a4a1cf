package bemble.app.file;

/** Says that something was deleted of which nothing may stay in the data file. */
public record Erased() {}
