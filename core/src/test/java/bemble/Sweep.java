package bemble;

/**
 * A walk over very many random cases: the test run takes a third of them, and {@code ./bemble
 * sweep} takes all.
 */
public final class Sweep {
  private static final int SHARE = Boolean.getBoolean("sweep") ? 1 : 3;

  private Sweep() {}

  /** How many of the cases are tried. */
  public static int of(int all) {
    return (all + SHARE - 1) / SHARE;
  }
}
