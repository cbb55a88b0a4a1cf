package bemble.wording;

import bemble.style.Choice;
import bemble.style.Style;

/**
 * The names of places: ones, tens, …, ten millions, …; tenths, … Beyond the names it knows it
 * speaks of a power of ten.
 */
final class PlaceNames {
  private static final Bundle PLACES = Bundle.load("places");
  private static final String[] WITHIN = list("name.within");
  private static final String[] GROUPS = list("name.groups");

  private PlaceNames() {}

  static String word(String key) {
    return PLACES.plain(key);
  }

  static String[] list(String key) {
    return word(key).split(",");
  }

  /** The key of the class's word for the first place. */
  static String first(Style style) {
    return Wording.key(style.choice(Choice.FirstPlaceWord.class));
  }

  /** The name of one unit of the place: {@code ten}, {@code hundred thousand}, {@code tenth}. */
  static String singular(int place, Style style) {
    if (place == 0) {
      return word("name." + first(style));
    }
    return place < 0 ? filled("name.part", "whole", joined(-place)) : joined(place);
  }

  private static String joined(int place) {
    if (place < WITHIN.length) {
      return WITHIN[place];
    }
    int group = place / 3 - 1;
    if (group >= GROUPS.length) {
      return filled("name.beyond", "place", Integer.toString(place));
    }
    return place % 3 == 0
        ? GROUPS[group]
        : word("name.of-group")
            .replace("{within}", WITHIN[place % 3])
            .replace("{group}", GROUPS[group]);
  }

  private static String filled(String key, String name, String fill) {
    return word(key).replace("{" + name + "}", fill);
  }

  static String plural(int place, Style style) {
    return filled("name.plural", "one", singular(place, style));
  }
}
