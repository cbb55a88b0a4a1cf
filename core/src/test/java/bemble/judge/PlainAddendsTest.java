package bemble.judge;

import bemble.judge.PlainPaper.Slip;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Addition;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Totals of several numbers by a writer who knows no procedure, with carries above the columns or
 * in the head. With one slip, which is the first finding and the only one; without any, all is
 * right.
 */
class PlainAddendsTest {
  private static final int PAGES = 80;

  /** Adds column by column from the ones on. */
  private static PlainPaper added(List<Integer> numbers, Square ones, boolean carries, Slip slip) {
    PlainPaper paper = new PlainPaper();
    int carry = 0;
    int worth = 1;
    for (int place = 0; place < 4; place++) {
      int total = slip.is("carry", place) ? 0 : carry;
      for (int i = 0; i < numbers.size(); i++) {
        boolean skipped = slip.is("skipped", place) && i == 1;
        total += skipped ? 0 : numbers.get(i) / worth % 10;
      }
      total += slip.is("fact", place) ? 1 : 0;
      if (place < 3 || total > 0) {
        paper.write(total % 10, ones.moved(0, -place));
      }
      carry = total / 10;
      carry = slip.is("one", place) ? Math.min(carry, 1) : carry;
      if (carries && carry > 0 && place < 2) {
        paper.writeSmall(carry, new Square(1, ones.column() - place - 1));
      }
      worth *= 10;
    }
    return paper;
  }

  @ParameterizedTest
  @CsvSource({
    "carry, 1, carry-not-added",
    "carry, 2, carry-not-added",
    "one, 0, carry-always-one",
    "one, 1, carry-always-one",
    "skipped, 0, figure-skipped",
    "skipped, 1, figure-skipped",
    "fact, 0, fact-one-out",
    "fact, 1, fact-one-out",
    "none, 0, nothing"
  })
  void totals(String what, int place, String name) {
    for (boolean carries : new boolean[] {true, false}) {
      Random random = new Random(75);
      PlainCount count = new PlainCount();
      for (int page = 0; page < PAGES; page++) {
        List<Integer> numbers =
            Stream.generate(() -> 100 + random.nextInt(900)).limit(3 + random.nextInt(3)).toList();
        Addition problem = new Addition(numbers.stream().map(Numeral::of).toList());
        Sum sum = PlainPaper.sum(problem, "column");
        Square ones = PlainPaper.lastOfAnswer(sum);
        PlainPaper truth = added(numbers, ones, carries, Slip.NONE);
        PlainPaper paper = added(numbers, ones, carries, new Slip(what, place));
        count.add(sum, paper, truth, name);
      }
      count.check(99, 92);
    }
  }
}
