package bemble.judge.reading;

import bemble.judge.report.Finding;
import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * A page as it is read: everything that was written, moved to the square in which it is due, and
 * the way back.
 *
 * @param written everything as it stands on the sheet
 * @param read the same, in the same order, in the squares in which it is compared
 * @param stands the square of the sheet with the mark that is read in a square
 */
public record Transposed(List<Written> written, List<Written> read, UnaryOperator<Square> stands) {
  /** A row below any sheet. */
  private static final int AWAY = 100_000;

  /** A page that is read as it stands. */
  public static Transposed none(List<Written> page) {
    return new Transposed(page, page, UnaryOperator.identity());
  }

  /**
   * The page with some of it moved once more.
   *
   * @param due the square in which a mark is to be read that is read elsewhere now
   * @param from the square in which a mark is read now that is due in a square
   */
  Transposed moved(Function<Written, Square> due, UnaryOperator<Square> from) {
    List<Written> moved =
        read.stream().map(each -> new Written(due.apply(each), each.spot(), each.text())).toList();
    return new Transposed(written, moved, at -> stands.apply(from.apply(at)));
  }

  /**
   * The page with some marks read as others of the same meaning.
   *
   * @param as the marks as they are read; in the same order
   * @param more marks that are read besides, though they do not stand there
   */
  Transposed as(UnaryOperator<Written> as, List<Written> more) {
    List<Written> other = new ArrayList<>(read.stream().map(as).toList());
    other.addAll(more);
    return new Transposed(written, other, stands);
  }

  /** A mark moved aside, to a place with no part in the work: a zero there is not looked at. */
  static Written aside(Written written) {
    Square away = new Square(AWAY + written.at().row(), written.at().column());
    return new Written(away, Spot.FULL, "0");
  }

  /** Whether a mark was moved aside. */
  static boolean isAside(Written written) {
    return written.at().row() >= AWAY;
  }

  /** The report on the page that was read, with the squares of the sheet. */
  public Report putBack(Report report) {
    if (read == written) {
      return report;
    }
    List<Judged> figures = new ArrayList<>();
    for (int i = 0; i < written.size(); i++) {
      figures.add(new Judged(written.get(i), report.figures().get(i).verdict()));
    }
    List<Finding> findings =
        report.findings().stream()
            .map(each -> each.moved(squares(each.squares()), writings(each.due())))
            .toList();
    Report.Next next =
        report.next() == null
            ? null
            : new Report.Next(report.next().step(), writings(report.next().due()));
    return new Report(figures, squares(report.missing()), findings, report.page(), next);
  }

  private List<Square> squares(List<Square> read) {
    return read.stream().map(stands).toList();
  }

  private List<Written> writings(List<Written> read) {
    return read.stream()
        .map(each -> new Written(stands.apply(each.at()), each.spot(), each.text()))
        .toList();
  }
}
