package bemble.ladder;

import bemble.problem.Operation;
import bemble.problem.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The rungs of every operation, in the order in which a class climbs them. */
public final class Ladder {
  /** The ladder that Bemble is shipped with. */
  public static final Ladder STANDARD =
      new Ladder(
          Arrays.stream(Operation.values())
              .flatMap(each -> shipped(each).stream())
              .map(rung -> new PlacedRung(rung, false))
              .toList());

  private final Map<String, PlacedRung> placedRungs = new LinkedHashMap<>();
  private final List<Rung> shown;

  private Ladder(List<PlacedRung> placedRungs) {
    placedRungs.forEach(placed -> this.placedRungs.put(placed.rung().id(), placed));
    shown = placedRungs.stream().filter(placed -> !placed.hidden()).map(PlacedRung::rung).toList();
  }

  private static List<Rung> shipped(Operation operation) {
    return switch (operation) {
      case ADDITION -> AdditionRungs.ALL;
      case SUBTRACTION -> SubtractionRungs.ALL;
      case MULTIPLICATION -> MultiplicationRungs.ALL;
      case DIVISION -> DivisionRungs.ALL;
      case ROOT -> RootRungs.ALL;
    };
  }

  /**
   * The ladder of a class. A shipped rung that is not among the placedRungs comes behind the one
   * that it follows on the standard ladder. The needs of a rung are those on the standard ladder
   * that come before it; a hidden one is replaced by its own needs. A rung of the class's own needs
   * the last one before it that is worked by one of its methods.
   *
   * @param placedRungs shipped rungs and some of the class's own, from easy to hard in each
   *     operation
   */
  public static Ladder of(List<PlacedRung> placedRungs) {
    List<PlacedRung> all = new ArrayList<>();
    for (Operation operation : Operation.values()) {
      List<PlacedRung> some = complete(placedRungs, operation);
      List<PlacedRung> before = new ArrayList<>();
      for (PlacedRung placed : some) {
        before.add(new PlacedRung(needing(placed.rung(), before), placed.hidden()));
      }
      all.addAll(before);
    }
    return new Ladder(all);
  }

  private static List<PlacedRung> complete(List<PlacedRung> placedRungs, Operation operation) {
    List<PlacedRung> some = new ArrayList<>();
    placedRungs.stream()
        .filter(placed -> placed.rung().operation() == operation)
        .forEach(some::add);
    List<Rung> shipped = shipped(operation);
    for (int i = 0; i < shipped.size(); i++) {
      if (place(shipped.get(i), some) < 0) {
        int before = i == 0 ? -1 : place(shipped.get(i - 1), some);
        some.add(before + 1, new PlacedRung(shipped.get(i), false));
      }
    }
    return some;
  }

  private static int place(Rung rung, List<PlacedRung> placedRungs) {
    return placedRungs.stream().map(placed -> placed.rung().id()).toList().indexOf(rung.id());
  }

  private static Rung needing(Rung rung, List<PlacedRung> before) {
    if (STANDARD.find(rung.id()).isPresent()) {
      return rung.needing(shown(rung.needs(), before));
    }
    List<String> fitting =
        before.stream()
            .filter(placed -> !placed.hidden())
            .map(PlacedRung::rung)
            .filter(each -> rung.methods().stream().anyMatch(each.methods()::contains))
            .map(Rung::id)
            .toList();
    return rung.needing(fitting.subList(Math.max(0, fitting.size() - 1), fitting.size()));
  }

  /** The needs that come before; a hidden one is replaced by its own needs. */
  private static Set<String> shown(Collection<String> needs, List<PlacedRung> before) {
    Set<String> shown = new LinkedHashSet<>();
    for (String need : needs) {
      for (PlacedRung placed : before) {
        if (placed.rung().id().equals(need)) {
          shown.addAll(placed.hidden() ? placed.rung().needs() : List.of(need));
        }
      }
    }
    return shown;
  }

  /** The rungs of an operation, from easy to hard, without the hidden ones. */
  public List<Rung> of(Operation operation) {
    return shown.stream().filter(rung -> rung.operation() == operation).toList();
  }

  /** All rungs, operation after operation, without the hidden ones. */
  public List<Rung> all() {
    return shown;
  }

  /** All rungs including the hidden ones, in the same order. */
  public List<PlacedRung> placedRungs() {
    return List.copyOf(placedRungs.values());
  }

  /**
   * The rung that a sum belongs to among those worked by a method: the highest one with news that
   * the sum shows, otherwise the highest one that it fits; none if it fits no rung.
   */
  public Optional<Rung> place(Problem problem, String method) {
    List<Rung> fitting =
        of(problem.operation()).stream()
            .filter(rung -> rung.methods().contains(method) && rung.fits(problem))
            .toList();
    return highest(fitting.stream().filter(rung -> !rung.adds().isEmpty()))
        .or(() -> highest(fitting.stream()));
  }

  private static Optional<Rung> highest(Stream<Rung> rungs) {
    return rungs.reduce((lower, higher) -> higher);
  }

  /** The rung of an id, even where it is hidden. */
  public Optional<Rung> find(String id) {
    return Optional.ofNullable(placedRungs.get(id)).map(PlacedRung::rung);
  }
}
