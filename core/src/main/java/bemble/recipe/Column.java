package bemble.recipe;

import java.util.List;

/** The figures that can stand below one another in a column of addends, by their total. */
final class Column {
  private final List<int[]> allowed;
  private final boolean tellsZeros;

  /** Ways of filling the squares from one on, by zeros and total. */
  private final long[][][] ways;

  /**
   * A column.
   *
   * @param allowed the figures of each square, from the top
   * @param tellsZeros whether columns with more and fewer zeros are told apart
   */
  Column(List<int[]> allowed, boolean tellsZeros) {
    this.allowed = allowed;
    this.tellsZeros = tellsZeros;
    int squares = allowed.size();
    ways = new long[squares + 1][mostZeros() + 1][mostTotal() + 1];
    ways[squares][0][0] = 1;
    for (int square = squares - 1; square >= 0; square--) {
      for (int figure : allowed.get(square)) {
        add(square, figure);
      }
    }
  }

  private void add(int square, int figure) {
    int zero = zeros(figure);
    for (int zeros = zero; zeros <= mostZeros(); zeros++) {
      for (int total = figure; total <= mostTotal(); total++) {
        ways[square][zeros][total] += ways[square + 1][zeros - zero][total - figure];
      }
    }
  }

  private int zeros(int figure) {
    return tellsZeros && figure == 0 ? 1 : 0;
  }

  /** The most zeros that are told apart. */
  int mostZeros() {
    return tellsZeros ? allowed.size() : 0;
  }

  /** The largest total. */
  int mostTotal() {
    return 9 * allowed.size();
  }

  /** How many columns have so many zeros and that total. */
  long ways(int zeros, int total) {
    return ways[0][zeros][total];
  }

  /** The figures of the column with a number from 0 to below {@link #ways}, from the top. */
  int[] figures(int zeros, int total, long number) {
    int[] figures = new int[allowed.size()];
    int zerosLeft = zeros;
    int totalLeft = total;
    long left = number;
    for (int square = 0; square < figures.length; square++) {
      for (int figure : allowed.get(square)) {
        int zero = zeros(figure);
        long through =
            zero > zerosLeft || figure > totalLeft
                ? 0
                : ways[square + 1][zerosLeft - zero][totalLeft - figure];
        if (left < through) {
          figures[square] = figure;
          zerosLeft -= zero;
          totalLeft -= figure;
          break;
        }
        left -= through;
      }
    }
    return figures;
  }
}
