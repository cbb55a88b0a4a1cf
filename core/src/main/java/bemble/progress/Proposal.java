package bemble.progress;

import java.util.List;

/**
 * Something that a class may do next.
 *
 * @param rung the id of the rung that it is about
 * @param slip the id of the slip to teach against; empty for other proposals
 * @param pupils those whom it is for
 * @param of how many pupils there are
 */
public record Proposal(Kind kind, String rung, String slip, List<Long> pupils, int of) {
  /** What there is to do. */
  public enum Kind {
    /** What they make a slip in. */
    RETEACH,
    /** What they were sure of some while ago. */
    LOOK_AGAIN,
    /** What they are ready for: all that it needs is sure. */
    TEACH
  }

  /** Keeps a copy of the pupils. */
  public Proposal {
    pupils = List.copyOf(pupils);
  }
}
