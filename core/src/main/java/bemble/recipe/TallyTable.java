package bemble.recipe;

import java.util.Arrays;

/**
 * What is counted by tally, for states of 64 bits. A map of boxed numbers takes several times as
 * long, and the largest multiplications have millions of states to look up.
 */
final class TallyTable {
  private long[] states = new long[1 << 8];
  private int[][] counts = new int[1 << 8][];
  private int filled;

  /** The square of a state, or the free one where it belongs. */
  private int square(long state) {
    // Fibonacci hashing (Knuth, The Art of Computer Programming 3, 6.4): 2^64 by the golden ratio.
    int mask = states.length - 1;
    int square = (int) ((state * 0x9E3779B97F4A7C15L) >>> 40) & mask;
    while (counts[square] != null && states[square] != state) {
      square = (square + 1) & mask;
    }
    return square;
  }

  /** The counts of a state; null where there are none yet. */
  int[] get(long state) {
    return counts[square(state)];
  }

  void put(long state, int[] count) {
    if (2 * ++filled > states.length) {
      grow();
    }
    set(state, count);
  }

  private void set(long state, int[] count) {
    int square = square(state);
    states[square] = state;
    counts[square] = count;
  }

  private void grow() {
    long[] oldStates = states;
    int[][] oldCounts = counts;
    states = Arrays.copyOf(oldStates, 2 * oldStates.length);
    counts = new int[states.length][];
    for (int i = 0; i < oldStates.length; i++) {
      if (oldCounts[i] != null) {
        set(oldStates[i], oldCounts[i]);
      }
    }
  }
}
