package bemble.diagnosis;

/** What stands in a place for an answer. */
public sealed interface AnswerSpace {
  /** An answer. */
  record Answered(Reply reply) implements AnswerSpace {}

  /** Nothing: the pupil was there and wrote no answer. */
  record Blank() implements AnswerSpace {}

  /** The sum was not asked of the pupil. */
  record LeftOut() implements AnswerSpace {}
}
