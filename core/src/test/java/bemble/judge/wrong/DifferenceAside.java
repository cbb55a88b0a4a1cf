package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The number below is copied a column further left, and taken away as it stands.
 *
 * <pre>
 *   4 3 2
 * − 2 1
 *   2 2 2
 * </pre>
 */
final class DifferenceAside implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int below = 10 + random.nextInt(40);
    int above = 10 * below + random.nextInt(400) + 1;
    if (above > 999) {
      return Optional.empty();
    }
    Sum sum = PlainPaper.sum(new Subtraction(Numeral.of(above), Numeral.of(below)), "exchange");
    Square top = PlainPaper.lastOfFirst(sum);
    PlainPaper paper = new PlainPaper();
    paper.write(above, top);
    paper.write(below, top.moved(1, -1));
    paper.sign("−", top.moved(1, -4));
    paper.write(above - 10 * below, PlainPaper.lastOfAnswer(sum));
    List<Square> moved = List.of(top.moved(1, -1), top.moved(1, -2));
    return Optional.of(new WrongPage(sum, SettingOut.OWN, paper, moved));
  }
}
