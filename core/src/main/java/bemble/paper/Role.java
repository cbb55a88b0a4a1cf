package bemble.paper;

/** The purpose of a mark. A renderer may colour by it and a judge may look for it. */
public enum Role {
  HEAD(Kind.FRAME),
  GIVEN(Kind.GIVEN),
  /** A figure of a number that was found by an earlier working on the page. */
  FOUND(Kind.GIVEN),
  /** A zero that only fills a place. */
  PADDING(Kind.GIVEN),
  SIGN(Kind.FRAME),
  POINT(Kind.FRAME),
  /** A mark between groups of three figures. */
  THOUSANDS(Kind.FRAME),
  RULE(Kind.FRAME),
  CARRY(Kind.AID),
  /** A top figure rewritten in an exchange. */
  EXCHANGE(Kind.AID),
  /** The small one before a top figure: ten more. */
  TEN_MORE(Kind.AID),
  /** The small one low in the next column: one more to take. */
  ONE_MORE(Kind.AID),
  /** The remainder of a place in short division, small before the next figure. */
  LEFT_OVER(Kind.AID),
  /** A number or a row on the way to the answer. */
  PARTIAL(Kind.PART),
  /** The zero at the end of a row that stands for tens, hundreds and so on. */
  PLACEHOLDER(Kind.PART),
  /** How many times the divisor is taken off at once. */
  COUNT(Kind.PART),
  /** A figure of a product in a square that is cut in two. */
  HALF(Kind.PART),
  /** A figure of a diagonal's total, at the edge of its box. */
  EDGE(Kind.PART),
  DIVISOR(Kind.GIVEN),
  QUOTIENT(Kind.ANSWER),
  PRODUCT(Kind.PART),
  REMAINDER(Kind.PART),
  BROUGHT_DOWN(Kind.PART),
  MULTIPLE(Kind.AID),
  ROOT(Kind.ANSWER),
  LEAD(Kind.PART),
  TRY(Kind.AID),
  STOP(Kind.PART),
  HOP(Kind.PART),
  ANSWER(Kind.ANSWER),
  /** A drawing to be looked at, without a value of its own. */
  DRAWING(Kind.NOTE),
  NOTE(Kind.NOTE);

  /** The kinds of roles, as a reader or the judge of the page needs them. */
  public enum Kind {
    /** Copied from the sum, or found before the page was begun. */
    GIVEN,
    /** Lines, signs and heads that hold the page together. */
    FRAME,
    /** A small figure that helps the writer; a page is whole without it. */
    AID,
    /** A part of the answer, worked out on the way. */
    PART,
    /** A figure of the answer. */
    ANSWER,
    /** Words or drawings to be looked at. */
    NOTE
  }

  private final Kind kind;

  Role(Kind kind) {
    this.kind = kind;
  }

  /** The kind of this role. */
  public Kind kind() {
    return kind;
  }

  /** Whether its value is written whole, with nothing to its left, and not figure by figure. */
  public boolean isWhole() {
    return switch (this) {
      case PRODUCT, REMAINDER, COUNT, LEAD, DIVISOR -> true;
      default -> false;
    };
  }

  /** Whether somebody who reads a page out reads it as a line of its own. */
  public boolean isLine() {
    return switch (this) {
      case QUOTIENT, ROOT, PARTIAL, PRODUCT, REMAINDER, COUNT, ANSWER -> true;
      default -> false;
    };
  }

  /** Whether it stands in a list beside the page, which a class may leave out. */
  public boolean isInMargin() {
    return this == MULTIPLE || this == TRY;
  }
}
