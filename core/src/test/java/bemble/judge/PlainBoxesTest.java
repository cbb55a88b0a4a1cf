package bemble.judge;

import bemble.judge.PlainPaper.Slip;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole pages of the area method and the lattice by a writer who knows no procedure, only where the
 * boxes are. With one slip, which is the first finding and the only one; without any, all is right.
 */
class PlainBoxesTest {
  private static final int PAGES = 150;

  /** Two numbers of two figures without zeros. */
  private record Factors(int top, int side) {
    static Factors random(Random random) {
      return new Factors(number(random), number(random));
    }

    private static int number(Random random) {
      return (2 + random.nextInt(8)) * 10 + 2 + random.nextInt(8);
    }

    Sum sum(String method) {
      return PlainPaper.sum(new Multiplication(Numeral.of(top), Numeral.of(side)), method);
    }
  }

  /** Adds two numbers; a carry into the place of {@code slipped} (0 for none) is forgotten. */
  private static long added(long one, long other, long slipped) {
    long total = one + other;
    boolean carried = slipped > 1 && one % slipped + other % slipped >= slipped;
    return carried && total / slipped % 10 > 0 ? total - slipped : total;
  }

  /** Boxes row by row, the row's total behind them, the product under the totals. */
  private static PlainPaper area(Factors factors, Square ones, Slip slip) {
    PlainPaper paper = new PlainPaper();
    int[] tops = {factors.top / 10 * 10, factors.top % 10};
    int[] sides = {factors.side / 10 * 10, factors.side % 10};
    long[] rows = new long[2];
    for (int row = 0; row < 2; row++) {
      long[] boxes = new long[2];
      for (int column = 0; column < 2; column++) {
        int box = 2 * row + column;
        int more = slip.is("fact", box) ? (column == 0 ? 10 : 1) : 0;
        long product = (long) (tops[column] + more) * sides[row];
        product /= slip.is("zero", box) ? 10 : 1;
        boxes[column] = product;
        if (slip.is("box", box)) {
          boxes[column] = 0;
        } else {
          paper.writeSmall(product, new Square(1 + row, 2 + 3 * column));
        }
      }
      rows[row] = boxes[0] + boxes[1];
      paper.write(rows[row], new Square(1 + row, ones.column()));
    }
    paper.write(added(rows[0], rows[1], slip.is("carry", 0) ? 100 : 0), ones);
    return paper;
  }

  /** Halves box by box, the diagonals from the ones on, and the answer read round the corner. */
  private static PlainPaper lattice(Factors factors, Square ones, Slip slip) {
    PlainPaper paper = new PlainPaper();
    int[] places = new int[4];
    for (int row = 0; row < 2; row++) {
      for (int column = 0; column < 2; column++) {
        int side = row == 0 ? factors.side / 10 : factors.side % 10;
        int top = column == 0 ? factors.top / 10 : factors.top % 10;
        int box = 2 * row + column;
        int product = top * side + (slip.is("fact", box) ? top : 0);
        boolean turned = slip.is("turned", box);
        int above = turned ? product % 10 : product / 10;
        int below = turned ? product / 10 : product % 10;
        paper.write(above, new Square(1 + 2 * row, 2 + 2 * column));
        paper.write(below, new Square(2 + 2 * row, 3 + 2 * column));
        places[3 - row - column] += above;
        places[2 - row - column] += below;
      }
    }
    int carry = 0;
    int[] answer = new int[4];
    for (int place = 0; place < 4; place++) {
      int total = places[place] + (slip.is("carry", 0) ? 0 : carry);
      answer[place] = total % 10;
      carry = total / 10;
      if (place < 3 || total > 0) {
        paper.write(
            total % 10, place < 2 ? new Square(5, 5 - 2 * place) : new Square(7 - 2 * place, 1));
      }
    }
    for (int place = 3; place >= 0; place--) {
      if (place < 3 || answer[3] > 0) {
        paper.write(answer[place], ones.moved(0, -place));
      }
    }
    return paper;
  }

  private interface Writer {
    PlainPaper write(Factors factors, Square ones, Slip slip);
  }

  private static void judged(String method, Writer writer, Slip slip, String name) {
    Random random = new Random(73);
    PlainCount count = new PlainCount();
    for (int page = 0; page < PAGES; page++) {
      Factors factors = Factors.random(random);
      Sum sum = factors.sum(method);
      Square ones = PlainPaper.lastOfAnswer(sum);
      PlainPaper truth = writer.write(factors, ones, Slip.NONE);
      count.add(sum, writer.write(factors, ones, slip), truth, name);
    }
    count.check(99, 92);
  }

  @ParameterizedTest
  @CsvSource({
    "fact, 0, MULTIPLY",
    "fact, 3, MULTIPLY",
    "zero, 0, zeros-lost-in-box",
    "zero, 1, zeros-lost-in-box",
    "box, 1, box-left-out",
    "box, 2, box-left-out",
    "carry, 0, rows-added-wrongly",
    "none, 0, nothing"
  })
  void areas(String what, int box, String name) {
    judged("area", PlainBoxesTest::area, new Slip(what, box), name);
  }

  @ParameterizedTest
  @CsvSource({
    "fact, 0, MULTIPLY",
    "fact, 3, MULTIPLY",
    "turned, 1, tens-below-the-cut",
    "turned, 2, tens-below-the-cut",
    "carry, 0, carry-not-added",
    "none, 0, nothing"
  })
  void lattices(String what, int box, String name) {
    judged("lattice", PlainBoxesTest::lattice, new Slip(what, box), name);
  }
}
