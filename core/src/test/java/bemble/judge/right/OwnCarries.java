package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.style.Choice;
import java.util.Random;
import java.util.function.ToLongFunction;

/**
 * Small figures where and as the class does not write them: a carry above instead of below, or as
 * the ten that it is, or the total of each column below it.
 *
 * <pre>
 *    10              8 7
 *    3 7           + 4 5
 *  + 4 5           1 3 2
 *    8 2          13 12
 * </pre>
 */
final class OwnCarries implements RightKind {
  private static final int FIGURES = 3;

  /** The kinds of small figures: the carry, the ten or the total. */
  enum Small {
    CARRY(total -> total / 10),
    TEN(total -> total / 10 * 10),
    TOTAL(total -> total);

    private final ToLongFunction<Integer> of;

    Small(ToLongFunction<Integer> of) {
      this.of = of;
    }
  }

  private final Choice.CarryPosition schools;
  private final Small small;
  private final boolean above;

  OwnCarries(Choice.CarryPosition schools, Small small, boolean above) {
    this.schools = schools;
    this.small = small;
    this.above = above;
  }

  @Override
  public String title() {
    return "OwnCarries, " + small + (above ? " above" : " below") + " where " + schools;
  }

  @Override
  public RightPage write(Random random) {
    int one = RightKind.number(random, FIGURES);
    int other = RightKind.number(random, FIGURES);
    Sum plain =
        PlainPaper.sum(
            new Addition(java.util.List.of(Numeral.of(one), Numeral.of(other))), "column");
    Sum sum = plain.in(plain.style().with(schools));
    Square last = PlainPaper.lastOfAnswer(sum);
    Square top = RightKind.ones(sum);
    PlainPaper paper = new PlainPaper();
    int worth = 1;
    int carry = 0;
    for (int place = 0; place < FIGURES; place++, worth *= 10) {
      int total = one / worth % 10 + other / worth % 10 + carry;
      paper.write(total % 10, last.moved(0, -place));
      carry = total / 10;
      int column = last.column() - place - (small == Small.TOTAL ? 0 : 1);
      boolean written = small == Small.TOTAL ? total > 9 : carry > 0 && place < FIGURES - 1;
      if (written) {
        int row = above ? top.row() - 1 : last.row() + 1;
        paper.writeSmall(small.of.applyAsLong(total), new Square(row, column));
      }
    }
    if (carry > 0) {
      paper.write(carry, last.moved(0, -FIGURES));
    }
    return RightPage.given(sum, paper);
  }
}
