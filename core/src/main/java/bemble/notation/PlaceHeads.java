package bemble.notation;

import bemble.style.Choice;
import bemble.style.Style;

/** The short heads over place columns. */
public final class PlaceHeads {
  private PlaceHeads() {}

  /**
   * The head for a place: {@code H}, {@code TTh}, {@code t} for tenths; a dot beyond the known
   * ones.
   */
  public static String head(int place, Style style) {
    Notation notation = Notation.of(style);
    return place == 0
        ? notation.text("head." + Notation.key(style.choice(Choice.FirstPlaceWord.class)))
        : notation.head(place);
  }
}
