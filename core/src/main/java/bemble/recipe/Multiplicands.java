package bemble.recipe;

import static bemble.recipe.Range.OVER;

import bemble.problem.Multiplication;

/**
 * The multiplicands that fit beside a multiplier, from the ones: a row for each of its figures
 * other than 0, and the columns of those rows as soon as every row has reached them.
 */
final class Multiplicands extends FigureByFigure {
  private final int[] figures;
  private final int[] shifts;
  private final Range rowCarries;
  private final Range addCarries;
  private final Range zeros;
  private final Range answerFigures;
  private final boolean adds;

  private Multiplicands(Recipe recipe, String multiplier) {
    super(recipe.numbers().get(0), true);
    String onesFirst = new StringBuilder(multiplier).reverse().toString();
    shifts = onesFirst.chars().map(any -> 0).toArray();
    int rows = 0;
    for (int place = 0; place < onesFirst.length(); place++) {
      if (onesFirst.charAt(place) != '0') {
        shifts[rows++] = place;
      }
    }
    figures = new int[rows];
    for (int row = 0; row < rows; row++) {
      figures[row] = onesFirst.charAt(shifts[row]) - '0';
    }
    rowCarries = recipe.wish(Trait.ROW_CARRIES);
    addCarries = recipe.wish(Trait.ADD_CARRIES);
    zeros = recipe.wish(Trait.ZEROS_IN_MULTIPLICAND);
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    adds = !addCarries.isAny() || !answerFigures.isAny();
  }

  /** All multiplications that fit. */
  static Counted sums(Recipe recipe) {
    Range zerosBelow = recipe.wish(Trait.ZEROS_IN_MULTIPLIER);
    return new BySecond(
        recipe.numbers().get(1),
        multiplier -> zerosBelow.holds(zeros(String.valueOf(multiplier))),
        multiplier -> new Multiplicands(recipe, String.valueOf(multiplier)),
        Multiplication::new);
  }

  private static int zeros(String number) {
    return (int) number.chars().filter(figure -> figure == '0').count();
  }

  // The state, from its lowest bits: what each row carries, three times 4 bits; the figures of the
  // rows that their columns still wait for, three times 4; what the columns carry, 2; then how many
  // row carries, 5, carries of the columns, 4, zeros, 3, whether any figure is not 0, and how many
  // figures there are, 3.
  private static final int WAITING = 12;
  private static final int CARRIED = 24;
  private static final int ROW_CARRIES = 26;
  private static final int ADD_CARRIES = 31;
  private static final int ZEROS = 35;
  private static final int SOME = 38;
  private static final int PLACES = 39;

  private static int read(long state, int at, int bits) {
    return (int) (state >> at) & (1 << bits) - 1;
  }

  @Override
  long next(long state, int figure, int left) {
    long next = 0;
    int rowsCarry = read(state, ROW_CARRIES, 5);
    int total = read(state, CARRIED, 2);
    int waits = 0;
    for (int row = 0; row < figures.length; row++) {
      int product = figures[row] * figure + read(state, 4 * row, 4);
      next |= (long) (product / 10) << 4 * row;
      rowsCarry = rowCarries.raised(rowsCarry, product >= 10 && left > 0 ? 1 : 0);
      if (rowsCarry == OVER) {
        return NONE;
      }
      if (adds) {
        int reaching = product % 10;
        for (int i = 0; i < shifts[row]; i++) {
          // The figure that has waited longest stands last.
          int longest = read(state, WAITING + 4 * (waits + i), 4);
          next |= (long) reaching << WAITING + 4 * (waits + i);
          reaching = longest;
        }
        waits += shifts[row];
        total += reaching;
      }
    }
    int columnsCarry = addCarries.raised(read(state, ADD_CARRIES, 4), isCarry(total) ? 1 : 0);
    int zerosNow = zeros.raised(read(state, ZEROS, 3), figure == 0 ? 1 : 0);
    if (columnsCarry == OVER || zerosNow == OVER) {
      return NONE;
    }
    boolean some = figure > 0 || read(state, SOME, 1) == 1;
    return next
        | (adds ? (long) (total / 10) << CARRIED : 0)
        | (long) rowsCarry << ROW_CARRIES
        | (long) columnsCarry << ADD_CARRIES
        | (long) zerosNow << ZEROS
        | (adds && some ? 1L << SOME : 0)
        | (answerFigures.isAny() ? 0 : read(state, PLACES, 3) + 1L << PLACES);
  }

  /** One row alone is not added. */
  private boolean isCarry(int total) {
    return figures.length > 1 && total >= 10;
  }

  @Override
  boolean fits(long state) {
    return rowCarries.holds(read(state, ROW_CARRIES, 5))
        && zeros.holds(read(state, ZEROS, 3))
        && (!adds || addsAsWished(state));
  }

  /** Adds what the rows have above the multiplicand's highest place. */
  private boolean addsAsWished(long state) {
    if (figures.length == 0 || read(state, SOME, 1) == 0) {
      return addCarries.holds(0) && answerFigures.holds(1);
    }
    int top = figures.length - 1;
    int columns = shifts[top] + (read(state, 4 * top, 4) > 0 ? 1 : 0);
    int carried = read(state, CARRIED, 2);
    int carries = read(state, ADD_CARRIES, 4);
    for (int column = 0; column < columns; column++) {
      int total = carried;
      int waits = 0;
      for (int row = 0; row < figures.length; row++) {
        if (column < shifts[row]) {
          total += read(state, WAITING + 4 * (waits + shifts[row] - 1 - column), 4);
        } else if (column == shifts[row]) {
          total += read(state, 4 * row, 4);
        }
        waits += shifts[row];
      }
      carries = addCarries.raised(carries, isCarry(total) && column < columns - 1 ? 1 : 0);
      if (carries == OVER) {
        return false;
      }
      carried = total / 10;
    }
    int inFront = carried > 0 ? 1 : 0;
    return addCarries.holds(carries)
        && answerFigures.holds(read(state, PLACES, 3) + columns + inFront);
  }
}
