package bemble.judge.reading;

import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.paper.Role;
import bemble.paper.Square;
import java.util.List;
import java.util.Optional;

/**
 * A round of a division by easy counts in which nothing is taken off: its count is 0, it has no
 * product, and what was left is written again. The page is read without it.
 *
 * @param counts the column of the ones of the counts
 * @param ones the column of the ones of the dividend
 */
record RoundsOfNothing(int counts, int ones) {
  private static final int ROWS = 2;

  /**
   * The rounds of nothing of a page; empty if it is no division by easy counts, or has no room for
   * one.
   */
  static Optional<RoundsOfNothing> of(Prediction truth) {
    Optional<Square> count = square(truth, Role.COUNT);
    Optional<Square> product = square(truth, Role.PRODUCT);
    return count.isPresent() && product.isPresent()
        ? Optional.of(new RoundsOfNothing(count.get().column(), product.get().column()))
        : Optional.empty();
  }

  private static Optional<Square> square(Prediction truth, Role role) {
    return truth.seen().stream()
        .map(Seen::entry)
        .filter(entry -> entry.slot().role() == role)
        .map(entry -> entry.slot().square())
        .findFirst();
  }

  /** The page without them. */
  Transposed on(Transposed page, Stage stage) {
    Transposed read = page;
    for (Optional<Integer> row = row(read, stage); row.isPresent(); row = row(read, stage)) {
      read = without(read, row.get());
    }
    return read;
  }

  private Optional<Integer> row(Transposed page, Stage stage) {
    Handwriting writing = new Handwriting(page.read());
    return page.read().stream()
        .filter(one -> one.isFull() && one.at().column() == counts)
        .filter(one -> !Transposed.isAside(one))
        .map(one -> one.at().row())
        .filter(row -> isOfNothing(writing, row, stage))
        .findFirst();
  }

  private boolean isOfNothing(Handwriting writing, int row, Stage stage) {
    String count = writing.digitsLeftFrom(new Square(row, counts));
    String product = writing.digitsLeftFrom(new Square(row, ones));
    String before = writing.digitsLeftFrom(new Square(row - 1, ones));
    String then = writing.digitsLeftFrom(new Square(row + 1, ones));
    boolean begun = then.isEmpty() || stage == Stage.IN_WORK && before.endsWith(then);
    return count.equals("0") && product.matches("0*") && (begun || then.equals(before));
  }

  private Transposed without(Transposed page, int row) {
    Transposed read =
        page.as(
            one -> one.at().row() == row && one.isFull() ? Transposed.aside(one) : one, List.of());
    return read.moved(each -> due(each, row), at -> stands(at, row));
  }

  private Square due(Written written, int row) {
    Square at = written.at();
    boolean after = at.row() > row && written.isFull() && !Transposed.isAside(written);
    return after ? at.moved(-ROWS, 0) : at;
  }

  private Square stands(Square at, int row) {
    boolean after = at.row() >= row || at.row() == row - 1 && at.column() > ones;
    return after ? at.moved(ROWS, 0) : at;
  }
}
