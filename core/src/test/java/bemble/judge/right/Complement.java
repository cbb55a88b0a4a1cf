package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import java.util.Random;

/**
 * Beside a figure that is too small stands what is left of ten: 10 take away 8 is 2, and 2 more are
 * 4.
 *
 * <pre>
 *    6 2
 *    7 2
 *  − 4 8
 *    2 4
 * </pre>
 */
final class Complement implements RightKind {
  private final String method;

  Complement(String method) {
    this.method = method;
  }

  @Override
  public String title() {
    return "Complement, " + method;
  }

  @Override
  public RightPage write(Random random) {
    int below = 2 + random.nextInt(8);
    int ones = random.nextInt(below);
    int tens = 3 + random.nextInt(7);
    int taken = 1 + random.nextInt(tens - 2);
    int top = 10 * tens + ones;
    int bottom = 10 * taken + below;
    Sum sum = PlainPaper.sum(new Subtraction(Numeral.of(top), Numeral.of(bottom)), method);
    Square last = RightKind.ones(sum);
    PlainPaper paper = new PlainPaper();
    paper.writeSmall(tens - 1, last.moved(-1, -1));
    paper.writeSmall(10 - below, last.moved(-1, 0));
    paper.write(top - bottom, PlainPaper.lastOfAnswer(sum));
    return RightPage.given(sum, paper);
  }
}
