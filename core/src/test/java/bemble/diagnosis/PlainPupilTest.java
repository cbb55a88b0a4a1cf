package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The diagnoses of pupils with a habit who know no procedure. */
class PlainPupilTest {
  private static final int PUPILS = 4;

  @Test
  void theHabitIsSaidOfMostAndNothingOfOthers() {
    List<PlainPupilMeasure.Row> rows = new PlainPupilMeasure().rows(PUPILS, 0.8);
    int pupils = 0;
    int first = 0;
    int other = 0;
    for (PlainPupilMeasure.Row row : rows) {
      boolean isKnown = !row.pupil().slip().isEmpty();
      pupils += isKnown ? row.pupils() : 0;
      first += isKnown ? row.first() : 0;
      other += row.other();
    }
    assertTrue(first >= 0.9 * pupils, first + " of " + pupils);
    assertTrue(other <= 0.02 * PUPILS * rows.size(), other + " accused of another slip");
  }
}
