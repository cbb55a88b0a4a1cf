package bemble.progress;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** A class rung by rung: who stands where. Pupils are told by their places in the class, from 0. */
final class StandingsByRung {
  private final List<Long> pupils;
  private final Map<String, OfRung> columns = new HashMap<>();

  /**
   * The pupils on one rung.
   *
   * @param at those of each standing, in the order of {@link Standing}
   * @param stands those who are nearly sure of it at the least, or of a rung that needs it
   */
  private record OfRung(List<BitSet> at, BitSet stands) {
    private static OfRung of(int pupils) {
      List<BitSet> at = new ArrayList<>();
      for (Standing ignored : Standing.values()) {
        at.add(new BitSet(pupils));
      }
      at.get(Standing.NEW.ordinal()).set(0, pupils);
      return new OfRung(at, new BitSet(pupils));
    }

    private void put(int pupil, Standing standing) {
      at.get(Standing.NEW.ordinal()).clear(pupil);
      at.get(standing.ordinal()).set(pupil);
    }

    private boolean isNew(int pupil) {
      return at.get(Standing.NEW.ordinal()).get(pupil);
    }
  }

  StandingsByRung(ClassProgress progress) {
    Ladder ladder = progress.ladder();
    pupils = List.copyOf(progress.pupils().keySet());
    for (Rung rung : ladder.all()) {
      columns.put(rung.id(), OfRung.of(pupils.size()));
    }
    for (int pupil = 0; pupil < pupils.size(); pupil++) {
      Map<String, Progress> told = Objects.requireNonNull(progress.pupils().get(pupils.get(pupil)));
      int place = pupil;
      told.forEach(
          (rung, each) -> {
            if (columns.containsKey(rung)) {
              columns.get(rung).put(place, each.standing());
            }
          });
      Set<String> shown = new HashSet<>();
      told.forEach(
          (rung, each) -> {
            if (each.standing().stands()) {
              show(rung, ladder, shown);
            }
          });
      stand(place, told, shown);
    }
  }

  /** Adds a rung, and every rung that it needs, to those that are shown. */
  private static void show(String rung, Ladder ladder, Set<String> shown) {
    if (shown.add(rung)) {
      ladder
          .find(rung)
          .ifPresent(found -> found.needs().forEach(need -> show(need, ladder, shown)));
    }
  }

  /** Lets the shown rungs stand, but none that the pupil has worked without being sure of it. */
  private void stand(int pupil, Map<String, Progress> told, Set<String> shown) {
    for (String rung : shown) {
      OfRung column = columns.get(rung);
      boolean isSo = told.containsKey(rung) && told.get(rung).standing().stands();
      if (column != null && (isSo || column.isNew(pupil))) {
        column.stands().set(pupil);
      }
    }
  }

  int size() {
    return pupils.size();
  }

  /** The pupils with one standing on a rung of the ladder. */
  BitSet at(String rung, Standing standing) {
    return Objects.requireNonNull(columns.get(rung)).at().get(standing.ordinal());
  }

  /** The pupils who stand on a rung; all of them for a rung that the class does not have. */
  BitSet stands(String rung) {
    return columns.containsKey(rung) ? columns.get(rung).stands() : all();
  }

  /** The pupils with another standing. */
  BitSet open(String rung) {
    BitSet open = all();
    open.andNot(stands(rung));
    return open;
  }

  BitSet all() {
    BitSet all = new BitSet(size());
    all.set(0, size());
    return all;
  }

  /** The ids of some pupils, in the order of the class. */
  List<Long> ids(BitSet some) {
    return some.stream().mapToObj(pupils::get).toList();
  }
}
