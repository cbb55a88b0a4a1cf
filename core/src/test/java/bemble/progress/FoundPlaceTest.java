package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.problem.Operation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FoundPlaceTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 2);
  private static final double RIGHT = 0.95;
  private static final double LUCKY = 0.1;

  private final Map<String, List<Evidence>> work = new HashMap<>();
  private int asked;

  private void answer(Rung rung, boolean right) {
    asked++;
    work.computeIfAbsent(rung.id(), any -> new ArrayList<>())
        .add(right ? Evidence.right(DAY) : Evidence.wrong(DAY, ""));
  }

  @Test
  void aFirstSheetIsSpreadOverTheLadder() {
    List<Rung> rungs = Ladder.STANDARD.of(Operation.SUBTRACTION);
    List<Rung> first = FoundPlace.first(rungs);
    assertEquals(4, first.size());
    for (int i = 1; i < first.size(); i++) {
      int apart = rungs.indexOf(first.get(i)) - rungs.indexOf(first.get(i - 1));
      assertTrue(Math.abs(apart - rungs.size() / 5) <= 1, first::toString);
    }
    assertEquals(rungs.subList(0, 2), FoundPlace.first(rungs.subList(0, 2)));
  }

  @Test
  void oneRightAndOneWrongAreAskedAgain() {
    List<Rung> rungs = Ladder.STANDARD.of(Operation.SUBTRACTION).subList(0, 1);
    answer(rungs.get(0), true);
    answer(rungs.get(0), false);
    assertEquals(
        new FoundPlace(Optional.empty(), Optional.of(rungs.get(0))), FoundPlace.of(rungs, work));
    answer(rungs.get(0), true);
    answer(rungs.get(0), true);
    assertEquals(
        new FoundPlace(Optional.of(rungs.get(0)), Optional.empty()), FoundPlace.of(rungs, work));
  }

  /** Pupils who now and then err below their place, and now and then are lucky above it. */
  @ParameterizedTest
  @EnumSource(Operation.class)
  void findsThePlaceOfMostPupilsByFewSums(Operation operation) {
    List<Rung> rungs = Ladder.STANDARD.of(operation);
    Random random = new Random(5);
    int pupils = 400;
    int near = 0;
    int sums = 0;
    for (int i = 0; i < pupils; i++) {
      int place = random.nextInt(rungs.size() + 1);
      work.clear();
      asked = 0;
      for (Rung rung : FoundPlace.first(rungs)) {
        ask(rung, rungs.indexOf(rung) < place, random);
      }
      FoundPlace found = FoundPlace.of(rungs, work);
      while (found.ask().isPresent()) {
        Rung next = found.ask().get();
        ask(next, rungs.indexOf(next) < place, random);
        found = FoundPlace.of(rungs, work);
      }
      int upTo = found.upTo().map(rungs::indexOf).orElse(-1) + 1;
      near += Math.abs(upTo - place) <= 1 ? 1 : 0;
      sums += asked;
    }
    assertTrue(near >= 0.9 * pupils, near + " of " + pupils);
    assertTrue(sums <= 14 * pupils, sums + " sums of " + pupils + " pupils");
  }

  private void ask(Rung rung, boolean isKnown, Random random) {
    for (int i = 0; i < FoundPlace.SUMS; i++) {
      answer(rung, random.nextDouble() < (isKnown ? RIGHT : LUCKY));
    }
  }
}
