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
 * A box of the lattice stays empty and the diagonals are added without it.
 *
 * <pre>
 *      2 /    /
 *        / 8  /
 *      1 /  1 /
 *        / 2  / 8
 * </pre>
 */
final class BoxLeftOut implements WrongKind {
  @Override
  public Optional<WrongPage> write(Random random) {
    int top = RightKind.number(random, 2);
    int side = RightKind.number(random, 2);
    int out = random.nextInt(4);
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(side)), "lattice");
    PlainPaper paper = new PlainPaper();
    int[] tops = {top / 10, top % 10};
    int[] sides = {side / 10, side % 10};
    int[] places = new int[4];
    List<Square> box = List.of();
    for (int row = 0; row < 2; row++) {
      for (int column = 0; column < 2; column++) {
        Square above = new Square(1 + 2 * row, 2 + 2 * column);
        Square below = above.moved(1, 1);
        if (out == 2 * row + column) {
          box = List.of(above, below);
          continue;
        }
        int product = tops[column] * sides[row];
        paper.write(product / 10, above);
        paper.write(product % 10, below);
        places[3 - row - column] += product / 10;
        places[2 - row - column] += product % 10;
      }
    }
    int carry = 0;
    long answer = 0;
    long worth = 1;
    for (int place = 0; place < 4; place++, worth *= 10) {
      int total = places[place] + carry;
      carry = total / 10;
      answer += total % 10 * worth;
      if (place < 3 || total > 0) {
        paper.write(
            total % 10, place < 2 ? new Square(5, 5 - 2 * place) : new Square(7 - 2 * place, 1));
      }
    }
    paper.write(answer, PlainPaper.lastOfAnswer(sum));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, box));
  }
}
