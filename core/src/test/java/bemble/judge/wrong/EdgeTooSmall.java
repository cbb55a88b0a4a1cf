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

/**
 * At the edge the ten of a diagonal's total stands instead of its ones, and is carried too.
 *
 * <pre>
 *   a diagonal of 9 and 6: 1 at the edge for 15
 * </pre>
 */
final class EdgeTooSmall implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int top = RightKind.number(random, 2);
    int side = RightKind.number(random, 2);
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(side)), "lattice");
    PlainPaper paper = new PlainPaper();
    int[] tops = {top / 10, top % 10};
    int[] sides = {side / 10, side % 10};
    int[] places = new int[4];
    for (int row = 0; row < 2; row++) {
      for (int column = 0; column < 2; column++) {
        int product = tops[column] * sides[row];
        paper.write(product / 10, new Square(1 + 2 * row, 2 + 2 * column));
        paper.write(product % 10, new Square(2 + 2 * row, 3 + 2 * column));
        places[3 - row - column] += product / 10;
        places[2 - row - column] += product % 10;
      }
    }
    int carry = 0;
    long answer = 0;
    long worth = 1;
    Square wrong = null;
    for (int place = 0; place < 4; place++, worth *= 10) {
      int total = places[place] + carry;
      Square edge = place < 2 ? new Square(5, 5 - 2 * place) : new Square(7 - 2 * place, 1);
      boolean slips = wrong == null && place > 0 && total > 9 && total % 10 != total / 10;
      int figure = slips ? total / 10 : total % 10;
      wrong = slips ? edge : wrong;
      carry = total / 10;
      answer += figure * worth;
      if (place < 3 || total > 0) {
        paper.write(figure, edge);
      }
    }
    if (wrong == null) {
      return Optional.empty();
    }
    paper.write(answer, PlainPaper.lastOfAnswer(sum));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, List.of(wrong)));
  }
}
