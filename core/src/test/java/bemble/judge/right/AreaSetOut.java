package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.Random;

/**
 * A ruled box whose factors the writer puts in too.
 *
 * <pre>
 *        50     7
 *  30  1500   210    1710
 *   8   400    56     456
 *                    2166
 * </pre>
 */
final class AreaSetOut implements RightKind {
  @Override
  public RightPage write(Random random) {
    int top = 10 + random.nextInt(90);
    int side = 10 + random.nextInt(90);
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(side)), "area");
    int ones = PlainPaper.lastOfAnswer(sum).column();
    PlainPaper paper = new PlainPaper();
    int[] tops = {top / 10 * 10, top % 10};
    int[] sides = {side / 10 * 10, side % 10};
    for (int i = 0; i < 2; i++) {
      paper.writeSmall(tops[i], new Square(0, 2 + 3 * i), Spot.SMALL);
    }
    for (int i = 0; i < 2; i++) {
      paper.writeSmall(sides[i], new Square(1 + i, 0), Spot.SMALL);
    }
    for (int row = 0; row < 2; row++) {
      for (int i = 0; i < 2; i++) {
        paper.writeSmall((long) tops[i] * sides[row], new Square(1 + row, 2 + 3 * i));
      }
      paper.write((long) top * sides[row], new Square(1 + row, ones));
    }
    paper.write((long) top * side, new Square(3, ones));
    return new RightPage(sum, SettingOut.OWN, paper);
  }
}
