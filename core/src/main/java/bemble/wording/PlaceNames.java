package bemble.wording;

import bemble.style.Choice;
import bemble.style.Style;

/**
 * The names of places in English on the short scale: ones, tens, …, ten millions, …; tenths, …
 * Beyond the names it knows it speaks of a power of ten.
 */
final class PlaceNames {
  /** From thousands upwards, one for each three places. */
  private static final String[] GROUPS = {
    "thousand",
    "million",
    "billion",
    "trillion",
    "quadrillion",
    "quintillion",
    "sextillion",
    "septillion",
    "octillion",
    "nonillion",
    "decillion",
    "undecillion",
    "duodecillion",
    "tredecillion",
    "quattuordecillion",
    "quindecillion"
  };

  private static final String[] SMALL = {"", "ten", "hundred"};

  private PlaceNames() {}

  /** The name of one unit of the place: {@code ten}, {@code hundred thousand}, {@code tenth}. */
  static String singular(int place, Style style) {
    if (place == 0) {
      return style.has(Choice.FirstPlaceWord.ONES) ? "one" : "unit";
    }
    return place < 0 ? joined(-place) + "th" : joined(place);
  }

  private static String joined(int place) {
    if (place < 3) {
      return SMALL[place];
    }
    int group = place / 3 - 1;
    if (group >= GROUPS.length) {
      return "10^" + place;
    }
    return place % 3 == 0 ? GROUPS[group] : SMALL[place % 3] + " " + GROUPS[group];
  }

  static String plural(int place, Style style) {
    return singular(place, style) + "s";
  }
}
