package bemble.app.store;

/** A name under which work is kept that belongs to no pupil, and how many pages there are. */
public record UnclaimedRow(String who, int pages) {}
