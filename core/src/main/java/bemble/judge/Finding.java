package bemble.judge;

import bemble.paper.Square;
import bemble.plan.Step;
import bemble.slip.Slip;
import java.util.List;

/**
 * One independent mistake on a page.
 *
 * @param squares where it shows first; the square of the lowest place comes first
 * @param step the step of the page, right from there on, that should have been done
 * @param due what that step writes in these squares and around them
 * @param kind the sort of trouble
 * @param slips the slips that explain it, the likeliest first; none where none is known
 * @param distance how far a single figure is from what was due; 0 where that says nothing
 */
public record Finding(
    List<Square> squares, Step step, List<Written> due, Kind kind, List<Slip> slips, int distance) {
  /** Kinds of mistake. */
  public enum Kind {
    /** A slip that has a name. */
    KNOWN,
    /** A single figure of a number fact is wrong. */
    NUMBER_FACT,
    /** A number of the sum was copied wrongly. */
    COPIED_WRONGLY,
    /** The sign of the sum stands nowhere. */
    SIGN_MISSING,
    /** A decimal mark stands in the wrong place, or is missing. */
    POINT,
    /** A figure too many in front of an answer or behind it. */
    TOO_MANY,
    /** Something that belongs there is missing. */
    MISSING,
    /** None of these. */
    UNKNOWN
  }

  /** The same mistake, seen in other squares. */
  Finding at(List<Square> others) {
    return new Finding(others, step, due, kind, slips, distance);
  }

  /** Keeps copies of the lists. */
  public Finding {
    squares = List.copyOf(squares);
    due = List.copyOf(due);
    slips = List.copyOf(slips);
  }
}
