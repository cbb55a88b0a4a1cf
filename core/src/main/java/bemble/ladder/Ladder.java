package bemble.ladder;

import bemble.problem.Operation;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

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

  /** The rung of an id. */
  public static Optional<Rung> find(String id) {
    return all().stream().filter(rung -> rung.id().equals(id)).findFirst();
  }
}
