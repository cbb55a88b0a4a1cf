package bemble.judge;

import bemble.judge.PlainPaper.Slip;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Division;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole short divisions by a writer who knows no procedure, with each rest small before the next
 * figure or in the head. With one slip, which is the first finding and the only one; without any,
 * all is right.
 */
class PlainShortTest {
  private static final int PAGES = 120;

  /** Quotient figures with each rest small before the next figure, and the remainder. */
  private static PlainPaper divided(
      String dividend, int divisor, Square last, boolean small, Slip slip) {
    PlainPaper paper = new PlainPaper();
    Square first = last.moved(0, 1 - dividend.length());
    int left = 0;
    for (int i = 0; i < dividend.length(); i++) {
      int stands = 10 * left + dividend.charAt(i) - '0';
      int times = stands / divisor;
      boolean opens = i == 0 && times == 0;
      if (!opens) {
        boolean slips = slip.is("trial", i) && times > 1;
        times -= slips ? 1 : 0;
        paper.write(times, first.moved(-1, i));
      }
      left = stands - times * divisor;
      left -= slip.is("left", i) && left > 1 ? 1 : 0;
      left = slip.is("lost", i) ? 0 : left;
      if (small && i + 1 < dividend.length() && left > 0) {
        paper.writeSmall(left, first.moved(0, i + 1), Spot.UPPER_LEFT);
      }
    }
    if (left > 0) {
      paper.write(left, last.moved(-1, 2));
    }
    return paper;
  }

  @ParameterizedTest
  @CsvSource({
    "trial, 1, trial-too-small",
    "trial, 2, trial-too-small",
    "left, 1, SUBTRACT",
    "left, 2, SUBTRACT",
    "lost, 1, left-over-lost",
    "lost, 2, left-over-lost",
    "none, 0, nothing"
  })
  void shortDivisions(String what, int place, String name) {
    for (boolean small : new boolean[] {true, false}) {
      Random random = new Random(77);
      PlainCount count = new PlainCount();
      for (int page = 0; page < PAGES; page++) {
        int divisor = 3 + random.nextInt(7);
        String dividend = String.valueOf(1000 + random.nextInt(9000));
        Sum sum =
            PlainPaper.sum(new Division(Numeral.parse(dividend), Numeral.of(divisor)), "short");
        Square last = PlainPaper.lastOfFirst(sum);
        PlainPaper truth = divided(dividend, divisor, last, small, Slip.NONE);
        PlainPaper paper = divided(dividend, divisor, last, small, new Slip(what, place));
        if (paper.isPlain()) {
          boolean isSmall = small && what.equals("left") && !paper.isLike(truth);
          // A rest in the head shows in the next figure.
          Optional<Square> wrong =
              isSmall ? Optional.of(paper.firstUnlike(truth)) : paper.firstOther(truth);
          count.add(sum, paper, wrong, name);
        }
      }
      count.check(99, 92);
    }
  }
}
