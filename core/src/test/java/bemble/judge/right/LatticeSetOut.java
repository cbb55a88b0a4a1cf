package bemble.judge.right;

import bemble.judge.PlainLattice;
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
    int[] places = new PlainLattice(top, side).fill(paper, -1);
    PlainLattice.add(paper, places, (place, total) -> total % 10);
    paper.write((long) top * side, ones);
    return new RightPage(sum, SettingOut.OWN, paper);
  }
}
