package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.practice.Run.Next;
import bemble.practice.Run.Result;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** In these runs r is a right sum, w a wrong one, and a figure a sum with that slip. */
class RunTest {
  private static Run run(PassMark mark, int sums, String results) {
    List<Result> all =
        results
            .chars()
            .mapToObj(c -> new Result(c == 'r', Character.isDigit(c) ? "slip-" + (char) c : ""))
            .toList();
    return new Run(mark, sums, true, all);
  }

  private static final PassMark THREE = new PassMark(3, false);
  private static final PassMark THREE_IN_A_ROW = new PassMark(3, true);

  @Test
  void countsRightSumsInAllOrInARow() {
    assertTrue(run(THREE, 5, "rwrwr").isPassed());
    assertFalse(run(THREE_IN_A_ROW, 5, "rwrwr").isPassed());
    assertTrue(run(THREE_IN_A_ROW, 5, "rrrww").isPassed());
    assertEquals(0, run(THREE_IN_A_ROW, 5, "rrrww").streak());
    assertEquals(2, run(THREE_IN_A_ROW, 5, "wrr").streak());
  }

  @Test
  void workedThroughWithoutTheMarkIsNotPassed() {
    Run run = run(THREE, 4, "rwrw" + "rr");
    assertEquals(new Next.Over(), run.next());
    assertFalse(run.isPassed(), "what comes again does not count");
    assertEquals(2, run.right());
    assertEquals(4, run.worked());
  }

  @Test
  void whatWentWrongComesAgainInItsOrder() {
    assertEquals(new Next.First(2), run(THREE, 4, "rw").next());
    assertEquals(new Next.Again(1), run(THREE, 4, "rwrw").next());
    assertEquals(new Next.Again(3), run(THREE, 4, "rwrw" + "r").next());
    assertEquals(new Next.Over(), run(THREE, 4, "rwrw" + "rw").next());
  }

  @Test
  void aRunToldOfAtItsEndHasNoSecondRound() {
    List<Result> results = run(THREE, 4, "rwrw").results();
    assertEquals(new Next.Over(), new Run(THREE, 4, false, results).next());
  }

  @Test
  void aRunWithoutAnEndGoesOnUntilItIsPassed() {
    assertEquals(new Next.First(5), run(THREE, 0, "rwwrw").next());
    assertEquals(new Next.Again(1), run(THREE, 0, "rwwrr").next());
    assertEquals(new Next.Again(2), run(THREE, 0, "rwwrr" + "w").next());
    assertEquals(new Next.Over(), run(THREE, 0, "rwwrr" + "wr").next());
    assertEquals(3, run(THREE, 0, "rwwrr" + "wr").right());
  }

  @Test
  void aSlipMadeThreeTimesInFiveSumsIsSaid() {
    assertEquals(Optional.of("slip-7"), run(THREE, 9, "7r7r7").madeTimeAndAgain());
    assertEquals(Optional.empty(), run(THREE, 9, "7rr7r7").madeTimeAndAgain());
    assertEquals(Optional.empty(), run(THREE, 9, "777r").madeTimeAndAgain(), "not after the last");
    assertEquals(Optional.empty(), run(THREE, 9, "www").madeTimeAndAgain(), "no known slip");
    assertEquals(Optional.empty(), run(THREE, 9, "").madeTimeAndAgain());
  }

  /** Whatever is worked: each sum comes once, each wrong one once more, and then it is over. */
  @Test
  void everySumComesOnceAndEachWrongOneOnceMore() {
    Random random = new Random(41);
    for (int round = 0; round < 300; round++) {
      boolean endless = random.nextInt(3) == 0;
      int sums = endless ? 0 : 1 + random.nextInt(12);
      PassMark mark = new PassMark(1 + random.nextInt(4), random.nextBoolean());
      List<Result> results = new ArrayList<>();
      List<Integer> firsts = new ArrayList<>();
      List<Integer> agains = new ArrayList<>();
      Run run = new Run(mark, sums, true, results);
      while (!(run.next() instanceof Next.Over)) {
        if (run.next() instanceof Next.First first) {
          assertTrue(agains.isEmpty(), "the first round is over before anything comes again");
          firsts.add(first.place());
        } else if (run.next() instanceof Next.Again again) {
          agains.add(again.place());
        }
        results.add(new Result(random.nextInt(3) > 0, ""));
        run = new Run(mark, sums, true, results);
      }
      for (int i = 0; i < firsts.size(); i++) {
        assertEquals(i, firsts.get(i));
        assertEquals(!results.get(i).right(), agains.contains(i));
      }
      assertEquals(run.wrong(), agains);
      assertTrue(endless ? run.isPassed() : firsts.size() == sums);
    }
  }

  @Test
  void refusesAMarkThatCannotBeReached() {
    assertThrows(IllegalArgumentException.class, () -> new PassMark(0, false));
    assertThrows(IllegalArgumentException.class, () -> new PassMark(201, true));
  }
}
