package bemble.wording;

import bemble.style.Choice;
import bemble.style.Style;
import java.util.Map;

/** The short heads over place columns. */
public final class PlaceHeads {
  private static final String[] GROUPS = {
    "Th", "M", "B", "Tr", "Qd", "Qn", "Sx", "Sp", "Oc", "No", "De", "Un", "Du", "Te", "Qr", "Qi"
  };

  private static final String[] SMALL = {"", "T", "H"};
  private static final Map<Integer, String> FRACTIONS = Map.of(-1, "t", -2, "h", -3, "th");

  private PlaceHeads() {}

  /** The head for a place: {@code H}, {@code TTh}, {@code t} for tenths; a dot past those known. */
  public static String head(int place, Style style) {
    if (place == 0) {
      return style.has(Choice.FirstPlaceWord.ONES) ? "O" : "U";
    }
    if (place < 0) {
      return FRACTIONS.getOrDefault(place, "·");
    }
    if (place < 3) {
      return SMALL[place];
    }
    int group = place / 3 - 1;
    if (group >= GROUPS.length) {
      return "·";
    }
    return (place % 3 == 0 ? "" : SMALL[place % 3]) + GROUPS[group];
  }
}
