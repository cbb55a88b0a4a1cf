package bemble.number;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as somebody types it, and what is left over where that is said: {@code 1,234}, {@code 18
 * r 4}.
 *
 * @param value without spaces and marks between thousands, and with a point before the tenths
 * @param remainder the same of what is left over
 */
public record Typed(String value, Optional<String> remainder) {
  private static final Pattern WITH_REMAINDER =
      Pattern.compile("(.*?)(?:remainder|rem\\.?|r)(.*)", Pattern.CASE_INSENSITIVE);

  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

  /** Takes a text apart, in the marks of a class in which a comma may stand before the tenths. */
  public static Typed of(String text, boolean decimalComma) {
    Matcher parts = WITH_REMAINDER.matcher(text);
    boolean both = parts.matches();
    return new Typed(
        plain(both ? parts.group(1) : text, decimalComma),
        both ? Optional.of(plain(parts.group(2), decimalComma)) : Optional.empty());
  }

  private static String plain(String text, boolean decimalComma) {
    String bare = text.replaceAll("[\\s\\u2009\\u00a0\\u202f]", "");
    return decimalComma ? bare.replace(".", "").replace(',', '.') : bare.replace(",", "");
  }

  /** How many figures and points the longer of both has. */
  public int length() {
    return Math.max(value.length(), remainder.map(String::length).orElse(0));
  }

  /** Whether both are numbers, with figures on both sides of a point. */
  public boolean isNumber() {
    return NUMBER.matcher(value).matches()
        && remainder.map(left -> NUMBER.matcher(left).matches()).orElse(true);
  }
}
