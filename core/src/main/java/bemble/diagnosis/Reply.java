package bemble.diagnosis;

import bemble.notation.Typed;
import bemble.number.Numeral;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * The answer of a pupil to a sum.
 *
 * @param value the number
 * @param remainder the remainder; empty if the reply has none
 */
public record Reply(BigDecimal value, Optional<BigDecimal> remainder) {
  /** Why a text is no answer. */
  public enum Fault {
    /** It is not a number. */
    NO_NUMBER,
    /** It would be a number but for a mark in an odd place: 1,2,3,4. */
    ODD_MARK,
    /** It has more than 60 figures, or 80 signs. */
    TOO_LONG,
    /** It has a remainder, and sums of this operation have none. */
    NO_REMAINDER_HERE
  }

  /**
   * The fault of a text that is no answer; empty if it is one.
   *
   * @param text in a class's own marks: {@code 1,234}, {@code 18 r 4}
   * @param style the conventions of the class
   */
  public static Optional<Fault> fault(String text, Operation operation, Style style) {
    Typed typed = Typed.of(text, style);
    boolean mayHaveRest = operation == Operation.DIVISION || operation == Operation.ROOT;
    if (typed.remainder().isPresent() && !mayHaveRest) {
      return Optional.of(Fault.NO_REMAINDER_HERE);
    }
    if (typed.isTooLong()) {
      return Optional.of(Fault.TOO_LONG);
    }
    if (typed.isNumber()) {
      return Optional.empty();
    }
    return Optional.of(typed.hasOddMark() ? Fault.ODD_MARK : Fault.NO_NUMBER);
  }

  /** Reads a text in which {@link #fault} finds nothing. */
  public static Reply read(String text, Style style) {
    Typed typed = Typed.of(text, style);
    return new Reply(new BigDecimal(typed.value()), typed.remainder().map(BigDecimal::new));
  }

  /** Whether this is that answer; a root may be cut off or rounded, and zeros may stand behind. */
  public boolean is(Answer answer) {
    if (answer instanceof Answer.SquareRoot root) {
      boolean found = same(root.value()) || same(root.rounded());
      return found && remainder.map(left -> same(left, root.remainder())).orElse(true);
    }
    if (answer instanceof Answer.Quotient quotient) {
      return same(quotient.value())
          && remainder
              .map(left -> same(left, quotient.remainder()))
              .orElse(quotient.remainder().isZero());
    }
    return same(answer.value()) && remainder.map(left -> left.signum() == 0).orElse(true);
  }

  private boolean same(Numeral number) {
    return same(value, number);
  }

  private static boolean same(BigDecimal one, Numeral other) {
    return one.compareTo(other.value()) == 0;
  }
}
