package bemble.progress;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.problem.Operation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Where the pupils of a class stand.
 *
 * @param ladder what the class climbs
 * @param pupils for each pupil, in the order of the class, the progress by the id of the rung; a
 *     rung that nothing was worked of may be left out
 */
public record ClassProgress(Ladder ladder, Map<Long, Map<String, Progress>> pupils) {
  /** Keeps a copy in the same order. */
  public ClassProgress {
    pupils = new LinkedHashMap<>(pupils);
  }

  /** Where a pupil stands on a rung. */
  public Progress of(long pupil, String rung) {
    return pupils.getOrDefault(pupil, Map.of()).getOrDefault(rung, Progress.NONE);
  }

  /** Slips made of late on rungs that are not sure, those of most pupils first. */
  public List<Proposal> reteach() {
    record Made(String rung, String slip) {}

    Map<Made, List<Long>> made = new LinkedHashMap<>();
    for (Rung rung : ladder.all()) {
      for (long pupil : pupils.keySet()) {
        Progress progress = of(pupil, rung.id());
        progress
            .slip()
            .filter(slip -> !progress.standing().isSure())
            .map(slip -> new Made(rung.id(), slip.slip()))
            .ifPresent(key -> made.computeIfAbsent(key, any -> new ArrayList<>()).add(pupil));
      }
    }
    return made.entrySet().stream()
        .map(
            each ->
                proposal(
                    Proposal.Kind.RETEACH,
                    each.getKey().rung(),
                    each.getKey().slip(),
                    each.getValue()))
        .sorted(byPupils())
        .toList();
  }

  /** Rungs that it is time to look at again, those of most pupils first. */
  public List<Proposal> lookAgain() {
    List<Proposal> again = new ArrayList<>();
    for (Rung rung : ladder.all()) {
      List<Long> due =
          pupils.keySet().stream()
              .filter(pupil -> of(pupil, rung.id()).standing() == Standing.LOOK_AGAIN)
              .toList();
      if (!due.isEmpty()) {
        again.add(proposal(Proposal.Kind.LOOK_AGAIN, rung.id(), "", due));
      }
    }
    again.sort(byPupils());
    return again;
  }

  /**
   * Rungs that somebody is ready for and not yet sure of: first those that some have begun, then
   * others of operations that the class works in, then the rest; among equals those of most pupils,
   * and the easier one.
   */
  public List<Proposal> teach() {
    Map<Integer, List<Proposal>> byNearness = new TreeMap<>();
    Set<Operation> worked = EnumSet.noneOf(Operation.class);
    ladder.all().stream().filter(this::isBegun).map(Rung::operation).forEach(worked::add);
    for (Rung rung : ladder.all()) {
      List<Long> ready = pupils.keySet().stream().filter(pupil -> isReady(pupil, rung)).toList();
      if (!ready.isEmpty()) {
        int nearness = isBegun(rung) ? 0 : worked.contains(rung.operation()) ? 1 : 2;
        byNearness
            .computeIfAbsent(nearness, any -> new ArrayList<>())
            .add(proposal(Proposal.Kind.TEACH, rung.id(), "", ready));
      }
    }
    return byNearness.values().stream().flatMap(some -> some.stream().sorted(byPupils())).toList();
  }

  private boolean isBegun(Rung rung) {
    return pupils.keySet().stream()
        .anyMatch(pupil -> of(pupil, rung.id()).standing() != Standing.NEW);
  }

  private boolean isReady(long pupil, Rung rung) {
    return !of(pupil, rung.id()).standing().isSure()
        && rung.needs().stream().allMatch(need -> of(pupil, need).standing().isSure());
  }

  private Proposal proposal(Proposal.Kind kind, String rung, String slip, List<Long> some) {
    return new Proposal(kind, rung, slip, some, pupils.size());
  }

  private static Comparator<Proposal> byPupils() {
    return Comparator.comparing(proposal -> -proposal.pupils().size());
  }
}
