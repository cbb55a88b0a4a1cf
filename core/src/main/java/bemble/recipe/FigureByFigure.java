package bemble.recipe;

/**
 * The numbers of a size that fit, chosen figure by figure, with what has to be known in a state of
 * at most 58 bits: how many there are, and which one has a given number.
 */
abstract class FigureByFigure {
  /** No number fits that begins like this. */
  static final long NONE = -1;

  private final Size size;
  private final boolean onesFirst;
  private final CountTable counts = new CountTable();

  /**
   * Numbers to be chosen.
   *
   * @param onesFirst whether the ones are chosen first, otherwise the highest figure
   */
  FigureByFigure(Size size, boolean onesFirst) {
    this.size = size;
    this.onesFirst = onesFirst;
  }

  /**
   * What is known after one more figure, or {@link #NONE}; 0 is known before the first.
   *
   * @param left how many figures are still to come
   */
  abstract long next(long state, int figure, int left);

  /** Whether a number fits, all of whose figures are chosen. */
  abstract boolean fits(long state);

  /** How many numbers fit. */
  final long count() {
    long count = 0;
    for (int figures = size.figures().from(); figures <= size.figures().to(); figures++) {
      count += count(0, figures, true);
    }
    return count;
  }

  private long count(long state, int left, boolean fresh) {
    if (left == 0) {
      return fits(state) ? 1 : 0;
    }
    long key = state << 5 | (long) left << 1 | (fresh ? 1 : 0);
    long known = counts.get(key);
    if (known != CountTable.UNKNOWN) {
      return known;
    }
    long count = 0;
    for (int figure : allowed(left, fresh)) {
      long next = next(state, figure, left - 1);
      count += next == NONE ? 0 : count(next, left - 1, false);
    }
    counts.put(key, count);
    return count;
  }

  private int[] allowed(int left, boolean fresh) {
    boolean leads = onesFirst ? left == 1 : fresh;
    return size.at(fresh && left == 1 ? 0 : 1, leads);
  }

  /** The number that has a number from 0 to below {@link #count}. */
  final int nth(long number) {
    long rest = number;
    int figures = size.figures().from();
    for (long these = count(0, figures, true); rest >= these; these = count(0, figures, true)) {
      rest -= these;
      figures++;
    }
    int chosen = 0;
    int worth = 1;
    long state = 0;
    for (int left = figures; left > 0; left--) {
      for (int figure : allowed(left, left == figures)) {
        long next = next(state, figure, left - 1);
        long through = next == NONE ? 0 : count(next, left - 1, false);
        if (rest < through) {
          chosen = onesFirst ? chosen + worth * figure : 10 * chosen + figure;
          worth *= 10;
          state = next;
          break;
        }
        rest -= through;
      }
    }
    return chosen;
  }
}
