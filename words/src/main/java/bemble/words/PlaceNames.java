package bemble.words;

import bemble.style.Choice;
import bemble.style.Style;

/**
 * The names of places in one language: ones, tens, …, ten millions, …; tenths, … Beyond the names
 * it knows it speaks of a power of ten.
 */
final class PlaceNames {
  private final Catalogue places;
  private final String[] within;
  private final String[] groups;

  PlaceNames(String language) {
    places = Catalogue.read(language, "places");
    within = places.text("name.within").split(",");
    groups = places.text("name.groups").split(",");
  }

  /** The name of one unit of the place: {@code ten}, {@code hundred thousand}, {@code tenth}. */
  String singular(int place, Style style) {
    if (place == 0) {
      return places.text("name." + Wording.key(style.choice(Choice.FirstPlaceWord.class)));
    }
    return place < 0 ? filled("name.part", "whole", joined(-place)) : joined(place);
  }

  private String joined(int place) {
    if (place < within.length) {
      return within[place];
    }
    int group = place / 3 - 1;
    if (group >= groups.length) {
      return filled("name.beyond", "place", Integer.toString(place));
    }
    return place % 3 == 0
        ? groups[group]
        : filled("name.of-group", "within", within[place % 3]).replace("{group}", groups[group]);
  }

  private String filled(String key, String name, String fill) {
    return places.text(key).replace("{" + name + "}", fill);
  }

  String plural(int place, Style style) {
    return filled("name.plural", "one", singular(place, style));
  }
}
