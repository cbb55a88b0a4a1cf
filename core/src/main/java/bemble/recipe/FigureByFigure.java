package bemble.recipe;

/**
 * The numbers of a size that fit, chosen figure by figure: how many there are, and which one has a
 * given number. Numbers of up to nine figures fit into the counts. The facts about the figures
 * chosen so far that decide on later ones are a state of at most 47 bits; those that are only
 * counted are a tally, added up beside it.
 */
abstract class FigureByFigure {
  /** No number fits that begins like this. */
  static final long NONE = -1;

  private static final int MOST_FIGURES = 9;
  private static final int TALLY_BITS = 12;

  private final Size size;
  private final boolean onesFirst;
  private final int[] any;
  private final int[] leading;
  private final boolean[] wished;

  private final TallyTable counts;

  /** The index of the next state and of the addition to its tally, by figures left and figure. */
  private final int[][] following = new int[MOST_FIGURES + 1][10];

  private final int[][] mores = new int[MOST_FIGURES + 1][10];

  /**
   * Numbers to be chosen.
   *
   * @param onesFirst whether the ones are chosen first, otherwise the highest figure
   * @param counts the table to count in, which is cleared
   */
  FigureByFigure(Size size, boolean onesFirst, Tally tally, TallyTable counts) {
    this.size = size;
    this.onesFirst = onesFirst;
    any = size.at(1, false);
    leading = size.at(1, true);
    wished = tally.held();
    this.counts = counts;
    counts.clear();
  }

  /** Joins a state and the addition to the tally on the way to it. */
  static long step(long state, int more) {
    return state << TALLY_BITS | more;
  }

  private static long state(long step) {
    return step >> TALLY_BITS;
  }

  private static int more(long step) {
    return (int) step & (1 << TALLY_BITS) - 1;
  }

  /**
   * The {@link #step} of one more figure, or {@link #NONE}; the state is 0 before the first.
   *
   * @param left how many figures are still to come
   */
  abstract long next(long state, int figure, int left);

  /** The addition to the tally when all figures are chosen, or {@link #NONE}. */
  abstract long end(long state);

  /** How many numbers fit. */
  final long count() {
    long count = 0;
    for (int figures = size.figures().from(); figures <= size.figures().to(); figures++) {
      count += ofFigures(figures);
    }
    return count;
  }

  /** How many of the numbers of a place have a tally as wished, including the count before. */
  private long asWished(int at, int before) {
    long asWished = 0;
    for (int more = 0; more < counts.length(at) && before + more < wished.length; more++) {
      asWished += wished[before + more] ? counts.count(at, more) : 0;
    }
    return asWished;
  }

  /** The index of the counts of following numbers, by their addition to the tally. */
  private int counts(long state, int left, boolean fresh) {
    if (left == 0) {
      long end = end(state);
      return end == NONE ? TallyTable.NOTHING : TallyTable.one((int) end);
    }
    long key = state << 5 | (long) left << 1 | (fresh ? 1 : 0);
    int known = counts.find(key);
    if (known != TallyTable.UNKNOWN) {
      return known;
    }
    int[] figures = allowed(left, fresh);
    int[] follows = following[left];
    int[] more = mores[left];
    int length = 0;
    for (int i = 0; i < figures.length; i++) {
      long step = next(state, figures[i], left - 1);
      follows[i] = step == NONE ? TallyTable.NOTHING : counts(state(step), left - 1, false);
      more[i] = more(step);
      int longest = counts.length(follows[i]);
      length = Math.max(length, longest == 0 ? 0 : longest + more[i]);
    }
    int sum = counts.put(key, length);
    for (int i = 0; i < figures.length; i++) {
      counts.add(follows[i], more[i], sum);
    }
    return sum;
  }

  private int[] allowed(int left, boolean fresh) {
    boolean leads = onesFirst ? left == 1 : fresh;
    return leads && !(fresh && left == 1) ? leading : any;
  }

  /** The number that has a number from 0 to below {@link #count}. */
  final int nth(long number) {
    long rest = number;
    int figures = size.figures().from();
    for (long these = ofFigures(figures); rest >= these; these = ofFigures(figures)) {
      rest -= these;
      figures++;
    }
    int chosen = 0;
    int worth = 1;
    int tally = 0;
    long state = 0;
    for (int left = figures; left > 0; left--) {
      for (int figure : allowed(left, left == figures)) {
        long step = next(state, figure, left - 1);
        if (step == NONE) {
          continue;
        }
        int tallyNow = tally + more(step);
        long through = asWished(counts(state(step), left - 1, false), tallyNow);
        if (rest < through) {
          chosen = onesFirst ? chosen + worth * figure : 10 * chosen + figure;
          worth *= 10;
          tally = tallyNow;
          state = state(step);
          break;
        }
        rest -= through;
      }
    }
    return chosen;
  }

  private long ofFigures(int figures) {
    return asWished(counts(0, figures, true), 0);
  }
}
