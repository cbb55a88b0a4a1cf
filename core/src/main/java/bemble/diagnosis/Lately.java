package bemble.diagnosis;

import bemble.practice.Item;
import bemble.problem.Operation;
import bemble.slip.Slip;
import bemble.style.Style;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Diagnoses pupils by all their recent work, one operation at a time. Everything that is said of a
 * child comes from here. For several threads, one at a time.
 */
public final class Lately {
  /** How many days back work counts. */
  public static final int DAYS = 28;

  /** Of more sums of an operation the latest tell enough. */
  private static final int MOST = 120;

  /** The work of so many pupils is not looked at again while it stays the same. */
  private static final int KEPT = 400;

  /** A diagnosis with its grounds, without the places where the work stands. */
  private record Looked(Diagnoser diagnoser, List<AnswerSpace> given, Diagnosis diagnosis) {}

  private record Asked(List<Work> works, Pool pool, int most) {}

  private final Foresight foresight;
  private final Map<List<Work>, Looked> looked = new Latest<>(KEPT);
  private final Map<Asked, List<Item>> next = new Latest<>(KEPT);

  /** For pupils of a class that works in a style. */
  public Lately(Style style) {
    foresight = new Foresight(style);
  }

  /**
   * The diagnosis of some work.
   *
   * @param places of the work among all work of the pupil, from 0
   * @param works the same, in this order
   */
  public record Told(List<Integer> places, List<Work> works, Diagnosis diagnosis) {
    /** Keeps copies. */
    public Told {
      places = List.copyOf(places);
      works = List.copyOf(works);
    }
  }

  /**
   * The diagnosis of one pupil's work up to a day, and not long before it.
   *
   * @param works in any order
   * @return by the operations that were worked
   */
  public synchronized Map<Operation, Told> told(List<Work> works, LocalDate day) {
    Map<Operation, List<Integer>> places = new EnumMap<>(Operation.class);
    for (int i = 0; i < works.size(); i++) {
      LocalDate worked = works.get(i).day();
      if (!worked.isAfter(day) && worked.isAfter(day.minusDays(DAYS))) {
        places
            .computeIfAbsent(works.get(i).item().problem().operation(), any -> new ArrayList<>())
            .add(i);
      }
    }
    Map<Operation, Told> told = new EnumMap<>(Operation.class);
    places.forEach((operation, some) -> told.put(operation, told(works, latest(works, some))));
    return told;
  }

  private static List<Integer> latest(List<Work> works, List<Integer> places) {
    return places.stream()
        .sorted((one, other) -> works.get(other).day().compareTo(works.get(one).day()))
        .limit(MOST)
        .sorted()
        .toList();
  }

  private Told told(List<Work> works, List<Integer> places) {
    List<Work> some = places.stream().map(works::get).toList();
    return new Told(places, some, look(some).diagnosis());
  }

  private Looked look(List<Work> works) {
    Looked known = looked.get(works);
    if (known == null) {
      List<AnswerSpace> given = works.stream().map(Work::space).toList();
      Diagnoser diagnoser = foresight.diagnoser(works.stream().map(Work::item).toList());
      known = new Looked(diagnoser, given, diagnoser.of(given));
      looked.put(works, known);
    }
    return known;
  }

  /** The sums that are expected to decide most about the explanations in doubt. */
  public synchronized List<Item> askNext(Told told, Pool pool, int most) {
    Asked asked = new Asked(told.works(), pool, most);
    List<Item> known = next.get(asked);
    if (known == null) {
      Looked at = look(told.works());
      known = at.diagnoser().askNext(at.given(), pool, most);
      next.put(asked, known);
    }
    return known;
  }

  /**
   * The slips that may be said of the work of one day.
   *
   * @return by the places of the work, from 0: the slip that it shows, with those that are not told
   *     from it; nothing where no slip is sure
   */
  public Map<Integer, List<Slip>> said(List<Work> works, LocalDate day) {
    Map<Integer, List<Slip>> said = new TreeMap<>();
    told(works, day)
        .values()
        .forEach(
            told ->
                told.diagnosis()
                    .said()
                    .forEach(
                        (place, slips) -> {
                          int at = told.places().get(place);
                          if (works.get(at).day().equals(day)) {
                            said.put(at, slips);
                          }
                        }));
    return said;
  }
}
