package bemble.app.runs;

import org.jspecify.annotations.Nullable;

/**
 * A sum of a run.
 *
 * @param id its number among all work; 0 before it is kept
 * @param runId the run; 0 before it is kept
 * @param number its place in the run, from 0
 * @param againOf the number of the sum that comes again here; null in the first round
 * @param begun whether it has a page
 * @param settledRight whether it was right; null before it is handed in
 * @param slip the id of its first slip; empty where none is known
 * @param seconds how long it took; null before it is handed in
 * @param pausedMillis how long its writer was away from it
 */
record RunSumRow(
    long id,
    long runId,
    int number,
    String plain,
    String method,
    String rung,
    @Nullable Integer againOf,
    boolean begun,
    @Nullable Boolean settledRight,
    String slip,
    @Nullable Integer seconds,
    long pausedMillis) {
  /** A sum that is not begun. */
  public static RunSumRow fresh(
      int number, String plain, String method, String rung, @Nullable Integer againOf) {
    return new RunSumRow(0, 0, number, plain, method, rung, againOf, false, null, "", null, 0);
  }

  /** Whether it was right, once it is handed in. */
  boolean isRight() {
    return Boolean.TRUE.equals(settledRight);
  }

  /** How long it took, once it is handed in. */
  int settledSeconds() {
    return seconds == null ? 0 : seconds;
  }

  boolean isInWork() {
    return begun && settledRight == null;
  }
}
