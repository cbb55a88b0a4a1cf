package bemble.notation;

import bemble.style.Choice;
import bemble.style.Style;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as somebody types it, with its remainder if there is one: {@code 1,234}, {@code 18 r 4}.
 *
 * @param signs how long the text is
 * @param value without spaces and marks between thousands, and with a point before the tenths
 * @param remainder the same of the remainder
 */
public record Typed(int signs, String value, Optional<String> remainder) {
  /** The most figures and points of a number that is taken: more than any true answer has. */
  private static final int MOST_FIGURES = 60;

  /** The most characters of a text with its spaces and marks, which are kept as they are typed. */
  private static final int MOST_SIGNS = 80;

  private static final Pattern GROUPED =
      Pattern.compile("(\\d{1,3}(t\\d{3})+|\\d{1,2}(t\\d{2})+t\\d{3})(d\\d+)?");
  private static final Pattern MARKED = Pattern.compile("\\d[\\d.,]*");
  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

  /** Takes a text apart, in the marks and the words of a class. */
  public static Typed of(String text, Style style) {
    boolean decimalComma = style.has(Choice.DecimalMark.COMMA);
    Matcher parts = Notation.of(style).withRemainder().matcher(text);
    boolean both = parts.matches();
    return new Typed(
        text.strip().length(),
        plain(both ? parts.group(1) : text, decimalComma),
        both ? Optional.of(plain(parts.group(2), decimalComma)) : Optional.empty());
  }

  /**
   * Marks between thousands go where they stand between thousands. A single one elsewhere is the
   * decimal mark of the other notation; any others stay, so that the text is no number.
   */
  private static String plain(String text, boolean decimalComma) {
    String bare = text.replaceAll("[\\s\\u2009\\u00a0\\u202f]", "");
    String decimal = decimalComma ? "," : ".";
    String thousands = decimalComma ? "." : ",";
    if (GROUPED.matcher(bare.replace(decimal, "d").replace(thousands, "t")).matches()) {
      return bare.replace(thousands, "").replace(decimal, ".");
    }
    boolean isOther =
        !bare.contains(decimal)
            && bare.contains(thousands)
            && bare.indexOf(thousands) == bare.lastIndexOf(thousands);
    if (isOther) {
      return bare.replace(thousands, ".");
    }
    return bare.contains(thousands) ? bare : bare.replace(decimal, ".");
  }

  /** Whether it would be a number without its marks, which stand where none belongs. */
  public boolean hasOddMark() {
    return !isNumber()
        && MARKED.matcher(value).matches()
        && remainder.map(left -> MARKED.matcher(left).matches()).orElse(true);
  }

  /** Whether it has more than 60 figures and points on either side, or more than 80 signs. */
  public boolean isTooLong() {
    return signs > MOST_SIGNS
        || value.length() > MOST_FIGURES
        || remainder.map(String::length).orElse(0) > MOST_FIGURES;
  }

  /** Whether both are numbers, with figures on both sides of a point. */
  public boolean isNumber() {
    return NUMBER.matcher(value).matches()
        && remainder.map(left -> NUMBER.matcher(left).matches()).orElse(true);
  }
}
