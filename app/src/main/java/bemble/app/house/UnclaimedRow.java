package bemble.app.house;

/** A name under which work is kept that belongs to no pupil, and how many pages there are. */
record UnclaimedRow(String who, int pages) {}
