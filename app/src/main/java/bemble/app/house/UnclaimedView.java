package bemble.app.house;

import java.util.List;

/**
 * Pages that are kept under a name of a pupil, present or former, and belong to nobody.
 *
 * @param who the name that stands on them
 * @param pupils all pupils who have or had that name, the present one first
 */
public record UnclaimedView(String who, int pages, List<PupilEntry> pupils) {}
