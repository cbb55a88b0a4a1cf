package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.style.Choice;
import java.util.Random;

/**
 * The carries of a row stand above the multiplicand or small in the next square of the row,
 * whatever the class does.
 *
 * <pre>
 *     1
 *     6 6
 *   × 9 3
 *   1 9 8
 * 5 9 4 0
 * 6 1 3 8
 * </pre>
 */
final class MultipliedCarries implements RightKind {
  private final Choice.CarryPosition schools;
  private final boolean above;

  MultipliedCarries(Choice.CarryPosition schools, boolean above) {
    this.schools = schools;
    this.above = above;
  }

  @Override
  public String title() {
    return "MultipliedCarries, " + (above ? "above" : "in the row") + " where " + schools;
  }

  @Override
  public RightPage write(Random random) {
    int top = RightKind.number(random, 2);
    int bottom = RightKind.number(random, 2);
    Sum plain = PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(bottom)), "column");
    Sum sum = plain.in(plain.style().with(schools));
    Square ones = RightKind.ones(sum);
    Square answer = PlainPaper.lastOfAnswer(sum);
    int firstRow = answer.row() - 2;
    PlainPaper paper = new PlainPaper();
    int[] factors = {bottom % 10, bottom / 10};
    for (int row = 0; row < 2; row++) {
      int factor = factors[row];
      int carry = top % 10 * factor / 10;
      if (carry > 0) {
        Square at =
            above ? ones.moved(-1, -1) : new Square(firstRow + row, ones.column() - row - 1);
        paper.writeSmall(carry, at, above ? Spot.SMALL : Spot.UPPER_LEFT);
      }
      long product = (long) factor * top * (row == 0 ? 1 : 10);
      paper.write(product, new Square(firstRow + row, ones.column()));
    }
    paper.write((long) top * bottom, answer);
    return RightPage.given(sum, paper);
  }
}
