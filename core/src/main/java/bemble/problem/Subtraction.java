package bemble.problem;

import bemble.number.Numeral;
import bemble.number.Require;
import java.util.List;

/**
 * A number to be taken from another.
 *
 * @param minuend the number that is taken from
 * @param subtrahend the number that is taken, not larger
 */
public record Subtraction(Numeral minuend, Numeral subtrahend) implements Problem {
  /** Refuses a difference below zero. */
  public Subtraction {
    Require.that(
        minuend.value().compareTo(subtrahend.value()) >= 0,
        "subtrahend",
        subtrahend,
        "must not be larger than " + minuend);
  }

  @Override
  public Operation operation() {
    return Operation.SUBTRACTION;
  }

  @Override
  public List<Numeral> numbers() {
    return List.of(minuend, subtrahend);
  }
}
