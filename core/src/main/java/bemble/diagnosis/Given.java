package bemble.diagnosis;

/** What stands in a place for an answer. */
public sealed interface Given {
  /** An answer. */
  record Answered(Reply reply) implements Given {}

  /** Nothing: the pupil was there and wrote no answer. */
  record Blank() implements Given {}

  /** The sum was not asked of the pupil. */
  record LeftOut() implements Given {}
}
