package bemble.diagnosis;

/** What an answer is worth. */
public enum Outcome {
  RIGHT,
  WRONG,
  /** No answer was written. */
  BLANK,
  /** The pupil was not there. */
  ABSENT,
  /** The sum was not asked. */
  LEFT_OUT;

  /** What a place is worth in which no answer stands that could be right. */
  public static Outcome without(AnswerSpace space) {
    if (space instanceof AnswerSpace.NoNumber) {
      return WRONG;
    }
    if (space instanceof AnswerSpace.Absent) {
      return ABSENT;
    }
    return space instanceof AnswerSpace.Blank ? BLANK : LEFT_OUT;
  }
}
