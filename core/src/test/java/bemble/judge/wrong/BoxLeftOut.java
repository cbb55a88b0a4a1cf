package bemble.judge.wrong;

import bemble.judge.PlainLattice;
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
    int[] places = new PlainLattice(top, side).fill(paper, out);
    long answer = PlainLattice.add(paper, places, (place, total) -> total % 10);
    List<Square> box = PlainLattice.box(out);
    paper.write(answer, PlainPaper.lastOfAnswer(sum));
    return Optional.of(new WrongPage(sum, SettingOut.GIVEN, paper, box));
  }
}
