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
 * A count that is noted without its zero, or left out of the total.
 *
 * <pre>
 *  3 | 96          3 | 96
 *      90   3          90  30
 *       6               6
 *       6   2           6   2
 *       0   5           0   2
 * </pre>
 */
final class CountWrong implements WrongKind {
  private final boolean notAdded;

  CountWrong(boolean notAdded) {
    this.notAdded = notAdded;
  }

  @Override
  public String title() {
    return notAdded ? "CountWrong, not added" : "CountWrong, without its zero";
  }

  @Override
  public Optional<WrongPage> write(Random random) {
    int divisor = 3 + random.nextInt(6);
    int tens = 1 + random.nextInt(9);
    int more = 1 + random.nextInt(9);
    int left = random.nextInt(divisor);
    int dividend = divisor * (10 * tens + more) + left;
    Sum sum =
        PlainPaper.sum(
            new Division(Numeral.of(dividend), Numeral.of(divisor)), "partial-quotients");
    Square ones = PlainPaper.lastOfFirst(sum);
    int counts = PlainPaper.countColumn(sum);
    PlainPaper paper = new PlainPaper();
    Square first = new Square(ones.row() + 1, counts);
    paper.write(notAdded ? 10 * tens : tens, first);
    paper.write(10L * tens * divisor, ones.moved(1, 0));
    paper.write(dividend - 10L * tens * divisor, ones.moved(2, 0));
    paper.write(more, first.moved(2, 0));
    paper.write((long) more * divisor, ones.moved(3, 0));
    paper.write(left, ones.moved(4, 0));
    Square total = first.moved(3, 0);
    paper.write(notAdded ? more : tens + more, total);
    List<Square> wrong = notAdded ? List.of(total, total.moved(0, -1)) : List.of(first);
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, wrong));
  }
}
