package bemble.judge.report;

import bemble.fact.Fact;
import bemble.paper.Square;
import bemble.procedure.Step;
import bemble.slip.Slip;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;

/**
 * One independent mistake on a page.
 *
 * @param squares where it shows first; the square of the lowest place comes first
 * @param step the step of the page, right from there on, that should have been done
 * @param due the marks of that step in these squares and around them
 * @param kind the sort of trouble
 * @param slips the slips that explain it, the likeliest first; none where none is known
 * @param fact the number fact that was missed; empty for another kind of mistake, or if the
 *     writer's version of the fact cannot be told
 */
public record Finding(
    List<Square> squares,
    Step step,
    List<Written> due,
    Kind kind,
    List<Slip> slips,
    Optional<MissedFact> fact) {
  /**
   * A number fact that the writer has wrong.
   *
   * @param fact as it should be
   * @param as the result that was written
   */
  public record MissedFact(Fact fact, BigInteger as) {}

  /** Kinds of mistake. */
  public enum Kind {
    /** A slip that has a name. */
    KNOWN,
    /** A single figure of a number fact is wrong. */
    NUMBER_FACT,
    /** Two figures beside each other stand each in the place of the other. */
    CHANGED_OVER,
    /** A number of which all figures stand further left than they should. */
    TOO_FAR_LEFT,
    /** A number of which all figures stand further right than they should. */
    TOO_FAR_RIGHT,
    /** A number of the sum was copied wrongly. */
    COPIED_WRONGLY,
    /** The sign of the sum stands nowhere. */
    SIGN_MISSING,
    /** A decimal mark stands in the wrong place, or is missing. */
    POINT,
    /** A figure too many in front of a number or behind it. */
    TOO_MANY,
    /** A mark that belongs there is missing. */
    MISSING,
    /** None of these. */
    UNKNOWN
  }

  /** The same finding with its squares, and the due marks, elsewhere. */
  public Finding moved(List<Square> others, List<Written> due) {
    return new Finding(others, step, due, kind, slips, fact);
  }

  /** Keeps copies of the lists. */
  public Finding {
    squares = List.copyOf(squares);
    due = List.copyOf(due);
    slips = List.copyOf(slips);
  }
}
