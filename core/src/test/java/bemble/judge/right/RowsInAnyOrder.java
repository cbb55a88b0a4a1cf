package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.Random;

/**
 * Rows of a product from the highest figure on, or two rows of half the product each.
 *
 * <pre>
 *     4 7         3 4
 *   × 2 3       × 2 6
 *   9 4 0       4 4 2
 *   1 4 1       4 4 2
 * 1 0 8 1       8 8 4
 * </pre>
 */
final class RowsInAnyOrder implements RightKind {
  private final boolean halves;

  RowsInAnyOrder(boolean halves) {
    this.halves = halves;
  }

  @Override
  public String title() {
    return halves ? "RowsInAnyOrder, halves" : "RowsInAnyOrder, highest first";
  }

  @Override
  public RightPage write(Random random) {
    int top = RightKind.number(random, 2);
    int bottom = RightKind.number(random, 2);
    if (halves) {
      bottom = 10 * (1 + random.nextInt(9)) + 2 * (1 + random.nextInt(4));
    }
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(bottom)), "column");
    Square ones = PlainPaper.lastOfAnswer(sum);
    PlainPaper paper = new PlainPaper();
    long[] rows = {(long) top * (bottom / 10 * 10), (long) top * (bottom % 10)};
    if (halves) {
      rows = new long[] {(long) top * bottom / 2, (long) top * bottom / 2};
    }
    paper.write(rows[0], ones.moved(-2, 0));
    paper.write(rows[1], ones.moved(-1, 0));
    paper.write((long) top * bottom, ones);
    return RightPage.given(sum, paper);
  }
}
