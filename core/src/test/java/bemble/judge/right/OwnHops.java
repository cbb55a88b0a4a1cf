package bemble.judge.right;

import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Subtraction;
import bemble.slate.Slate;
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

  OwnHops(boolean back) {
    this.back = back;
  }

  @Override
  public String title() {
    return back ? "OwnHops, back" : "OwnHops, up";
  }

  @Override
  public RightPage write(Random random) {
    int minuend = 100 + random.nextInt(900);
    int subtrahend = back ? 10 + random.nextInt(90) : 21 + random.nextInt(minuend - 30);
    Sum sum =
        PlainPaper.sum(
            new Subtraction(Numeral.of(minuend), Numeral.of(subtrahend)),
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
      paper.writeSmall(at, (back ? arc.from() : arc.to()).moved(1, 0));
      paper.writeSmall(hop, new Square(arc.from().row() - 1, middle));
    }
    if (!back) {
      add(paper, hops, String.valueOf(minuend).length() + 1);
    }
    return RightPage.given(sum, paper);
  }

  private static void add(PlainPaper paper, List<Integer> hops, int ones) {
    for (int hop = 0; hop < hops.size(); hop++) {
      paper.write(hops.get(hop), new Square(FIRST_ROW + hop, ones));
    }
    if (hops.size() > 1) {
      int total = hops.stream().mapToInt(hop -> hop).sum();
      paper.write(total, new Square(FIRST_ROW + hops.size(), ones));
    }
  }

  /** The hops as they are ruled on the sheet, in the order in which they are made. */
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
