package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Root;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The zero of a root is left out, and its last figure stands in the place of it.
 *
 * <pre>
 *      3   7        for 307
 *   √ 09 42 49
 * </pre>
 */
final class RootWrong implements WrongKind {
  private static final int LEAD_RIGHT = 2;

  @Override
  public Optional<WrongPage> write(Random random) {
    int hundreds = 1 + random.nextInt(9);
    int ones = 1 + random.nextInt(9);
    int root = 100 * hundreds + ones;
    int radicand = root * root;
    Sum sum = PlainPaper.sum(Root.natural(Numeral.of(radicand)), "digit-pairs");
    Square last = PlainPaper.lastOfFirst(sum);
    int[] pairs = {radicand / 10_000, radicand / 100 % 100, radicand % 100};
    PlainPaper paper = new PlainPaper();
    paper.write(hundreds, last.moved(-1, -4));
    paper.write((long) hundreds * hundreds, last.moved(1, -4));
    long left = pairs[0] - (long) hundreds * hundreds;
    paper.write(left, last.moved(2, -4));
    int row = last.row() + 2;
    paper.write(pairs[1] / 10, new Square(row, last.column() - 3));
    paper.write(pairs[1] % 10, new Square(row, last.column() - 2));
    paper.write(pairs[2] / 10, new Square(row, last.column() - 1));
    paper.write(pairs[2] % 10, new Square(row, last.column()));
    Square wrong = last.moved(-1, -2);
    paper.write(ones, wrong);
    paper.write(20L * hundreds, new Square(row, LEAD_RIGHT));
    paper.write(ones, new Square(row, LEAD_RIGHT + 1));
    long product = (200L * hundreds + ones) * ones;
    paper.write(product, new Square(row + 1, last.column()));
    paper.write(0, new Square(row + 2, last.column()));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, List.of(wrong)));
  }
}
