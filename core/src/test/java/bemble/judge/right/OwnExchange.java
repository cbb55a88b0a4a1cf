package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import java.util.Random;

/**
 * Small figures of one's own over a subtraction: two tens are exchanged where one would do, and the
 * ten goes back; or the rest of ten stands beside a figure that is too small.
 *
 * <pre>
 *    5 22           6 2
 *    7  2           7 2
 *  − 4  8         − 4 8
 *    2  4           2 4
 * </pre>
 */
final class OwnExchange implements RightKind {
  private final String method;
  private final boolean twoTens;

  OwnExchange(String method, boolean twoTens) {
    this.method = method;
    this.twoTens = twoTens;
  }

  @Override
  public String title() {
    return "OwnExchange, " + (twoTens ? "two tens" : "what is left of ten") + ", " + method;
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
    paper.writeSmall(tens - (twoTens ? 2 : 1), last.moved(-1, -1));
    paper.writeSmall(twoTens ? ones + 20 : 10 - below, last.moved(-1, 0));
    paper.write(top - bottom, PlainPaper.lastOfAnswer(sum));
    return RightPage.given(sum, paper);
  }
}
