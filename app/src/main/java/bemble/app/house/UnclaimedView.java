package bemble.app.house;

import java.util.List;

/**
 * Pages that are kept under a name of a pupil, present or former, and belong to nobody.
 *
 * @param who the name that stands on them
 * @param pupils all who have or had that name, whoever has it now first
 */
public record UnclaimedView(String who, int pages, List<PupilEntry> pupils) {}
