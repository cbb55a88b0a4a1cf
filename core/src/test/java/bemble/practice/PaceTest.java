package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.practice.Pace.Timed;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class PaceTest {
  private final Random random = new Random(5);

  private List<Timed> some(int count) {
    return Stream.generate(() -> new Timed(10 + random.nextInt(90), 30 + random.nextInt(600)))
        .limit(count)
        .collect(Collectors.toCollection(ArrayList::new));
  }

  @Test
  void fewSumsAreNoMeasure() {
    for (int count = 0; count < 8; count++) {
      assertEquals(Pace.ESTIMATE, Pace.of(some(count)));
    }
    assertEquals(8, Pace.of(some(8)).sums());
  }

  @Test
  void halfOfTheSumsAreFasterAndHalfSlower() {
    for (int count = 8; count < 60; count++) {
      List<Timed> sums = some(count);
      Pace pace = Pace.of(sums);
      long slower =
          sums.stream().filter(sum -> sum.taken() > pace.seconds(sum.estimated())).count();
      assertTrue(Math.abs(2 * slower - count) <= 2, () -> slower + " of " + sums);
    }
  }

  @Test
  void whoeverTakesTwiceAsLongHasTwiceThePace() {
    List<Timed> sums = some(31);
    List<Timed> slow =
        sums.stream().map(sum -> new Timed(sum.estimated(), 2 * sum.taken())).toList();
    assertEquals(2 * Pace.of(sums).times(), Pace.of(slow).times(), 1e-9);
  }

  @Test
  void aSumLeftLyingForAnHourChangesLittle() {
    List<Timed> sums = some(41);
    double before = Pace.of(sums).times();
    sums.add(new Timed(20, 3600));
    List<Double> near = sums.stream().map(sum -> sum.taken() / sum.estimated()).sorted().toList();
    double after = Pace.of(sums).times();
    assertTrue(near.indexOf(after) - near.indexOf(before) <= 1, () -> before + " " + after);
  }
}
