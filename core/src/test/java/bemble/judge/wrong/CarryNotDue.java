package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Addition;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A small 1 where no ten was made, and it is added.
 *
 * <pre>
 *     1
 *     1 5
 * + 3 0 3
 *   3 2 8
 * </pre>
 */
final class CarryNotDue implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int ones = 1 + random.nextInt(5);
    int one = 10 * (1 + random.nextInt(4)) + ones;
    int other = 100 * (1 + random.nextInt(8)) + 10 * random.nextInt(4) + random.nextInt(5);
    Sum sum = PlainPaper.sum(new Addition(List.of(Numeral.of(one), Numeral.of(other))), "column");
    Square last = PlainPaper.lastOfAnswer(sum);
    Square top = PlainPaper.lastOfFirst(sum);
    PlainPaper paper = new PlainPaper();
    int total = one + other + 10;
    paper.write(total % 10, last);
    Square small = top.moved(-1, -1);
    paper.writeSmall(1, small);
    paper.write(total / 10, last.moved(0, -1));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, List.of(small)));
  }
}
