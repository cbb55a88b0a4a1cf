package bemble.diagnosis;

/** The outcomes of an answer. */
public enum Outcome {
  RIGHT,
  WRONG,
  /** No answer was written. */
  BLANK,
  /** The pupil was not there. */
  ABSENT,
  /** The sum was not asked. */
  LEFT_OUT;

  /** The outcome of a place that has no answer which could be right. */
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
