package bemble.recipe;

import java.util.Arrays;

/**
 * Counts by tally, for states of up to 52 bits other than 0. All counts stand behind one another in
 * one array, each behind its length, and the table is cleared for the next number beside which
 * others are counted: the largest multiplications have millions of states to look up, and new
 * memory for each took twice as long.
 */
final class TallyTable {
  /** Where the counts of nothing are. */
  static final int NOTHING = 0;

  /** A state that was not counted yet. */
  static final int UNKNOWN = Integer.MIN_VALUE;

  private long[] states = new long[1 << 8];

  /** The index in {@code counts} of the first count of each state. */
  private int[] places = new int[1 << 8];

  private int filled;
  private int[] counts = new int[1 << 10];
  private int end = 1;

  /** Where one number is counted that has a tally; this is below 0 and stands nowhere. */
  static int one(int tally) {
    return -1 - tally;
  }

  void clear() {
    Arrays.fill(states, 0);
    filled = 0;
    end = 1;
  }

  /** The square of a state, or the free one where it belongs. */
  private int square(long state) {
    // Fibonacci hashing (Knuth, The Art of Computer Programming 3, 6.4): 2^64 by the golden ratio.
    int mask = states.length - 1;
    int square = (int) ((state * 0x9E3779B97F4A7C15L) >>> 40) & mask;
    while (states[square] != 0 && states[square] != state) {
      square = (square + 1) & mask;
    }
    return square;
  }

  /** Where the counts of a state are, or {@link #UNKNOWN}. */
  int find(long state) {
    int square = square(state);
    return states[square] == 0 ? UNKNOWN : places[square];
  }

  /** Makes room for the counts of a state, all 0, for tallies below a length; gives its place. */
  int put(long state, int length) {
    if (2 * ++filled > states.length) {
      grow();
    }
    int at = NOTHING;
    if (length > 0) {
      at = end;
      end += length + 1;
      if (end > counts.length) {
        counts = Arrays.copyOf(counts, 2 * end);
      }
      counts[at] = length;
      Arrays.fill(counts, at + 1, end, 0);
    }
    set(state, at);
    return at;
  }

  private void set(long state, int at) {
    int square = square(state);
    states[square] = state;
    places[square] = at;
  }

  private void grow() {
    long[] oldStates = states;
    int[] oldPlaces = places;
    states = new long[2 * oldStates.length];
    places = new int[states.length];
    for (int i = 0; i < oldStates.length; i++) {
      if (oldStates[i] != 0) {
        set(oldStates[i], oldPlaces[i]);
      }
    }
  }

  /** All numbers counted in a place have tallies below this. */
  int length(int at) {
    return at < 0 ? -at : counts[at];
  }

  /** How many numbers are counted in a place that have a tally below its length. */
  int count(int at, int tally) {
    if (at < 0) {
      return at == one(tally) ? 1 : 0;
    }
    return counts[at + 1 + tally];
  }

  /** Counts the numbers of a place, with some more in their tallies, in another place too. */
  void add(int at, int more, int to) {
    if (at < 0) {
      counts[to + more + length(at)]++;
      return;
    }
    // Read once: the loop writes into the same array.
    int[] all = counts;
    int length = all[at];
    int from = at + 1;
    int shifted = to + 1 + more;
    for (int i = 0; i < length; i++) {
      all[shifted + i] += all[from + i];
    }
  }
}
