package bemble.progress;

import java.util.List;

/**
 * A proposal for the next lesson of a class.
 *
 * @param rung the id of the rung that it is about
 * @param slip the id of the slip to teach against; empty for other proposals
 * @param pupils those whom it is for, one or more
 */
public record Proposal(Why why, String rung, String slip, List<Long> pupils, Count count) {
  /**
   * The numbers in the words of the reason.
   *
   * @param of how many pupils there are
   * @param standing how many of them are nearly sure of the rung at the least
   * @param due how many were sure of it and are to look at it again
   * @param lessons how many lessons it has had
   */
  public record Count(int of, int standing, int due, int lessons) {}

  /** The purposes of a lesson. */
  public enum Kind {
    /** Some pupils make a slip. */
    RETEACH,
    /** Some pupils were sure of the rung a while ago. */
    LOOK_AGAIN,
    /** Some pupils are ready for the rung, or have begun it. */
    TEACH
  }

  /** Why it is proposed, the most urgent first. */
  public enum Why {
    /** A slip that a large part of the class makes. */
    SLIP(Kind.RETEACH),
    /** A part of the class has too much open that was taught: nothing new, but mixed practice. */
    MIXED(Kind.LOOK_AGAIN),
    /** It was taught, and too few stand. */
    NOT_YET(Kind.TEACH),
    /** Enough pupils are ready for the rung, in an operation that the class works in. */
    GO_ON(Kind.TEACH),
    /** Enough pupils are ready for the rung, in an operation that the class has not begun. */
    BEGIN(Kind.TEACH),
    /** Enough pupils will be ready for the rung once the planned lessons are taught. */
    AHEAD(Kind.TEACH),
    /** Some pupils are ready for the rung, but not enough. */
    SOME_READY(Kind.TEACH),
    /** The rung was taught, and too little work on it is marked to say more. */
    UNMARKED(Kind.TEACH),
    /** Enough stand; it is for some pupils alone. */
    FOR_SOME(Kind.TEACH),
    /** There is no rung to teach, but one to look at again. */
    REVIEW(Kind.LOOK_AGAIN),
    /** Some are due or not sure yet: it comes in openers. */
    OPENER(Kind.LOOK_AGAIN);

    private final Kind kind;

    Why(Kind kind) {
      this.kind = kind;
    }

    /** The purpose of a lesson for this reason. */
    public Kind kind() {
      return kind;
    }
  }

  /** Keeps a copy of the pupils. */
  public Proposal {
    pupils = List.copyOf(pupils);
  }
}
