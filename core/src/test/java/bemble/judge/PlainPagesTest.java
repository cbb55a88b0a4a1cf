package bemble.judge;

import static bemble.judge.PlainPaper.lastOfFirst;
import static bemble.judge.PlainPaper.sum;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.PlainPaper.Slip;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole pages of long multiplications and long divisions by a writer who knows no procedure: whole
 * numbers are worked out and written under one another, as squared paper has it. With one slip,
 * which is the first finding and the only one; without any, all is right.
 */
class PlainPagesTest {
  private static final int PAGES = 80;

  /** The product of one figure and a number from the ones on, with the slip. */
  private static long row(int figure, long number, Slip slip, int row) {
    long product = 0;
    long worth = 1;
    long carry = 0;
    for (long left = number; left > 0; left /= 10) {
      boolean miss = slip.is("fact", row) && worth == 10;
      long total = figure * (left % 10) + (miss ? figure : 0);
      total += slip.is("carry", row) ? 0 : carry;
      boolean last = left < 10;
      product += (last ? total : total % 10) * worth;
      carry = total / 10;
      worth *= 10;
    }
    return product;
  }

  private static PlainPaper multiplied(int top, int bottom, Square ones, Slip slip) {
    return multiplied(top, bottom, ones, slip, slip);
  }

  /** A product with one slip in the first row, and another in the rows behind it. */
  private static PlainPaper multiplied(int top, int bottom, Square ones, Slip first, Slip then) {
    PlainPaper paper = new PlainPaper();
    long total = 0;
    int row = 0;
    for (int left = bottom; left > 0; left /= 10) {
      Slip slip = row == 0 ? first : then;
      long product = row(left % 10, top, slip, row);
      int zeros = slip.is("placeholder", row) ? 0 : row;
      product *= (long) Math.pow(10, zeros);
      paper.write(product, ones.moved(2 + row++, 0));
      total += product;
    }
    total += then.is("total", 0) ? 10 : then.is("short", 0) ? -10 : 0;
    paper.write(total, ones.moved(2 + row, 0));
    return paper;
  }

  /** A division by one figure: quotient, products and rests, round by round. */
  private static PlainPaper divided(String dividend, int divisor, Square last, Slip slip) {
    PlainPaper paper = new PlainPaper();
    Square first = last.moved(0, 1 - dividend.length());
    long stands = 0;
    int row = 1;
    int round = 0;
    for (int i = 0; i < dividend.length(); i++) {
      int figure = dividend.charAt(i) - '0';
      if (round > 0) {
        paper.write(figure, first.moved(row - 1, i));
      }
      stands = 10 * stands + figure;
      long times = stands / divisor;
      if (round == 0 && times == 0) {
        continue;
      }
      round++;
      times -= slip.is("trial", round) && times > 1 ? 1 : 0;
      paper.write(times, first.moved(-1, i));
      if (times > 0) {
        long product = times * divisor - (slip.is("fact", round) && times > 1 ? divisor : 0);
        paper.write(product, first.moved(row, i));
        stands -= product;
        stands += slip.is("left", round) ? 1 : 0;
        paper.write(stands, first.moved(row + 1, i));
        row += 2;
      }
    }
    return paper;
  }

  @ParameterizedTest
  @CsvSource({
    "fact, 0, MULTIPLY",
    "fact, 1, MULTIPLY",
    "carry, 0, multiplied-carry-not-added",
    "carry, 1, multiplied-carry-not-added",
    "placeholder, 1, no-placeholder",
    "total, 0, fact-one-out",
    "none, 0, nothing"
  })
  void longMultiplications(String what, int row, String name) {
    Random random = new Random(71);
    PlainCount count = new PlainCount();
    for (int page = 0; page < PAGES; page++) {
      // No zeros: a writer who takes 0 times 6 as 6 does not miss a fact.
      int top = IntStream.of(100, 10, 1).map(worth -> (1 + random.nextInt(9)) * worth).sum();
      int bottom = (2 + random.nextInt(8)) * 10 + 2 + random.nextInt(8);
      Sum sum = sum(new Multiplication(Numeral.of(top), Numeral.of(bottom)), "column");
      Square ones = lastOfFirst(sum);
      PlainPaper truth = multiplied(top, bottom, ones, Slip.NONE);
      count.add(sum, multiplied(top, bottom, ones, new Slip(what, row)), truth, name);
    }
    // Some rows come out the same by another slip.
    count.check(99, 92);
  }

  @ParameterizedTest
  @CsvSource({
    "trial, 1, trial-too-small",
    "trial, 2, trial-too-small",
    "fact, 1, MULTIPLY",
    "fact, 2, MULTIPLY",
    "left, 1, SUBTRACT",
    "left, 2, SUBTRACT",
    "none, 0, nothing"
  })
  void longDivisions(String what, int round, String name) {
    Random random = new Random(72);
    PlainCount count = new PlainCount();
    for (int page = 0; page < PAGES; page++) {
      int divisor = 3 + random.nextInt(7);
      String dividend = String.valueOf(1000 + random.nextInt(9000));
      Sum sum = sum(new Division(Numeral.parse(dividend), Numeral.of(divisor)), "long");
      Square last = lastOfFirst(sum);
      PlainPaper truth = divided(dividend, divisor, last, Slip.NONE);
      PlainPaper paper = divided(dividend, divisor, last, new Slip(what, round));
      // A quotient of two figures in one place is another slip.
      if (paper.isPlain()) {
        count.add(sum, paper, truth, name);
      }
    }
    count.check(99, 92);
  }

  /** Each of two slips is a finding of its own, and nothing that follows from either is one. */
  @ParameterizedTest
  @CsvSource({"fact, carry", "carry, fact", "fact, placeholder", "carry, short", "fact, short"})
  void twoSlipsAreTwoFindings(String one, String other) {
    Random random = new Random(78);
    int shown = 0;
    int two = 0;
    for (int page = 0; page < PAGES; page++) {
      int top = IntStream.of(100, 10, 1).map(worth -> (2 + random.nextInt(8)) * worth).sum();
      int bottom = (2 + random.nextInt(8)) * 10 + 2 + random.nextInt(8);
      Sum sum = sum(new Multiplication(Numeral.of(top), Numeral.of(bottom)), "column");
      Square ones = lastOfFirst(sum);
      Slip first = new Slip(one, 0);
      Slip then = new Slip(other, other.equals("short") ? 0 : 1);
      PlainPaper paper = multiplied(top, bottom, ones, first, then);
      boolean both =
          !paper.isLike(multiplied(top, bottom, ones, first, Slip.NONE))
              && !paper.isLike(multiplied(top, bottom, ones, Slip.NONE, then));
      if (both) {
        Report report = new Judge(sum).judge(paper.figures(), Stage.HANDED_IN, SettingOut.GIVEN);
        shown++;
        two += report.findings().size() == 2 ? 1 : 0;
      }
    }
    assertTrue(100 * two >= 97 * shown, two + " of " + shown);
  }
}
