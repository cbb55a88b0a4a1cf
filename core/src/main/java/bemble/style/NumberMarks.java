package bemble.style;

import bemble.number.Numeral;

/**
 * The marks with which numbers are written.
 *
 * @param thousands the mark between groups of figures; may be empty
 * @param group how many figures each group has but the last, which has three: 2 for lakhs
 * @param decimal the mark between ones and tenths
 */
public record NumberMarks(String thousands, int group, String decimal) {
  private static final int LAST_GROUP = 3;

  /** Whether the thousands mark stands behind the figure of a place. */
  public boolean standBehind(int place) {
    return place >= LAST_GROUP && (place - LAST_GROUP) % group == 0;
  }

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
    if (point < 0 && end <= LAST_GROUP) {
      return plain;
    }
    StringBuilder apart = new StringBuilder(plain);
    if (point >= 0) {
      apart.replace(point, point + 1, decimal);
    }
    for (int at = end - LAST_GROUP; at > 0; at -= group) {
      apart.insert(at, thousands);
    }
    return apart.toString();
  }
}
