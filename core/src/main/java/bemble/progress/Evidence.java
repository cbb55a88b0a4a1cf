package bemble.progress;

import java.time.LocalDate;

/**
 * A sum of a rung that a pupil has worked.
 *
 * @param day when
 * @param right whether the answer, or all of the page, was right
 * @param helped whether there was help on the way: a hint, or a judge who speaks as one goes
 * @param slip the id of the slip that was made; empty where none is known
 */
public record Evidence(LocalDate day, boolean right, boolean helped, String slip) {
  /** A sum that was right, without help. */
  public static Evidence right(LocalDate day) {
    return new Evidence(day, true, false, "");
  }

  /** A sum that was wrong, by a slip or, where that is empty, for no known reason. */
  public static Evidence wrong(LocalDate day, String slip) {
    return new Evidence(day, false, false, slip);
  }
}
