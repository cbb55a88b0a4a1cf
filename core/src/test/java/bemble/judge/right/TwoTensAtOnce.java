package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import java.util.Random;

/**
 * Two tens are exchanged where one would do: 22 take away 8 is 14, and the ten goes back.
 *
 * <pre>
 *    5 22
 *    7  2
 *  − 4  8
 *    2  4
 * </pre>
 */
final class TwoTensAtOnce implements RightKind {
  private final String method;

  TwoTensAtOnce(String method) {
    this.method = method;
  }

  @Override
  public String title() {
    return "TwoTensAtOnce, " + method;
  }

  @Override
  public RightPage write(Random random) {
    int below = 2 + random.nextInt(8);
    int ones = random.nextInt(below);
    int tens = 4 + random.nextInt(6);
    int taken = 1 + random.nextInt(tens - 3);
    int top = 10 * tens + ones;
    int bottom = 10 * taken + below;
    Sum sum = PlainPaper.sum(new Subtraction(Numeral.of(top), Numeral.of(bottom)), method);
    Square last = RightKind.ones(sum);
    PlainPaper paper = new PlainPaper();
    paper.writeSmall(tens - 2, last.moved(-1, -1));
    paper.writeSmall(ones + 20, last.moved(-1, 0));
    paper.write(top - bottom, PlainPaper.lastOfAnswer(sum));
    return RightPage.given(sum, paper);
  }
}
