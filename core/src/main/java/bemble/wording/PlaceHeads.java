package bemble.wording;

import bemble.style.Choice;
import bemble.style.Style;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The short heads over place columns. */
public final class PlaceHeads {
  private static final Map<Choice.FirstPlaceWord, String> ONES =
      Arrays.stream(Choice.FirstPlaceWord.values())
          .collect(
              Collectors.toMap(word -> word, word -> PlaceNames.word("head." + Wording.key(word))));
  private static final String[] WITHIN = PlaceNames.list("head.within");
  private static final String[] GROUPS = PlaceNames.list("head.groups");
  private static final List<String> WHOLE =
      IntStream.range(0, 3 * (GROUPS.length + 1)).mapToObj(PlaceHeads::ofWhole).toList();

  private static final String[] PARTS = PlaceNames.list("head.parts");
  private static final String BEYOND = PlaceNames.word("head.beyond");

  private PlaceHeads() {}

  /** The head for a place: {@code H}, {@code TTh}, {@code t} for tenths; a dot past those known. */
  public static String head(int place, Style style) {
    if (place == 0) {
      return ONES.get(style.choice(Choice.FirstPlaceWord.class));
    }
    if (place < 0) {
      return -place <= PARTS.length ? PARTS[-place - 1] : BEYOND;
    }
    return place < WHOLE.size() ? WHOLE.get(place) : BEYOND;
  }

  private static String ofWhole(int place) {
    return place < WITHIN.length ? WITHIN[place] : WITHIN[place % 3] + GROUPS[place / 3 - 1];
  }
}
