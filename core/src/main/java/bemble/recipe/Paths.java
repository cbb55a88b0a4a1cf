package bemble.recipe;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The paths through a graph without circles, from a state to an end: how many there are, and which
 * one has a given number. Each number below {@link #count} belongs to one path, so that a uniform
 * number draws a uniform path.
 *
 * @param <S> the facts about the places worked so far
 * @param <C> the choice of a step
 */
abstract class Paths<S, C> {
  private final Map<S, BigInteger> counts = new HashMap<>();

  /**
   * A step that can be made in some ways.
   *
   * @param to where it leads; null where the path ends well
   * @param ways in how many ways, 1 or more
   * @param choice the choice
   */
  record Branch<S, C>(@Nullable S to, long ways, C choice) {}

  /**
   * A step of a path.
   *
   * @param choice the choice
   * @param way in which of its ways, from 0
   */
  record Taken<C>(C choice, long way) {}

  /** The steps that can follow a state, always in the same order. */
  abstract List<Branch<S, C>> steps(S from);

  /** How many paths lead from a state to an end. */
  final BigInteger count(@Nullable S from) {
    if (from == null) {
      return BigInteger.ONE;
    }
    BigInteger known = counts.get(from);
    if (known != null) {
      return known;
    }
    BigInteger count = BigInteger.ZERO;
    for (Branch<S, C> step : steps(from)) {
      count = count.add(count(step));
    }
    counts.put(from, count);
    return count;
  }

  private BigInteger count(Branch<S, C> step) {
    BigInteger on = count(step.to());
    return step.ways() == 1 ? on : on.multiply(BigInteger.valueOf(step.ways()));
  }

  /** The path of a number from 0 to below {@link #count}. */
  final List<Taken<C>> path(S from, BigInteger number) {
    List<Taken<C>> path = new ArrayList<>();
    S at = from;
    BigInteger left = number;
    while (at != null) {
      for (Branch<S, C> step : steps(at)) {
        BigInteger through = count(step);
        if (left.compareTo(through) < 0) {
          BigInteger[] parts = left.divideAndRemainder(count(step.to()));
          path.add(new Taken<>(step.choice(), parts[0].longValueExact()));
          left = parts[1];
          at = step.to();
          break;
        }
        left = left.subtract(through);
      }
    }
    return path;
  }
}
