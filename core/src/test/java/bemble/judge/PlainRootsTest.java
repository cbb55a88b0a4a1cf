package bemble.judge;

import bemble.judge.PlainPaper.Slip;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Root;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole pages of roots in pairs of figures by a writer who knows no procedure. With one slip, which
 * is the first finding and the only one; without any, all is right.
 */
class PlainRootsTest {
  private static final int PAGES = 60;

  /** The last square of leading parts, left of the radicand's first pair. */
  private static final int LEAD_RIGHT = 2;

  /**
   * A root of three figures: figure by figure with its trial product, the rest, the next pair and
   * twice the root so far.
   */
  private static PlainPaper root(int radicand, Square last, Slip slip) {
    PlainPaper paper = new PlainPaper();
    int[] pairs = {radicand / 10_000, radicand / 100 % 100, radicand % 100};
    int row = last.row();
    long root = 0;
    long stands = 0;
    for (int round = 0; round < 3; round++) {
      Square under = last.moved(0, 2 * (round - 2));
      long lead = 0;
      if (round > 0) {
        paper.write(pairs[round] / 10, new Square(row, under.column() - 1));
        paper.write(pairs[round] % 10, new Square(row, under.column()));
        lead = slip.is("not doubled", round) ? root : 2 * root;
        paper.write(lead, new Square(row, LEAD_RIGHT));
      }
      stands = 100 * stands + pairs[round];
      long figure = 9;
      while ((10 * lead + figure) * figure > stands) {
        figure--;
      }
      figure -= slip.is("trial", round) && figure > 1 ? 1 : 0;
      if (round > 0) {
        paper.write(figure, new Square(row, LEAD_RIGHT + 1));
      }
      paper.write(figure, new Square(last.row() - 1, under.column()));
      root = 10 * root + figure;
      if (figure > 0) {
        long product = (10 * lead + figure) * figure;
        product -= slip.is("product", round) ? 10 : 0;
        paper.write(product, new Square(row + 1, under.column()));
        stands -= product;
        stands += slip.is("left", round) ? 1 : 0;
        paper.write(stands, new Square(row + 2, under.column()));
        row += 2;
      }
    }
    return paper;
  }

  @ParameterizedTest
  @CsvSource({
    "trial, 1, trial-too-small",
    "trial, 2, trial-too-small",
    "product, 1, MULTIPLY",
    "left, 1, SUBTRACT",
    "left, 2, SUBTRACT",
    "not doubled, 1, not-doubled",
    "not doubled, 2, not-doubled",
    "none, 0, nothing"
  })
  void roots(String what, int round, String name) {
    Random random = new Random(74);
    PlainCount count = new PlainCount();
    for (int page = 0; page < PAGES; page++) {
      int root = 110 + random.nextInt(890);
      int radicand = root * root;
      Sum sum = PlainPaper.sum(Root.natural(Numeral.of(radicand)), "digit-pairs");
      Square last = PlainPaper.lastOfFirst(sum);
      PlainPaper truth = root(radicand, last, Slip.NONE);
      PlainPaper paper = root(radicand, last, new Slip(what, round));
      if (paper.isPlain()) {
        count.add(sum, paper, truth, name);
      }
    }
    count.check(99, 92);
  }
}
