package bemble.ladder;

import bemble.problem.Operation;
import bemble.problem.Problem;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The rungs of every operation. */
public final class Ladder {
  private Ladder() {}

  /** The rungs of an operation, from easy to hard. */
  public static List<Rung> of(Operation operation) {
    return switch (operation) {
      case ADDITION -> AdditionRungs.ALL;
      case SUBTRACTION -> SubtractionRungs.ALL;
      case MULTIPLICATION -> MultiplicationRungs.ALL;
      case DIVISION -> DivisionRungs.ALL;
      case ROOT -> RootRungs.ALL;
    };
  }

  /** All rungs, operation after operation. */
  public static List<Rung> all() {
    return Arrays.stream(Operation.values()).flatMap(each -> of(each).stream()).toList();
  }

  /**
   * The rung that a sum belongs to among those worked by a method: the highest one that adds
   * something the sum shows, otherwise the highest one that it fits; none where it fits no rung.
   */
  public static Optional<Rung> place(Problem problem, String method) {
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

  /** The rung of an id. */
  public static Optional<Rung> find(String id) {
    return all().stream().filter(rung -> rung.id().equals(id)).findFirst();
  }
}
