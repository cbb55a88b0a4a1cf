package bemble.recipe;

/**
 * A row of a written multiplication, worked figure by figure from the ones: its carry and the
 * figures for which its columns still wait, as one whole number, the row's state. Rows depend on
 * nothing but their figure and their zeros, so they are worked out once.
 */
final class RowStates {
  /** A state has so many bits. */
  static final int BITS = 10;

  /** Columns ahead have so many bits each: the figures of three rows can be added up in them. */
  static final int COLUMN = 8;

  private static final int MOST_ZEROS = 2;
  private static final int FIGURES = 10;

  // The product of one more figure, from its lowest bits: the next state; the figure that reaches
  // the columns, 4 bits; whether there is a carry; whether the carry before came onto a zero.
  private static final int REACHING = BITS;
  private static final int CARRIES = REACHING + 4;
  private static final int ONTO_ZERO = CARRIES + 1;

  private static final RowStates[][] ROWS = new RowStates[MOST_ZEROS + 1][FIGURES];

  static {
    for (int zeros = 0; zeros <= MOST_ZEROS; zeros++) {
      for (int figure = 1; figure < FIGURES; figure++) {
        ROWS[zeros][figure] = new RowStates(figure, zeros);
      }
    }
  }

  private final int[] made;
  private final int[] ahead;

  private RowStates(int figure, int zeros) {
    // The figure that has waited longest is the highest of those that wait.
    int waiting = (int) Math.pow(10, zeros);
    made = new int[(FIGURES - 1) * waiting * FIGURES];
    ahead = new int[(FIGURES - 1) * waiting];
    for (int state = 0; state < ahead.length; state++) {
      int carried = state / waiting;
      ahead[state] = ahead(state % waiting, carried, zeros);
      for (int of = 0; of < FIGURES; of++) {
        int product = figure * of + carried;
        int waits = FIGURES * (state % waiting) + product % 10;
        int next = product / 10 * waiting + waits % waiting;
        made[FIGURES * state + of] =
            next
                | waits / waiting << REACHING
                | (product >= 10 ? 1 : 0) << CARRIES
                | (of == 0 && carried > 0 ? 1 : 0) << ONTO_ZERO;
      }
    }
  }

  private static int ahead(int waits, int carried, int zeros) {
    int ahead = carried << COLUMN * zeros;
    int left = waits;
    for (int column = zeros - 1; column >= 0; column--) {
      ahead |= left % 10 << COLUMN * column;
      left /= 10;
    }
    return ahead;
  }

  /** The row of a figure from 1 to 9 that ends in 0 to 2 zeros. */
  static RowStates of(int figure, int zeros) {
    return ROWS[zeros][figure];
  }

  /**
   * The product that one more figure of the multiplicand makes in a state; 0 is the first state.
   */
  int made(int state, int figure) {
    return made[FIGURES * state + figure];
  }

  static int next(int made) {
    return made & (1 << BITS) - 1;
  }

  /** The figure that reaches the columns. */
  static int reaching(int made) {
    return made >> REACHING & 15;
  }

  /** 1 if a figure is carried, else 0. */
  static int carries(int made) {
    return made >> CARRIES & 1;
  }

  /** 1 if a carry came onto a zero, else 0. */
  static int ontoZero(int made) {
    return made >> ONTO_ZERO;
  }

  /**
   * The part of the row above the multiplicand's highest place: the waiting figures and the carry,
   * {@link #COLUMN} bits for each column from the lowest.
   */
  int ahead(int state) {
    return ahead[state];
  }
}
