package bemble.diagnosis;

/** What an answer is worth. */
public enum Outcome {
  RIGHT,
  WRONG,
  /** No answer was written. */
  BLANK,
  /** The sum was not asked. */
  LEFT_OUT
}
