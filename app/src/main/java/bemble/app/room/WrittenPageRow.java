package bemble.app.room;

/**
 * The result of a page that was written in a room.
 *
 * @param slipId its first slip; empty where none is known
 * @param shown whether it was shown to all
 */
record WrittenPageRow(
    long pupilId,
    int number,
    String name,
    boolean handedIn,
    boolean allRight,
    String slipId,
    boolean shown,
    String plain,
    String method) {
  /** Whether it is handed in and nothing is wrong or missing. */
  public boolean isRight() {
    return handedIn && allRight;
  }
}
