package bemble.judge.reading;

import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Written;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Addition;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A part of 0 on a line of parts, which changes nothing: it is read without it and its sign. */
final class PartsOfNothing {
  private PartsOfNothing() {}

  /** The page without the parts of nothing. */
  static Transposed on(Transposed page, Prediction truth) {
    Set<Integer> lines = lines(truth);
    Handwriting writing = new Handwriting(page.read());
    Set<Square> nothing = new HashSet<>();
    for (Written one : page.read()) {
      boolean alone = one.text().equals("0") && one.isFull() && lines.contains(one.at().row());
      if (alone && !isDigit(writing, one.at(), -1) && !isDigit(writing, one.at(), 1)) {
        boolean before = isWritten(writing, one.at(), -1);
        if (before || isWritten(writing, one.at(), 1)) {
          nothing.add(one.at());
          nothing.add(one.at().moved(0, before ? -1 : 1));
        }
      }
    }
    return nothing.isEmpty()
        ? page
        : page.as(one -> nothing.contains(one.at()) ? Transposed.aside(one) : one, List.of());
  }

  private static boolean isWritten(Handwriting writing, Square at, int right) {
    return writing.at(at.moved(0, right), Spot.FULL).isPresent();
  }

  private static boolean isDigit(Handwriting writing, Square at, int right) {
    return Handwriting.isDigit(writing.at(at.moved(0, right), Spot.FULL).orElse(null));
  }

  /** The rows in which parts are written with signs between, and none of them is 0 by itself. */
  private static Set<Integer> lines(Prediction truth) {
    Set<Integer> lines = new HashSet<>();
    if (truth.working().problem() instanceof Addition sum) {
      truth.seen().stream()
          .filter(seen -> seen.entry().slot().role() == Role.PARTIAL)
          .forEach(seen -> lines.add(seen.entry().slot().square().row()));
      if (sum.addends().stream().anyMatch(Numeral::isZero)) {
        truth.seen().stream()
            .filter(Seen::isSetOut)
            .forEach(seen -> lines.remove(seen.entry().slot().square().row()));
      }
    }
    return lines;
  }
}
