package bemble.judge.reading;

import bemble.judge.report.Stage;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Which of the numbers that are due on a line each written one is. They may be written from either
 * end, and while they are written the last ones may be there before the others.
 *
 * @param truth the page as it is due
 * @param page the page as it is written
 * @param row the row of the line
 */
record NumbersInOrder(Prediction truth, Handwriting page, int row) {
  private static final int MANY = 3;

  /**
   * The number that is due for each written one.
   *
   * @param due the columns of the numbers that are due, from left to right
   * @param written the columns of those that are written, not more of them
   */
  List<List<Integer>> of(List<List<Integer>> due, List<List<Integer>> written, Stage stage) {
    List<List<Integer>> turned = new ArrayList<>(due);
    Collections.reverse(turned);
    List<List<List<Integer>>> orders = new ArrayList<>(List.of(due, turned));
    if (stage == Stage.IN_WORK) {
      int from = due.size() - written.size();
      orders.add(due.subList(from, due.size()));
      orders.add(turned.subList(from, due.size()));
    }
    List<List<Integer>> best = due;
    for (List<List<Integer>> order : orders) {
      if (alike(order, written) > alike(best, written) && isLikely(order, written)) {
        best = order;
      }
    }
    return best;
  }

  /** Whether of three numbers or more at most one is wrong, and none of fewer. */
  private boolean isLikely(List<List<Integer>> due, List<List<Integer>> written) {
    long unlike =
        IntStream.range(0, written.size())
            .filter(i -> likeness(due.get(i), written.get(i)) == 0)
            .count();
    return unlike <= (written.size() < MANY ? 0 : 1);
  }

  private int alike(List<List<Integer>> due, List<List<Integer>> written) {
    return IntStream.range(0, written.size()).map(i -> likeness(due.get(i), written.get(i))).sum();
  }

  /** 2 for the due number, 1 for its beginning or its end. */
  private int likeness(List<Integer> due, List<Integer> written) {
    String is = text(written, false);
    String should = text(due, true);
    return is.equals(should) ? 2 : should.startsWith(is) || should.endsWith(is) ? 1 : 0;
  }

  private String text(List<Integer> columns, boolean isDue) {
    return columns.stream()
        .map(column -> new Square(row, column))
        .map(at -> isDue ? truth.at(at, Spot.FULL) : page.at(at, Spot.FULL).orElse(""))
        .collect(Collectors.joining());
  }
}
