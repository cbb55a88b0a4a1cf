package bemble.methods;

import bemble.method.Method;
import bemble.method.Misfit;
import bemble.method.addition.ColumnAddition;
import bemble.method.addition.InPairs;
import bemble.method.addition.LeftToRight;
import bemble.method.division.Groups;
import bemble.method.division.LongDivision;
import bemble.method.division.PartialQuotients;
import bemble.method.division.ShortDivision;
import bemble.method.drawing.BlocksAddition;
import bemble.method.drawing.BlocksSubtraction;
import bemble.method.drawing.DotFrames;
import bemble.method.multiplication.AreaMethod;
import bemble.method.multiplication.ColumnMultiplication;
import bemble.method.multiplication.Crosswise;
import bemble.method.multiplication.Lattice;
import bemble.method.root.DigitPairs;
import bemble.method.subtraction.AddToBoth;
import bemble.method.subtraction.CountBack;
import bemble.method.subtraction.CountUp;
import bemble.method.subtraction.Exchange;
import bemble.method.subtraction.Expanded;
import bemble.problem.Operation;
import bemble.problem.Problem;
import java.util.List;
import java.util.Optional;

/** Every method there is, the usual one of each operation first. */
public final class Methods {
  private static final List<Method<?>> ALL =
      List.of(
          new ColumnAddition(),
          new InPairs(),
          new LeftToRight(),
          new BlocksAddition(),
          new DotFrames(),
          new Exchange(),
          new AddToBoth(),
          new Expanded(),
          new CountUp(),
          new CountBack(),
          new BlocksSubtraction(),
          new ColumnMultiplication(),
          new AreaMethod(),
          new Crosswise(),
          new Lattice(),
          new LongDivision(),
          new ShortDivision(),
          new PartialQuotients(),
          new Groups(),
          new DigitPairs());

  private Methods() {}

  /** All methods. */
  public static List<Method<?>> all() {
    return ALL;
  }

  /** The methods of an operation, the usual one first. */
  public static List<Method<?>> of(Operation operation) {
    return ALL.stream().filter(method -> method.operation() == operation).toList();
  }

  /** The method of that id for an operation, if there is one. */
  public static Optional<Method<?>> find(Operation operation, String id) {
    return of(operation).stream().filter(method -> method.id().equals(id)).findFirst();
  }

  /** The method that a class learns first for an operation. */
  public static Method<?> usual(Operation operation) {
    return of(operation).get(0);
  }

  /** The method that proves the answers of another one by other work. */
  public static Method<?> partner(Method<?> method) {
    return method
        .partner()
        .flatMap(id -> find(method.operation(), id))
        .orElseGet(() -> usual(method.operation()));
  }

  /** Why a method cannot be used for a sum of its operation; empty where it can. */
  public static Optional<Misfit> misfit(Method<?> method, Problem problem) {
    return typed(method).misfit(problem);
  }

  @SuppressWarnings("unchecked") // a method's operation decides the type of its sums
  private static Method<Problem> typed(Method<?> method) {
    return (Method<Problem>) method;
  }
}
