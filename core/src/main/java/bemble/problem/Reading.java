package bemble.problem;

/** The result of reading a text: a sum, or the reason why it cannot be read. */
public sealed interface Reading permits Reading.Understood, Refusal {
  /**
   * The text was a sum.
   *
   * @param problem the sum
   */
  record Understood(Problem problem) implements Reading {}
}
