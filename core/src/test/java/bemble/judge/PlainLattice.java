package bemble.judge;

import bemble.paper.Square;
import java.util.List;

/**
 * A lattice of two figures by two, written box by box and then round its edge.
 *
 * @param top the number along the top
 * @param side the number down the side
 */
public record PlainLattice(int top, int side) {
  private static final int PLACES = 4;

  /** The figures that are written at the edge for a diagonal. */
  @FunctionalInterface
  public interface Edge {
    /** The figure for a diagonal's total, by its place from the ones on. */
    int figure(int place, int total);
  }

  /** The two squares of a box, row by row from 0; the tens first. */
  public static List<Square> box(int number) {
    Square above = new Square(1 + 2 * (number / 2), 2 + 2 * (number % 2));
    return List.of(above, above.moved(1, 1));
  }

  /** The square at the edge of a diagonal. */
  public static Square edge(int place) {
    return place < 2 ? new Square(5, 5 - 2 * place) : new Square(7 - 2 * place, 1);
  }

  /** Fills all boxes but one; gives the total of each diagonal without a carry. */
  public int[] fill(PlainPaper paper, int leftOut) {
    int[] tops = {top / 10, top % 10};
    int[] sides = {side / 10, side % 10};
    int[] places = new int[PLACES];
    for (int box = 0; box < PLACES; box++) {
      if (box != leftOut) {
        int product = tops[box % 2] * sides[box / 2];
        paper.write(product / 10, box(box).get(0));
        paper.write(product % 10, box(box).get(1));
        int place = 2 - box / 2 - box % 2;
        places[place + 1] += product / 10;
        places[place] += product % 10;
      }
    }
    return places;
  }

  /** Writes the figures at the edge; gives the number that they make. */
  public static long add(PlainPaper paper, int[] places, Edge edge) {
    int carry = 0;
    long answer = 0;
    long worth = 1;
    for (int place = 0; place < PLACES; place++, worth *= 10) {
      int total = places[place] + carry;
      carry = total / 10;
      int figure = edge.figure(place, total);
      answer += figure * worth;
      if (place < PLACES - 1 || total > 0) {
        paper.write(figure, edge(place));
      }
    }
    return answer;
  }
}
