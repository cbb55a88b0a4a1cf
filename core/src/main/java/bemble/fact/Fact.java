package bemble.fact;

import bemble.number.Require;
import java.math.BigInteger;
import java.util.List;

/**
 * A small calculation done in the head in the course of a working.
 *
 * @param kind the operation
 * @param operands the numbers of the operation, in the order said
 * @param result the result of the operation
 */
public record Fact(Kind kind, List<BigInteger> operands, BigInteger result) {
  /** Keeps a copy of the operands. */
  public Fact {
    operands = List.copyOf(operands);
  }

  /** Sorts of number fact. */
  public enum Kind {
    /** All operands added. */
    ADD,
    /** The second taken from the first. */
    SUBTRACT,
    /** The two multiplied. */
    MULTIPLY,
    /** How many times the second goes into the first, whole times only. */
    HOW_MANY,
    /** The largest number whose square is not above the operand. */
    LARGEST_SQUARE
  }

  /** The fact that the operands make their total. */
  public static Fact add(List<BigInteger> operands) {
    return new Fact(Kind.ADD, operands, operands.stream().reduce(BigInteger.ZERO, BigInteger::add));
  }

  /** The subtraction fact {@code from − taken}; {@code taken} is not the larger. */
  public static Fact subtract(BigInteger from, BigInteger taken) {
    return new Fact(Kind.SUBTRACT, List.of(from, taken), from.subtract(taken).max(BigInteger.ZERO));
  }

  /** The fact of a product. */
  public static Fact multiply(BigInteger one, BigInteger other) {
    return new Fact(Kind.MULTIPLY, List.of(one, other), one.multiply(other));
  }

  /** The fact of how many whole times {@code divisor}, not zero, goes into {@code number}. */
  public static Fact howMany(BigInteger number, BigInteger divisor) {
    return new Fact(Kind.HOW_MANY, List.of(number, divisor), number.divide(divisor));
  }

  /** The fact of the largest square not above {@code number}. */
  public static Fact largestSquare(BigInteger number) {
    return new Fact(Kind.LARGEST_SQUARE, List.of(number), number.sqrt());
  }

  /**
   * The fact of a kind for given operands.
   *
   * @throws IllegalArgumentException where the kind takes another number of operands, where more is
   *     taken than there is, or where the divisor is zero
   */
  public static Fact of(Kind kind, List<BigInteger> operands) {
    int wanted = kind == Kind.LARGEST_SQUARE ? 1 : 2;
    Require.that(
        kind == Kind.ADD ? operands.size() >= 1 : operands.size() == wanted,
        "operands",
        operands,
        "do not suit " + kind);
    BigInteger first = operands.get(0);
    BigInteger last = operands.get(operands.size() - 1);
    Require.that(kind != Kind.SUBTRACT || last.compareTo(first) <= 0, "taken", last, "is too much");
    Require.that(kind != Kind.HOW_MANY || last.signum() > 0, "divisor", last, "must not be zero");
    return switch (kind) {
      case ADD -> add(operands);
      case SUBTRACT -> subtract(first, last);
      case MULTIPLY -> multiply(first, last);
      case HOW_MANY -> howMany(first, last);
      case LARGEST_SQUARE -> largestSquare(first);
    };
  }
}
