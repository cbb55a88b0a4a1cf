package bemble.judge.reading;

import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Numbers on one line with signs between them. A writer who sets the sum out alone may write them
 * nearer to one another than the page does, which keeps room for the longest possible numbers.
 *
 * @param real the square in which the figure that is due in another one stands
 */
public record Spread(Map<Square, Square> real) {
  /** Where the numbers of each line stand that has a sign between. */
  static Spread of(List<Written> page, Prediction truth, Stage stage) {
    return of(page, truth, stage, false);
  }

  /** The same, but only of lines that are written from their other end. */
  static Spread turned(List<Written> page, Prediction truth, Stage stage) {
    return of(page, truth, stage, true);
  }

  private static Spread of(List<Written> page, Prediction truth, Stage stage, boolean turned) {
    Map<Square, Square> real = new HashMap<>();
    Handwriting writing = new Handwriting(page);
    signs(truth.working())
        .forEach(
            (row, signs) -> {
              List<List<Integer>> due = numbers(due(truth, row));
              List<List<Integer>> written = numbers(written(page, row, true));
              List<Integer> others = written(page, row, false);
              boolean between = due.size() == signs.size() + 1 && signs.get(0) > due.get(0).get(0);
              if (!between || written.size() > due.size() || others.size() > signs.size()) {
                return;
              }
              List<List<Integer>> order =
                  truth.working().problem() instanceof Addition
                      ? new NumbersInOrder(truth, writing, row).of(due, written, stage)
                      : due;
              boolean signed = others.size() > 0 && others.size() == written.size() - 1;
              if (turned && (order.equals(due) || !signed)) {
                return;
              }
              for (int i = 0; i < written.size(); i++) {
                List<Integer> number = written.get(i);
                List<Integer> offs = offs(order.get(i), number, stage);
                int off =
                    offs.stream()
                        .filter(each -> isDue(truth, writing, row, number, each))
                        .findFirst()
                        .orElse(offs.get(0));
                for (int column : number) {
                  real.put(new Square(row, column + off), new Square(row, column));
                }
              }
              for (int i = 0; i < others.size(); i++) {
                real.put(new Square(row, signs.get(i)), new Square(row, others.get(i)));
              }
            });
    return new Spread(real);
  }

  /** The signs that are written while the sum is worked, by row. */
  private static Map<Integer, List<Integer>> signs(Working working) {
    Map<Integer, List<Integer>> signs = new TreeMap<>();
    for (Mark mark : working.paper().marks()) {
      boolean isSign = mark.role() == Role.SIGN && !working.opensWith(mark);
      if (isSign && mark.shape() instanceof Shape.Figure figure) {
        signs
            .computeIfAbsent(figure.at().row(), any -> new ArrayList<>())
            .add(figure.at().column());
      }
    }
    return signs;
  }

  private static List<Integer> due(Prediction truth, int row) {
    return truth.seen().stream()
        .flatMap(seen -> seen.expected().stream())
        .filter(one -> one.spot() == Spot.FULL && one.at().row() == row)
        .map(one -> one.at().column())
        .toList();
  }

  /** Where digits are written in a row, or else signs. */
  private static List<Integer> written(List<Written> page, int row, boolean digits) {
    return page.stream()
        .filter(one -> one.isFull() && one.at().row() == row)
        .filter(one -> Handwriting.isDigit(one.text()) == digits)
        .map(one -> one.at().column())
        .sorted()
        .toList();
  }

  /** Columns side by side are of one number. */
  private static List<List<Integer>> numbers(List<Integer> columns) {
    List<List<Integer>> numbers = new ArrayList<>();
    for (int column : columns.stream().distinct().sorted().toList()) {
      List<Integer> last = numbers.isEmpty() ? List.of() : numbers.get(numbers.size() - 1);
      if (last.isEmpty() || last.get(last.size() - 1) != column - 1) {
        last = new ArrayList<>();
        numbers.add(last);
      }
      last.add(column);
    }
    return numbers;
  }

  /**
   * By how much further right a number may be due than it stands, the likeliest first: not at all
   * where it stands in its squares, and one that is not finished with its first figure.
   */
  private static List<Integer> offs(List<Integer> due, List<Integer> written, Stage stage) {
    List<Integer> offs = new ArrayList<>(due.containsAll(written) ? List.of(0) : List.of());
    if (stage == Stage.IN_WORK && written.size() < due.size()) {
      offs.add(due.get(0) - written.get(0));
    }
    offs.add(due.get(due.size() - 1) - written.get(written.size() - 1));
    return offs;
  }

  /** Whether the figures of a number are the ones that are due further right. */
  private static boolean isDue(
      Prediction truth, Handwriting page, int row, List<Integer> columns, int off) {
    return columns.stream()
        .allMatch(
            column ->
                page.at(new Square(row, column), Spot.FULL)
                    .equals(
                        Optional.ofNullable(truth.at(new Square(row, column + off), Spot.FULL))));
  }

  /** The page read with its numbers where they are due. */
  public Transposed on(Transposed page) {
    Map<Square, Square> due = new HashMap<>();
    real.forEach((at, stands) -> due.put(stands, at));
    return page.moved(
        written -> due.getOrDefault(written.at(), written.at()), at -> real.getOrDefault(at, at));
  }
}
