package bemble.app.sets;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums as people have them in their papers. */
class PastedSumTest {
  @ParameterizedTest
  @CsvSource({
    "1. 12 + 13, 12 + 13",
    "12) 12 + 13, 12 + 13",
    "a) 7 x 8, 7 x 8",
    "(b) 7 × 8, 7 × 8",
    "• 24 / 6 =, 24 / 6",
    "− 5 + 3, − 5 + 3",
    "- 5 + 3, - 5 + 3",
    "15 + 6 = 21, 15 + 6",
    "17 : 5 = 3 r 2, 17 : 5",
    "12 : 4, 12 : 4",
    "1.5 + 2 = ___, 1.5 + 2",
    "√20, √20",
  })
  void areTakenBare(String line, String sum) {
    assertEquals(sum, PastedSum.bare(line));
  }
}
