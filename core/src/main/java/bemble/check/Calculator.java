package bemble.check;

import bemble.number.Numeral;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.procedure.Answer;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;

/**
 * The bare result of a sum, by the machine's own arithmetic: a stand-in for the calculator on a
 * desk. It shares nothing with the methods, so it can be held against them.
 */
public final class Calculator {
  private Calculator() {}

  /** The answer to the problem. */
  public static Answer result(Problem problem) {
    List<BigDecimal> numbers = problem.numbers().stream().map(Numeral::value).toList();
    return switch (problem.operation()) {
      case ADDITION -> one(numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add));
      case SUBTRACTION -> one(numbers.get(0).subtract(numbers.get(1)));
      case MULTIPLICATION -> one(numbers.get(0).multiply(numbers.get(1)));
      case DIVISION -> {
        BigInteger[] parts =
            numbers.get(0).toBigInteger().divideAndRemainder(numbers.get(1).toBigInteger());
        yield new Answer.Quotient(Numeral.of(parts[0]), Numeral.of(parts[1]));
      }
      case ROOT -> root((Root) problem);
    };
  }

  private static Answer one(BigDecimal value) {
    return new Answer.One(Numeral.parse(value.toPlainString()));
  }

  /**
   * With n places, the whole root of the radicand times 10^2n, cut off. A root that comes out
   * before ends there, so √4 to 3 places is 2.
   */
  private static Answer root(Root root) {
    BigDecimal radicand = root.radicand().value();
    for (int places = 0; places < root.places(); places++) {
      BigInteger cut = cutOff(radicand, places);
      if (square(cut, places).compareTo(radicand) == 0) {
        Numeral exact = Numeral.of(cut, places);
        Numeral above = Numeral.of(cut.add(BigInteger.ONE), places);
        return new Answer.SquareRoot(exact, exact, above, Numeral.of(BigInteger.ZERO, 2 * places));
      }
    }
    int places = root.places();
    BigInteger cut = cutOff(radicand, places);
    BigDecimal left = radicand.subtract(square(cut, places));
    // The root lies in the upper half of its step when 4 n reaches (2 r + 1)², in units of the
    // step.
    BigDecimal doubled = new BigDecimal(cut.shiftLeft(1).add(BigInteger.ONE).pow(2));
    BigDecimal four = radicand.movePointRight(2 * places).multiply(BigDecimal.valueOf(4));
    BigInteger next = cut.add(BigInteger.ONE);
    BigInteger nearest = four.compareTo(doubled) >= 0 ? next : cut;
    return new Answer.SquareRoot(
        Numeral.of(cut, places),
        Numeral.of(nearest, places),
        Numeral.of(next, places),
        Numeral.parse(left.toPlainString()));
  }

  private static BigInteger cutOff(BigDecimal radicand, int places) {
    return radicand.movePointRight(2 * places).toBigInteger().sqrt();
  }

  private static BigDecimal square(BigInteger root, int places) {
    return new BigDecimal(root.multiply(root)).movePointLeft(2 * places);
  }
}
