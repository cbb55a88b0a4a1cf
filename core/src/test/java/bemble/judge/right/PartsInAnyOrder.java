package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Addition;
import java.util.List;
import java.util.Random;

/**
 * The parts of a sum on a line with the ones in front, or with a part of nought.
 *
 * <pre>
 *    304
 *  + 205
 *    500 + 0 + 9
 *    509
 * </pre>
 */
final class PartsInAnyOrder implements RightKind {
  private final boolean onesFirst;

  PartsInAnyOrder(boolean onesFirst) {
    this.onesFirst = onesFirst;
  }

  @Override
  public String title() {
    return onesFirst ? "PartsInAnyOrder, ones first" : "PartsInAnyOrder, a part of nought";
  }

  @Override
  public RightPage write(Random random) {
    int middle = onesFirst ? 10 * (1 + random.nextInt(4)) : 0;
    int one = 100 * (1 + random.nextInt(4)) + middle + 1 + random.nextInt(9);
    int other = 100 * (1 + random.nextInt(4)) + middle + 1 + random.nextInt(9);
    Addition problem = new Addition(List.of(Numeral.of(one), Numeral.of(other)));
    Sum sum = PlainPaper.sum(problem, "left-to-right");
    PlainPaper paper = new PlainPaper();
    Square ones = RightKind.ones(sum);
    paper.write(one, ones);
    paper.sign("+", ones.moved(1, -3));
    paper.write(other, ones.moved(1, 0));
    int[] parts = {one / 100 * 100 + other / 100 * 100, 2 * middle, one % 10 + other % 10};
    int column = ones.column() - 2;
    for (int i = 0; i < parts.length; i++) {
      int part = parts[onesFirst ? parts.length - 1 - i : i];
      if (i > 0) {
        paper.sign("+", new Square(ones.row() + 2, column++));
      }
      column += String.valueOf(part).length();
      paper.write(part, new Square(ones.row() + 2, column - 1));
    }
    paper.write(one + other, ones.moved(3, 0));
    return new RightPage(sum, SettingOut.OWN, paper);
  }
}
