package bemble.app.file;

/** Says that all that was kept has been replaced: cached values are stale. */
public record DataReplaced() {}
