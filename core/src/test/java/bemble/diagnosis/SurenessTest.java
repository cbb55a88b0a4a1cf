package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurenessTest {
  @ParameterizedTest
  @CsvSource({
    "1, NEARLY_CERTAIN",
    "0.95, NEARLY_CERTAIN",
    "0.94, VERY_LIKELY",
    "0.8, VERY_LIKELY",
    "0.79, LIKELY",
    "0.5, LIKELY",
    "0.49, POSSIBLE",
    "0.2, POSSIBLE",
    "0.19, UNLIKELY",
    "0, UNLIKELY"
  })
  void beginsWithItsLeastProbability(double probability, Sureness sureness) {
    assertEquals(sureness, Sureness.of(probability));
  }
}
