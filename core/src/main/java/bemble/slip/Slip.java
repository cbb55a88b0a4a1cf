package bemble.slip;

import bemble.problem.Problem;
import org.jspecify.annotations.Nullable;

/**
 * A slip that is known by name, one of those that teachers of column arithmetic describe as usual
 * among their pupils: its kind, and its change to a procedure. It stands beside that change, in the
 * class of its operation. A method knows which slips happen in it, and which is likelier.
 */
public final class Slip implements Comparable<Slip> {
  /** The kinds of mistakes that a slip can be. */
  enum Kind {
    /** A rule of the method. */
    RULE,
    /** A rule whose breach gives the answers of a likelier slip, and is told from a page alone. */
    ON_PAGES,
    /** The operation: the whole sum is another one. */
    WHOLE_SUM,
    /** Where the sum is set out: nothing where that was done for the writer. */
    SETTING_OUT,
    /**
     * Where the sum is set out, and told from the answer alone: on squared paper it is seen where
     * the numbers stand.
     */
    IN_ANSWERS,
    /** A number fact that the writer has wrong. */
    MISSED_FACT,
    /** The table of a whole row of products, which is taken from another one. */
    WRONG_TABLE,
    /** A figure that is read as another. */
    MISREAD,
    /** The payment for ten more in the next column. */
    UNPAID_TEN
  }

  private final String id;
  private final Kind kind;
  private final Change.Maker maker;
  private final Slip named;

  private Slip(String id, Kind kind, Change.Maker maker, @Nullable Slip named) {
    this.id = id;
    this.kind = kind;
    this.maker = maker;
    this.named = named == null ? this : named;
  }

  static Slip of(String id, Kind kind, Change.Maker maker) {
    return new Slip(id, kind, maker, null);
  }

  /** A slip in which a rule of the method is missed. */
  static Slip ofRule(String id, Change.Maker maker) {
    return of(id, Kind.RULE, maker);
  }

  /** Another form in which this slip is written. */
  Slip form(String id, Change.Maker maker) {
    return form(id, kind, maker);
  }

  /** Another form of this slip that is told in another way. */
  Slip form(String id, Kind kind, Change.Maker maker) {
    return new Slip(id, kind, maker, this);
  }

  /** The slip of which this is a form: the misunderstanding is the same and has one name. */
  public Slip named() {
    return named;
  }

  /** A stable name: {@code carry-not-added}. */
  public String id() {
    return id;
  }

  /** Whether it happens when the sum is set out, and so not where that was done for the writer. */
  public boolean isOfSettingOut() {
    return kind == Kind.SETTING_OUT || kind == Kind.IN_ANSWERS;
  }

  /** Whether pages show it. */
  public boolean isToldByPages() {
    return kind != Kind.IN_ANSWERS;
  }

  /** Whether a number fact is missed in it or a figure misread, and no rule of the method. */
  public boolean isOfFacts() {
    return kind == Kind.MISSED_FACT || kind == Kind.MISREAD;
  }

  /** Whether its answers tell it from other slips and from missed facts. */
  public boolean isToldByAnswers() {
    return !isOfFacts() && kind != Kind.ON_PAGES;
  }

  /** Whether it is made in the whole sum or nowhere in it: mostly another operation. */
  public boolean isOfWholeSum() {
    return kind == Kind.WHOLE_SUM || kind == Kind.IN_ANSWERS;
  }

  /** Whether it is a number fact that the writer has wrong. */
  public boolean isMissedFact() {
    return kind == Kind.MISSED_FACT || kind == Kind.WRONG_TABLE;
  }

  /** Whether ten more are taken for which nothing is paid in the next column. */
  public boolean leavesUnpaid() {
    return kind == Kind.UNPAID_TEN;
  }

  Change change(Problem problem) {
    return maker.of(problem);
  }

  /** In the order of their ids. */
  @Override
  public int compareTo(Slip other) {
    return id.compareTo(other.id);
  }

  @Override
  public String toString() {
    return id;
  }
}
