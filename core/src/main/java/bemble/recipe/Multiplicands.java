package bemble.recipe;

import static bemble.recipe.Range.OVER;

import bemble.problem.Multiplication;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The multiplicands that fit beside a multiplier, from the ones: a row for each of its figures
 * other than 0, and the columns of those rows as soon as every row has reached them.
 */
final class Multiplicands extends FigureByFigure {
  private static final int MOST_ROWS = 3;

  // The state, from its lowest bits: that of each row, three times 10 bits; the carry of the
  // columns, 2; whether any figure is not 0; how many figures there are, 3; and how many carries
  // were added to a zero, 4.
  private static final int CARRIED = MOST_ROWS * RowStates.BITS;
  private static final int SOME = CARRIED + 2;
  private static final int PLACES = SOME + 1;
  private static final int ONTO_ZERO = PLACES + 3;

  private final RowStates[] rows;

  /** How many zeros the last row ends in. */
  private final int lastZeros;

  private final Range answerFigures;
  private final boolean adds;
  private final int rowCarry;
  private final int addCarry;
  private final int zero;
  private final Range ontoZero;

  private Multiplicands(Recipe recipe, Tally tally, String multiplier, TallyTable counts) {
    super(recipe.numbers().get(0), true, tally, counts);
    String onesFirst = new StringBuilder(multiplier).reverse().toString();
    int[] zeros =
        IntStream.range(0, onesFirst.length()).filter(i -> onesFirst.charAt(i) != '0').toArray();
    lastZeros = zeros.length == 0 ? 0 : zeros[zeros.length - 1];
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    ontoZero = recipe.wish(Trait.CARRIES_ONTO_ZERO);
    adds = !recipe.wish(Trait.ADD_CARRIES).isAny() || !answerFigures.isAny();
    // Where rows are not added, none has to wait for another.
    rows =
        IntStream.of(zeros)
            .mapToObj(zero -> RowStates.of(onesFirst.charAt(zero) - '0', adds ? zero : 0))
            .toArray(RowStates[]::new);
    addCarry = rows.length > 1 ? tally.unit(0) : 0;
    zero = tally.unit(1);
    rowCarry = tally.unit(2);
  }

  /** All multiplications that fit. */
  static Counted sums(Recipe recipe) {
    int mostFigures = recipe.numbers().get(0).figures().to();
    Tally tally =
        new Tally(
            List.of(
                recipe.wish(Trait.ADD_CARRIES),
                recipe.wish(Trait.ZEROS_IN_MULTIPLICAND),
                recipe.wish(Trait.ROW_CARRIES)),
            List.of(mostFigures + MOST_ROWS - 1, mostFigures, MOST_ROWS * (mostFigures - 1)));
    Range zerosBelow = recipe.wish(Trait.ZEROS_IN_MULTIPLIER);
    return new BySecond(
        recipe.numbers().get(1),
        multiplier -> zerosBelow.holds(zeros(String.valueOf(multiplier))),
        (multiplier, counts) ->
            new Multiplicands(recipe, tally, String.valueOf(multiplier), counts),
        Multiplication::new);
  }

  private static int zeros(String number) {
    return (int) number.chars().filter(figure -> figure == '0').count();
  }

  private static int read(long state, int at, int bits) {
    return (int) (state >> at) & (1 << bits) - 1;
  }

  /** The state of a row. */
  private static int ofRow(long state, int row) {
    return read(state, row * RowStates.BITS, RowStates.BITS);
  }

  @Override
  long next(long state, int figure, int left) {
    long next = 0;
    int total = read(state, CARRIED, 2);
    int carries = 0;
    int onto = 0;
    for (int row = 0; row < rows.length; row++) {
      int made = rows[row].made(ofRow(state, row), figure);
      next |= (long) RowStates.next(made) << row * RowStates.BITS;
      total += RowStates.reaching(made);
      carries += RowStates.carries(made);
      onto += RowStates.ontoZero(made);
    }
    onto = ontoZero.raised(read(state, ONTO_ZERO, 4), onto);
    if (onto == OVER) {
      return NONE;
    }
    int more = (figure == 0 ? zero : 0) + (left > 0 ? carries * rowCarry : 0);
    if (adds) {
      more += total >= 10 ? addCarry : 0;
      boolean some = figure > 0 || read(state, SOME, 1) == 1;
      next |= (long) (total / 10) << CARRIED | (some ? 1L << SOME : 0);
    }
    if (!answerFigures.isAny()) {
      next |= (long) (read(state, PLACES, 3) + 1) << PLACES;
    }
    return step(next | (long) onto << ONTO_ZERO, more);
  }

  /** Adds the carries of the rows above the multiplicand's highest place. */
  @Override
  long end(long state) {
    if (!ontoZero.holds(read(state, ONTO_ZERO, 4))) {
      return NONE;
    }
    if (!adds) {
      return 0;
    }
    if (rows.length == 0 || read(state, SOME, 1) == 0) {
      return answerFigures.holds(1) ? 0 : NONE;
    }
    int ahead = 0;
    for (int row = 0; row < rows.length; row++) {
      ahead += rows[row].ahead(ofRow(state, row));
    }
    // Only the last row reaches the last column, with its carry.
    int columns = lastZeros + (ahead >> RowStates.COLUMN * lastZeros > 0 ? 1 : 0);
    int carried = read(state, CARRIED, 2);
    int more = 0;
    for (int column = 0; column < columns; column++) {
      int total = carried + read(ahead, RowStates.COLUMN * column, RowStates.COLUMN);
      more += total >= 10 && column < columns - 1 ? addCarry : 0;
      carried = total / 10;
    }
    int answer = read(state, PLACES, 3) + columns + (carried > 0 ? 1 : 0);
    return answerFigures.holds(answer) ? more : NONE;
  }
}
