package bemble.problem;

import bemble.number.Numeral;
import bemble.number.Require;
import java.util.List;

/**
 * Two whole numbers to be multiplied.
 *
 * @param multiplicand the number that is multiplied
 * @param multiplier the number of times
 */
public record Multiplication(Numeral multiplicand, Numeral multiplier) implements Problem {
  /** Refuses figures after the point. */
  public Multiplication {
    Require.that(multiplicand.isWhole(), "multiplicand", multiplicand, "must be whole");
    Require.that(multiplier.isWhole(), "multiplier", multiplier, "must be whole");
  }

  @Override
  public Operation operation() {
    return Operation.MULTIPLICATION;
  }

  @Override
  public List<Numeral> numbers() {
    return List.of(multiplicand, multiplier);
  }
}
