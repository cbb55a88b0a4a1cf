package bemble.judge.search;

/**
 * How much work one judgement may take, counted in marks of the pages that are tried: a mark takes
 * about 2 µs. A count and not a time, so that a page has the same judgement on every machine.
 */
public final class Budget {
  /** About 20 ms, which is enough for all slips of a page of three or four rows. */
  private static final int LEAST = 9_000;

  /**
   * The most pages that are tried of a larger sum, unless that would take longer than {@link
   * #LONG}.
   */
  private static final int MORE_PAGES = 100;

  /** About 50 ms. */
  private static final int LONG = 24_000;

  /** The fewest pages that are tried, however large they are and however long that takes. */
  private static final int LEAST_PAGES = 20;

  private final int whole;
  private int waiting;
  private int from;
  private int all;
  private int spent;

  /** For a page on which so many marks are due, and so many searches. */
  public Budget(int marks, int searches) {
    int more = Math.min(MORE_PAGES * marks, LONG);
    whole = Math.max(Math.max(LEAST, more), LEAST_PAGES * marks);
    waiting = searches;
  }

  /** Begins the next search, which may spend an equal share of the rest. */
  public void next() {
    int left = Math.max(0, whole - spent);
    from = spent;
    all = from + (waiting > 1 ? 2 * left / (waiting + 1) : left);
    waiting--;
  }

  /** Notes that a page was tried. */
  public void spend(int marks) {
    spent += marks;
  }

  /** Whether names are still looked for. */
  public boolean isLeft() {
    return spent < all;
  }

  /** Whether the search must stop now. */
  public boolean isOver() {
    return spent >= all + (all - from) / 3;
  }
}
