package bemble.problem;

import bemble.number.Numeral;
import bemble.number.Require;
import java.util.List;

/**
 * The division of a whole number by another, with a remainder.
 *
 * @param dividend the number that is divided
 * @param divisor the number that it is divided by, not zero
 */
public record Division(Numeral dividend, Numeral divisor) implements Problem {
  /** Refuses figures after the point, and zero to divide by. */
  public Division {
    Require.that(dividend.isWhole(), "dividend", dividend, "must be whole");
    Require.that(divisor.isWhole(), "divisor", divisor, "must be whole");
    Require.that(!divisor.isZero(), "divisor", divisor, "must not be zero");
  }

  @Override
  public Operation operation() {
    return Operation.DIVISION;
  }

  @Override
  public List<Numeral> numbers() {
    return List.of(dividend, divisor);
  }
}
