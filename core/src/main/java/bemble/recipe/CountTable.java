package bemble.recipe;

import java.util.Arrays;

/**
 * Counts by state, both whole numbers of 64 bits. A map of boxed numbers takes five times as long,
 * and the largest multiplications have a hundred million states to look up.
 */
final class CountTable {
  /** What {@link #get} gives for a state that has no count yet. */
  static final long UNKNOWN = -1;

  /** States are not negative. */
  private static final long FREE = -1;

  private long[] states = new long[1 << 10];
  private long[] counts = new long[1 << 10];
  private int filled;

  CountTable() {
    Arrays.fill(states, FREE);
  }

  /** The square of a state, or the free one where it belongs. */
  private int square(long state) {
    // Fibonacci hashing (Knuth, The Art of Computer Programming 3, 6.4): 2^64 by the golden ratio.
    int mask = states.length - 1;
    int square = (int) ((state * 0x9E3779B97F4A7C15L) >>> 40) & mask;
    while (states[square] != FREE && states[square] != state) {
      square = (square + 1) & mask;
    }
    return square;
  }

  long get(long state) {
    int square = square(state);
    return states[square] == FREE ? UNKNOWN : counts[square];
  }

  void put(long state, long count) {
    if (2 * ++filled > states.length) {
      grow();
    }
    int square = square(state);
    states[square] = state;
    counts[square] = count;
  }

  private void grow() {
    long[] oldStates = states;
    long[] oldCounts = counts;
    states = new long[2 * oldStates.length];
    counts = new long[2 * oldStates.length];
    Arrays.fill(states, FREE);
    for (int i = 0; i < oldStates.length; i++) {
      if (oldStates[i] != FREE) {
        int square = square(oldStates[i]);
        states[square] = oldStates[i];
        counts[square] = oldCounts[i];
      }
    }
  }
}
