package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.Set;

/** The content of the space for an answer. */
public sealed interface AnswerSpace {
  /** An answer. */
  record Answered(Reply reply) implements AnswerSpace {}

  /**
   * A page that was judged square by square, which tells more than its answer.
   *
   * @param slips the slips that stand on it, by their names; none for a page without any
   */
  record Seen(Set<Slip> slips) implements AnswerSpace {
    /** Keeps a copy. */
    public Seen {
      slips = Set.copyOf(slips);
    }
  }

  /** Nothing: the pupil was there and wrote no answer. */
  record Blank() implements AnswerSpace {}

  /** A text that is no number, or that nobody can read: wrong, whatever it says. */
  record NoNumber() implements AnswerSpace {}

  /** The pupil was not there. */
  record Absent() implements AnswerSpace {}

  /** The sum was not asked of the pupil. */
  record LeftOut() implements AnswerSpace {}
}
