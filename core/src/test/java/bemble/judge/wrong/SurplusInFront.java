package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Division;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The remainder has a ten too many in front.
 *
 * <pre>
 *       5
 *  8 | 43
 *      40
 *      13
 * </pre>
 */
final class SurplusInFront implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int divisor = 6 + random.nextInt(4);
    int quotient = 2 + random.nextInt(8);
    int left = 1 + random.nextInt(divisor - 1);
    int dividend = divisor * quotient + left;
    if (dividend < 20 || divisor * quotient < 10) {
      return Optional.empty();
    }
    Sum sum = PlainPaper.sum(new Division(Numeral.of(dividend), Numeral.of(divisor)), "long");
    Square last = PlainPaper.lastOfFirst(sum);
    PlainPaper paper = new PlainPaper();
    paper.write(quotient, last.moved(-1, 0));
    paper.write((long) divisor * quotient, last.moved(1, 0));
    paper.write(10 + left, last.moved(2, 0));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, List.of(last.moved(2, -1))));
  }
}
