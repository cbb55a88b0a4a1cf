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
              .map(rung -> new Step(rung, false))
              .toList());

  private final Map<String, Step> steps = new LinkedHashMap<>();
  private final List<Rung> shown;

  private Ladder(List<Step> steps) {
    steps.forEach(step -> this.steps.put(step.rung().id(), step));
    shown = steps.stream().filter(step -> !step.hidden()).map(Step::rung).toList();
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
   * The ladder of a class. A shipped rung that is not among the steps comes behind the one that it
   * follows on the standard ladder. A rung needs what it needs on the standard ladder, as far as
   * that comes before it; where that is hidden, it needs what the hidden rung needs. A rung of the
   * class's own needs the last one before it that is worked by one of its methods.
   *
   * @param steps shipped rungs and some of the class's own, from easy to hard in each operation
   */
  public static Ladder of(List<Step> steps) {
    List<Step> all = new ArrayList<>();
    for (Operation operation : Operation.values()) {
      List<Step> some = complete(steps, operation);
      List<Step> before = new ArrayList<>();
      for (Step step : some) {
        before.add(new Step(needing(step.rung(), before), step.hidden()));
      }
      all.addAll(before);
    }
    return new Ladder(all);
  }

  private static List<Step> complete(List<Step> steps, Operation operation) {
    List<Step> some = new ArrayList<>();
    steps.stream().filter(step -> step.rung().operation() == operation).forEach(some::add);
    List<Rung> shipped = shipped(operation);
    for (int i = 0; i < shipped.size(); i++) {
      if (place(shipped.get(i), some) < 0) {
        int before = i == 0 ? -1 : place(shipped.get(i - 1), some);
        some.add(before + 1, new Step(shipped.get(i), false));
      }
    }
    return some;
  }

  private static int place(Rung rung, List<Step> steps) {
    return steps.stream().map(step -> step.rung().id()).toList().indexOf(rung.id());
  }

  private static Rung needing(Rung rung, List<Step> before) {
    if (STANDARD.find(rung.id()).isPresent()) {
      return rung.needing(shown(rung.needs(), before));
    }
    List<String> fitting =
        before.stream()
            .filter(step -> !step.hidden())
            .map(Step::rung)
            .filter(each -> rung.methods().stream().anyMatch(each.methods()::contains))
            .map(Rung::id)
            .toList();
    return rung.needing(fitting.subList(Math.max(0, fitting.size() - 1), fitting.size()));
  }

  /** The needs that come before; for each that is hidden, those that it has itself. */
  private static Set<String> shown(Collection<String> needs, List<Step> before) {
    Set<String> shown = new LinkedHashSet<>();
    for (String need : needs) {
      for (Step step : before) {
        if (step.rung().id().equals(need)) {
          shown.addAll(step.hidden() ? step.rung().needs() : List.of(need));
        }
      }
    }
    return shown;
  }

  /** The rungs of an operation, from easy to hard, without those that are hidden. */
  public List<Rung> of(Operation operation) {
    return shown.stream().filter(rung -> rung.operation() == operation).toList();
  }

  /** All rungs, operation after operation, without those that are hidden. */
  public List<Rung> all() {
    return shown;
  }

  /** All rungs with those that are hidden, in the same order. */
  public List<Step> steps() {
    return List.copyOf(steps.values());
  }

  /**
   * The rung that a sum belongs to among those worked by a method: the highest one that adds
   * something the sum shows, otherwise the highest one that it fits; none where it fits no rung.
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
    return Optional.ofNullable(steps.get(id)).map(Step::rung);
  }
}
