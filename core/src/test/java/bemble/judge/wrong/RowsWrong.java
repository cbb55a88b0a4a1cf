package bemble.judge.wrong;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.judge.right.RightKind;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Rows of a product of which one is left out, or that are added as if they began in one column.
 *
 * <pre>
 *     4 7         4 7
 *   × 2 3       × 2 3
 *   9 4 0       1 4 1
 *   9 4 0       9 4 0
 *               2 3 5
 * </pre>
 */
final class RowsWrong implements WrongKind {
  private final boolean unshifted;

  RowsWrong(boolean unshifted) {
    this.unshifted = unshifted;
  }

  @Override
  public String title() {
    return unshifted ? "RowsWrong, added unshifted" : "RowsWrong, the row of the ones left out";
  }

  @Override
  public Optional<WrongPage> write(Random random) {
    int top = RightKind.number(random, 2);
    int bottom = RightKind.number(random, 2);
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(bottom)), "column");
    Square ones = PlainPaper.lastOfAnswer(sum);
    PlainPaper paper = new PlainPaper();
    long first = (long) top * (bottom % 10);
    long second = (long) top * (bottom / 10);
    if (unshifted) {
      paper.write(first, ones.moved(-2, 0));
      paper.write(10 * second, ones.moved(-1, 0));
      paper.write(first + second, ones);
      return first % 10 == (first + second) % 10
          ? Optional.empty()
          : Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, List.of(ones)));
    }
    paper.write(10 * second, ones.moved(-2, 0));
    paper.write(10 * second, ones.moved(-1, 0));
    return Optional.of(
        new WrongPage(sum, SettingOut.GIVEN, paper, squares(ones.moved(-2, 0), first)));
  }

  private static List<Square> squares(Square ones, long number) {
    return IntStream.range(0, String.valueOf(number).length())
        .mapToObj(figure -> ones.moved(0, -figure))
        .toList();
  }
}
