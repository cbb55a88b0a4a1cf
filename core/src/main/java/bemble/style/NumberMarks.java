package bemble.style;

import bemble.number.Numeral;

/**
 * The marks with which numbers are written.
 *
 * @param thousands the mark between groups of three figures; may be empty
 * @param decimal the mark between ones and tenths
 */
public record NumberMarks(String thousands, String decimal) {
  private static final int GROUP = 3;

  /** A number with its thousands set apart: {@code 6,203.5}. */
  public String apart(Numeral number) {
    return apart(number.toString());
  }

  /** A number without thousands marks: {@code 6203.5}. */
  public String plain(Numeral number) {
    return number.toString().replace(".", decimal);
  }

  /** The same for a number in plain figures, with at most one point among them. */
  public String apart(String plain) {
    int point = plain.indexOf('.');
    int end = point < 0 ? plain.length() : point;
    if (point < 0 && end <= GROUP) {
      return plain;
    }
    StringBuilder apart = new StringBuilder(plain);
    if (point >= 0) {
      apart.replace(point, point + 1, decimal);
    }
    for (int at = end - GROUP; at > 0; at -= GROUP) {
      apart.insert(at, thousands);
    }
    return apart.toString();
  }
}
