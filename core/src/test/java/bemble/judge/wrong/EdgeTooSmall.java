package bemble.judge.wrong;

import bemble.judge.PlainLattice;
import bemble.judge.PlainPaper;
import bemble.judge.report.SettingOut;
import bemble.judge.right.RightKind;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.ArrayList;
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
    int[] places = new PlainLattice(top, side).fill(paper, -1);
    List<Square> wrong = new ArrayList<>();
    long answer =
        PlainLattice.add(
            paper,
            places,
            (place, total) -> {
              boolean slips = wrong.isEmpty() && place > 0 && total > 9 && total % 10 != total / 10;
              if (slips) {
                wrong.add(PlainLattice.edge(place));
              }
              return slips ? total / 10 : total % 10;
            });
    if (wrong.isEmpty()) {
      return Optional.empty();
    }
    paper.write(answer, PlainPaper.lastOfAnswer(sum));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, wrong));
  }
}
