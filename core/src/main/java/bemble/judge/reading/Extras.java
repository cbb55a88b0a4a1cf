package bemble.judge.reading;

import bemble.judge.reading.Prediction.Seen;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Slot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Figures in front of or behind a number that belong to no place of it. A reader of the number
 * reads them too, so they make another number of it.
 */
public final class Extras {
  private final Handwriting page;

  /** Looks at a page. */
  public Extras(Handwriting page) {
    this.page = page;
  }

  /**
   * The squares of such figures beside a figure of an answer, or of a number that is worked out on
   * the way; zeros that change nothing are left.
   */
  public List<Square> beside(Seen seen, Prediction prediction) {
    if (!isOfNumber(seen.entry().slot()) || seen.expected().isEmpty()) {
      return List.of();
    }
    Square lowest = seen.expected().get(0).at();
    Square highest = seen.expected().get(seen.expected().size() - 1).at();
    if (!isWritten(lowest) || !isWritten(highest)) {
      return List.of();
    }
    List<Square> extras = withoutZerosAtEnd(run(highest, -1, prediction));
    List<Square> behind = run(lowest, 1, prediction);
    Role role = seen.entry().slot().role();
    boolean isRest = role == Role.REMAINDER || role == Role.BROUGHT_DOWN;
    if (isRest && behind.stream().allMatch(one -> isGiven(one, prediction))) {
      // Whoever brings all the rest of a dividend down writes what stands above.
      return extras;
    }
    // A class that leaves the place blank takes zeros that hold it, too.
    boolean mayEndWithZeros = role.kind() == Role.Kind.PART || isFraction(lowest, prediction);
    extras.addAll(mayEndWithZeros ? withoutZerosAtEnd(behind) : behind);
    return extras;
  }

  /** Half a square holds one figure, whatever stands beside it. */
  private static boolean isOfNumber(Slot slot) {
    Role.Kind kind = slot.role().kind();
    return slot.spot() == Spot.FULL
        && (kind == Role.Kind.ANSWER || kind == Role.Kind.PART)
        && slot.role() != Role.HALF
        && slot.role() != Role.EDGE;
  }

  private boolean isWritten(Square square) {
    return Handwriting.isDigit(page.at(square, Spot.FULL).orElse(null));
  }

  /** The digits that join on to a square on one side and are expected nowhere. */
  private List<Square> run(Square from, int columns, Prediction prediction) {
    List<Square> run = new ArrayList<>();
    Square at = from.moved(0, columns);
    while (isWritten(at) && prediction.at(at, Spot.FULL) == null && !prediction.isCell(at)) {
      run.add(at);
      at = at.moved(0, columns);
    }
    return run;
  }

  private boolean isGiven(Square square, Prediction prediction) {
    return prediction.seen().stream()
        .filter(Seen::isSetOut)
        .flatMap(seen -> seen.expected().stream())
        .filter(one -> one.at().column() == square.column() && one.at().row() < square.row())
        .anyMatch(one -> page.at(square, Spot.FULL).equals(Optional.of(one.text())));
  }

  private List<Square> withoutZerosAtEnd(List<Square> run) {
    List<Square> rest = new ArrayList<>(run);
    Collections.reverse(rest);
    while (!rest.isEmpty() && page.at(rest.get(0), Spot.FULL).orElse("").equals("0")) {
      rest.remove(0);
    }
    Collections.reverse(rest);
    return rest;
  }

  /** Whether the row has a decimal mark before a square, so that zeros behind it change nothing. */
  private static boolean isFraction(Square at, Prediction prediction) {
    return prediction.pointsOnPaper().stream()
        .anyMatch(after -> after.row() == at.row() && after.column() < at.column());
  }
}
