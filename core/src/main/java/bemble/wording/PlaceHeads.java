package bemble.wording;

import bemble.style.Style;

/** The short heads over place columns. */
public final class PlaceHeads {
  private static final String[] WITHIN = PlaceNames.list("head.within");
  private static final String[] GROUPS = PlaceNames.list("head.groups");
  private static final String[] PARTS = PlaceNames.list("head.parts");
  private static final String BEYOND = PlaceNames.word("head.beyond");

  private PlaceHeads() {}

  /** The head for a place: {@code H}, {@code TTh}, {@code t} for tenths; a dot past those known. */
  public static String head(int place, Style style) {
    if (place == 0) {
      return PlaceNames.word("head." + PlaceNames.first(style));
    }
    if (place < 0) {
      return -place <= PARTS.length ? PARTS[-place - 1] : BEYOND;
    }
    if (place < WITHIN.length) {
      return WITHIN[place];
    }
    int group = place / 3 - 1;
    return group < GROUPS.length ? WITHIN[place % 3] + GROUPS[group] : BEYOND;
  }
}
