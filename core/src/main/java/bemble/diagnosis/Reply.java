package bemble.diagnosis;

import bemble.number.Numeral;
import bemble.plan.Answer;
import bemble.problem.Operation;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a pupil gives as the answer of a sum.
 *
 * @param value the number
 * @param remainder what is said to be left over; empty where nothing is said of it
 */
public record Reply(BigDecimal value, Optional<BigDecimal> remainder) {
  private static final int MOST_FIGURES = 40;

  private static final Pattern WITH_REMAINDER = Pattern.compile("(.*?)[rR](.*)");

  private static final Pattern NUMBER = Pattern.compile("\\d{1,40}(\\.\\d{1,40})?");

  /** Why a text is no answer. */
  public enum Fault {
    /** It is not a number. */
    NO_NUMBER,
    /** It has more than 40 figures. */
    TOO_LONG,
    /** It has a remainder, and sums of this operation have none. */
    NO_REMAINDER_HERE
  }

  /**
   * What keeps a text from being an answer; empty where nothing does.
   *
   * @param text in a class's own marks: {@code 1,234}, {@code 18 r 4}
   * @param decimalComma whether a comma stands before the tenths
   */
  public static Optional<Fault> fault(String text, Operation operation, boolean decimalComma) {
    Matcher parts = WITH_REMAINDER.matcher(text);
    boolean both = parts.matches();
    if (both && operation != Operation.DIVISION && operation != Operation.ROOT) {
      return Optional.of(Fault.NO_REMAINDER_HERE);
    }
    String value = plain(both ? parts.group(1) : text, decimalComma);
    String rest = both ? plain(parts.group(2), decimalComma) : "0";
    if (value.length() > MOST_FIGURES || rest.length() > MOST_FIGURES) {
      return Optional.of(Fault.TOO_LONG);
    }
    return NUMBER.matcher(value).matches() && NUMBER.matcher(rest).matches()
        ? Optional.empty()
        : Optional.of(Fault.NO_NUMBER);
  }

  /** Reads a text in which {@link #fault} finds nothing. */
  public static Reply read(String text, boolean decimalComma) {
    Matcher parts = WITH_REMAINDER.matcher(text);
    boolean both = parts.matches();
    BigDecimal value = new BigDecimal(plain(both ? parts.group(1) : text, decimalComma));
    return new Reply(
        value,
        both ? Optional.of(new BigDecimal(plain(parts.group(2), decimalComma))) : Optional.empty());
  }

  /** The number without marks between its thousands, with a point before its tenths. */
  private static String plain(String text, boolean decimalComma) {
    String bare = text.replaceAll("[\\s\\u2009\\u00a0\\u202f]", "");
    return decimalComma ? bare.replace(".", "").replace(',', '.') : bare.replace(",", "");
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
