package bemble.app.runs;

import org.jspecify.annotations.Nullable;

/**
 * A sum of a run.
 *
 * @param runId the run; 0 before it is kept
 * @param number its place in the run, from 0
 * @param againOf the number of the sum that comes again here; null in the first round
 * @param attemptId its page; null before it is begun
 * @param allRight whether it was right; null before it is handed in
 * @param slip the id of its first slip; null where none is known
 * @param seconds how long it took; null before it is handed in
 * @param pausedMillis how long its writer was away from it
 */
record RunSumRow(
    long runId,
    int number,
    String plain,
    String method,
    String rung,
    @Nullable Integer againOf,
    @Nullable Long attemptId,
    @Nullable Boolean allRight,
    @Nullable String slip,
    @Nullable Integer seconds,
    long pausedMillis) {
  /** A sum that is not begun. */
  public static RunSumRow fresh(
      int number, String plain, String method, String rung, @Nullable Integer againOf) {
    return new RunSumRow(0, number, plain, method, rung, againOf, null, null, null, null, 0);
  }
}
