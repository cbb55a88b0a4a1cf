package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import bemble.slate.Slate;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/**
 * Hops along a number line to any stops that one likes, up or back.
 *
 * <pre>
 *      5     200   11               7    30
 *     ⌒      ⌒    ⌒               ⌒    ⌒
 *  187   192   392   403        486  493    523
 *
 *        5
 *      200
 *       11
 *      216
 * </pre>
 */
final class OwnHops implements RightKind {
  private static final int FIRST_ROW = 5;

  private final boolean back;
  private final boolean isDecimal;

  OwnHops(boolean back, boolean isDecimal) {
    this.back = back;
    this.isDecimal = isDecimal;
  }

  @Override
  public String title() {
    return (back ? "OwnHops, back" : "OwnHops, up") + (isDecimal ? ", decimals" : "");
  }

  @Override
  public RightPage write(Random random) {
    int minuend = 100 + random.nextInt(900);
    int subtrahend = back ? 10 + random.nextInt(80) : 21 + random.nextInt(minuend - 30);
    if (back && isDecimal) {
      // Only whole numbers are counted back.
      subtrahend = subtrahend % 9 * 10 + 10;
    }
    Sum sum =
        PlainPaper.sum(
            new Subtraction(numeral(minuend), back ? whole(subtrahend) : numeral(subtrahend)),
            back ? "count-back" : "count-up");
    List<Shape.Hop> arcs = arcs(sum);
    PlainPaper paper = new PlainPaper();
    List<Integer> hops = new ArrayList<>();
    int left = back ? subtrahend : minuend - subtrahend;
    int at = back ? minuend : subtrahend;
    while (left > 0) {
      Shape.Hop arc = arcs.get(hops.size());
      boolean isLast = hops.size() == arcs.size() - 1 || random.nextInt(4) == 0;
      int hop = isLast ? left : 1 + random.nextInt(left);
      at += back ? -hop : hop;
      left -= hop;
      hops.add(hop);
      int middle = (arc.from().column() + arc.to().column()) / 2;
      paper.writeSmall(text(at, random), (back ? arc.from() : arc.to()).moved(1, 0));
      paper.writeSmall(text(hop, random), new Square(arc.from().row() - 1, middle));
    }
    if (!back) {
      add(paper, hops, numeral(minuend).highestPlace() + 2 + (isDecimal ? 1 : 0), random);
    }
    return RightPage.given(sum, paper);
  }

  private Numeral numeral(int units) {
    return Numeral.of(BigInteger.valueOf(units), isDecimal ? 1 : 0);
  }

  private Numeral whole(int units) {
    return isDecimal ? Numeral.of(units / 10) : Numeral.of(units);
  }

  /** A decimal that ends in nought is written with it or without. */
  private String text(int units, Random random) {
    String text = numeral(units).toString();
    return isDecimal && units % 10 == 0 && random.nextBoolean() ? String.valueOf(units / 10) : text;
  }

  private void add(PlainPaper paper, List<Integer> hops, int last, Random random) {
    int least = isDecimal ? 2 : 1;
    for (int hop = 0; hop < hops.size(); hop++) {
      Square at = new Square(FIRST_ROW + hop, last);
      paper.write(hops.get(hop), at, least);
      if (isDecimal && random.nextBoolean()) {
        paper.writeSmall(".", at.moved(0, -1), Spot.LOWER_RIGHT);
      }
    }
    if (hops.size() > 1) {
      int total = hops.stream().mapToInt(hop -> hop).sum();
      paper.write(total, new Square(FIRST_ROW + hops.size(), last), least);
    }
  }

  /** The hops on the sheet, in the order in which they are made. */
  private List<Shape.Hop> arcs(Sum sum) {
    Comparator<Shape.Hop> order = Comparator.comparing(hop -> hop.from().column());
    return new Slate(sum, SettingOut.GIVEN)
        .sheet().marks().stream()
            .map(Mark::shape)
            .filter(Shape.Hop.class::isInstance)
            .map(Shape.Hop.class::cast)
            .sorted(back ? order.reversed() : order)
            .toList();
  }
}
