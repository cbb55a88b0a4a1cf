package bemble.app.house;

/**
 * Pages that are kept under a name of a pupil, present or former, and belong to nobody.
 *
 * @param who the name that stands on them
 */
public record UnclaimedView(long pupil, String name, String who, int pages) {}
