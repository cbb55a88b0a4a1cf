package bemble.app.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Texts that a spreadsheet might take for formulas, written and read again. */
class SafeCellsTest {
  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '"',
      value = {"=1+1,'=1+1", "@Neve,'@Neve", "-,-", "Neve,Neve", "+ay,'+ay"})
  void areKeptFromFormulas(String text, String safe) {
    assertEquals(safe, SafeCells.safe(text));
    assertEquals(text, SafeCells.bare(safe));
  }
}
