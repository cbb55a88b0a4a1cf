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
 * Two figures of a copied number are changed over, and the numbers as they stand are added rightly.
 *
 * <pre>
 *   1 4 3    for 134
 * +   2 1
 *   1 6 4
 * </pre>
 */
final class ChangedOver implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int tens = 1 + random.nextInt(9);
    int ones = 1 + random.nextInt(9);
    int hundreds = 1 + random.nextInt(9);
    if (tens == ones) {
      return Optional.empty();
    }
    int one = 100 * hundreds + 10 * tens + ones;
    int copied = 100 * hundreds + 10 * ones + tens;
    int other = 10 + random.nextInt(90);
    Sum sum = PlainPaper.sum(new Addition(List.of(Numeral.of(one), Numeral.of(other))), "column");
    Square top = PlainPaper.lastOfFirst(sum);
    PlainPaper paper = new PlainPaper();
    paper.write(copied, top);
    paper.write(other, top.moved(1, 0));
    paper.sign("+", top.moved(1, -3));
    paper.write(copied + other, PlainPaper.lastOfAnswer(sum));
    return Optional.of(new WrongPage(sum, SettingOut.OWN, paper, List.of(top, top.moved(0, -1))));
  }
}
