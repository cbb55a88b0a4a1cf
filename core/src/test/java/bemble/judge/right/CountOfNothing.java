package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Division;
import java.util.Random;

/**
 * Counts as one likes, and at the end one of nothing.
 *
 * <pre>
 *  24 | 876
 *       720   30
 *       156
 *       144    6
 *        12
 *         0    0
 *        12   36
 * </pre>
 */
final class CountOfNothing implements RightKind {
  private final boolean nothing;

  CountOfNothing(boolean nothing) {
    this.nothing = nothing;
  }

  @Override
  public String title() {
    return nothing ? "CountOfNothing" : "CountsAsOneLikes";
  }

  @Override
  public RightPage write(Random random) {
    int divisor = 2 + random.nextInt(40);
    int dividend = 100 + random.nextInt(900);
    Sum sum =
        PlainPaper.sum(
            new Division(Numeral.of(dividend), Numeral.of(divisor)), "partial-quotients");
    Square ones = RightKind.ones(sum);
    int counts = PlainPaper.countColumn(sum);
    PlainPaper paper = new PlainPaper();
    int left = dividend;
    int total = 0;
    int row = ones.row() + 1;
    while (left >= divisor) {
      int most = left / divisor;
      int count = most >= 10 ? most / 10 * 10 : 1 + random.nextInt(most);
      row = takeOff(paper, row, new int[] {count, divisor, left}, ones.column(), counts);
      left -= count * divisor;
      total += count;
    }
    if (nothing) {
      row = takeOff(paper, row, new int[] {0, divisor, left}, ones.column(), counts);
    }
    paper.write(total, new Square(row - 1, counts));
    return RightPage.given(sum, paper);
  }

  private static int takeOff(PlainPaper paper, int row, int[] round, int column, int counts) {
    paper.write(round[0], new Square(row, counts));
    paper.write((long) round[0] * round[1], new Square(row, column));
    paper.write(round[2] - (long) round[0] * round[1], new Square(row + 1, column));
    return row + 2;
  }
}
