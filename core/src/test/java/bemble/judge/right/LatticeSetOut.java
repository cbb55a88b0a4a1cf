package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.Random;

/**
 * Boxes that are cut in two, whose factors the writer puts in too.
 *
 * <pre>
 *        4    6   ×
 *      2 /  4 /
 *  3   / 8  / 2   7
 *      1 /  1 /
 *  3   / 2  / 8   3
 *        5    8
 * </pre>
 */
final class LatticeSetOut implements RightKind {
  @Override
  public RightPage write(Random random) {
    int top = 10 + random.nextInt(90);
    int side = 10 + random.nextInt(90);
    Sum sum = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(side)), "lattice");
    Square ones = PlainPaper.lastOfAnswer(sum);
    PlainPaper paper = new PlainPaper();
    int[] tops = {top / 10, top % 10};
    int[] sides = {side / 10, side % 10};
    for (int i = 0; i < 2; i++) {
      paper.write(tops[i], new Square(0, 3 + 2 * i));
    }
    for (int i = 0; i < 2; i++) {
      paper.write(sides[i], new Square(1 + 2 * i, 6));
    }
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
    for (int place = 0; place < 4; place++) {
      int total = places[place] + carry;
      carry = total / 10;
      if (place < 3 || total > 0) {
        paper.write(
            total % 10, place < 2 ? new Square(5, 5 - 2 * place) : new Square(7 - 2 * place, 1));
      }
    }
    paper.write((long) top * side, ones);
    return new RightPage(sum, SettingOut.OWN, paper);
  }
}
