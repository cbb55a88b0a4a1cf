package bemble.app.marking;

import bemble.app.marking.MarkingJson.SlipGroup;
import bemble.app.words.SlipIds;
import bemble.diagnosis.Explanation;
import bemble.slip.Slip;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Pupils by the slip that they share; slips that are not told apart are one. */
final class SlipGroups {
  /**
   * A group.
   *
   * @param answers of its pupils the sums, from 0, whose answers show the slip
   */
  private record Group(List<Slip> slips, Map<Long, Set<Integer>> answers) {}

  private final Map<String, Group> groups = new LinkedHashMap<>();

  /** Adds a pupil of whom an explanation is sure, with the sums whose answers show it. */
  void add(Explanation sure, long pupil, List<Integer> answers) {
    if (sure.alike().isEmpty()) {
      sure.slips().forEach(slip -> add(slip, pupil, answers));
    } else {
      add(sure.names(), pupil, answers);
    }
  }

  /** Adds a pupil who makes a slip. */
  void add(Slip slip, long pupil, List<Integer> answers) {
    add(List.of(slip), pupil, answers);
  }

  private void add(List<Slip> slips, long pupil, List<Integer> answers) {
    groups
        .computeIfAbsent(SlipIds.of(slips), any -> new Group(slips, new LinkedHashMap<>()))
        .answers()
        .computeIfAbsent(pupil, any -> new TreeSet<>())
        .addAll(answers);
  }

  /** The groups, the largest first. */
  List<SlipGroup> views(Marker marker) {
    return groups.values().stream()
        .map(
            group ->
                new SlipGroup(
                    SlipLabels.of(group.slips(), marker.words()),
                    group.slips().size() > 1,
                    List.copyOf(group.answers().keySet()),
                    group.answers().values().stream().mapToInt(Set::size).sum()))
        .sorted(Comparator.comparingInt(group -> -group.pupils().size()))
        .toList();
  }
}
