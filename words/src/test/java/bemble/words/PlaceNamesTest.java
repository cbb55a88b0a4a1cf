package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.notation.PlaceHeads;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceNamesTest {
  private static final Style UNITS = Style.STANDARD.with(Choice.FirstPlaceWord.UNITS);

  private static final PlaceNames NAMES = new PlaceNames(Style.ENGLISH);

  /** The place of the largest name there is: a hundred quindecillion. */
  private static final int LAST = 50;

  @ParameterizedTest
  @CsvSource({
    "0, one, O",
    "1, ten, T",
    "2, hundred, H",
    "3, thousand, Th",
    "4, ten-thousand, TTh",
    "5, hundred-thousand, HTh",
    "6, million, M",
    "8, hundred-million, HM",
    "23, hundred-sextillion, HSx",
    "-1, tenth, t",
    "-2, hundredth, h",
    "-3, thousandth, th",
    "-4, ten-thousandth, ·",
    "51, 10^51, ·"
  })
  void namesAndHeadsAPlace(int place, String name, String head) {
    assertEquals(name, NAMES.singular(place, Style.STANDARD));
    assertEquals(name + "s", NAMES.plural(place, Style.STANDARD));
    assertEquals(head, PlaceHeads.head(place, Style.STANDARD));
  }

  @Test
  void callsTheFirstPlaceAsTheClassDoes() {
    assertEquals("units", NAMES.plural(0, UNITS));
    assertEquals("U", PlaceHeads.head(0, UNITS));
    assertEquals("tens", NAMES.plural(1, UNITS));
  }

  @Test
  void noTwoPlacesShareANameOrAHead() {
    List<Integer> places = IntStream.rangeClosed(-3, LAST).boxed().toList();
    Set<String> names = new HashSet<>();
    Set<String> heads = new HashSet<>();
    for (int place : places) {
      assertTrue(names.add(NAMES.singular(place, Style.STANDARD)), "name of " + place);
      assertTrue(heads.add(PlaceHeads.head(place, Style.STANDARD)), "head of " + place);
    }
  }
}
