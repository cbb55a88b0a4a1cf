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

  // The state, from its lowest bits: what each row carries, three times 4 bits; the figures of the
  // rows that their columns still wait for, three times 4; what the columns carry, 2; whether any
  // figure is not 0; how many figures there are, 3; and how many carries were added to a zero, 4.
  private static final int WAITING = 12;
  private static final int CARRIED = 24;
  private static final int SOME = 26;
  private static final int PLACES = 27;
  private static final int ONTO_ZERO = 30;

  private final int[] figures;
  private final int[] shifts;
  private final Range answerFigures;
  private final boolean adds;
  private final int rowCarry;
  private final int addCarry;
  private final int zero;
  private final Range ontoZero;

  private Multiplicands(Recipe recipe, Tally tally, String multiplier) {
    super(recipe.numbers().get(0), true, tally);
    String onesFirst = new StringBuilder(multiplier).reverse().toString();
    shifts =
        IntStream.range(0, onesFirst.length()).filter(i -> onesFirst.charAt(i) != '0').toArray();
    figures = IntStream.of(shifts).map(shift -> onesFirst.charAt(shift) - '0').toArray();
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    ontoZero = recipe.wish(Trait.CARRIES_ONTO_ZERO);
    adds = !recipe.wish(Trait.ADD_CARRIES).isAny() || !answerFigures.isAny();
    addCarry = figures.length > 1 ? tally.unit(0) : 0;
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
        multiplier -> new Multiplicands(recipe, tally, String.valueOf(multiplier)),
        Multiplication::new);
  }

  private static int zeros(String number) {
    return (int) number.chars().filter(figure -> figure == '0').count();
  }

  private static int read(long state, int at, int bits) {
    return (int) (state >> at) & (1 << bits) - 1;
  }

  @Override
  long next(long state, int figure, int left) {
    long next = 0;
    int more = figure == 0 ? zero : 0;
    int total = read(state, CARRIED, 2);
    int onto = read(state, ONTO_ZERO, 4);
    int waits = WAITING;
    for (int row = 0; row < figures.length; row++) {
      int carried = read(state, 4 * row, 4);
      int product = figures[row] * figure + carried;
      onto = ontoZero.raised(onto, figure == 0 && carried > 0 ? 1 : 0);
      if (onto == OVER) {
        return NONE;
      }
      next |= (long) (product / 10) << 4 * row;
      more += product >= 10 && left > 0 ? rowCarry : 0;
      if (adds) {
        int reaching = product % 10;
        for (int i = 0; i < shifts[row]; i++) {
          // The figure that has waited longest stands last.
          int longest = read(state, waits, 4);
          next |= (long) reaching << waits;
          reaching = longest;
          waits += 4;
        }
        total += reaching;
      }
    }
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

  /** Adds what the rows have above the multiplicand's highest place. */
  @Override
  long end(long state) {
    if (!ontoZero.holds(read(state, ONTO_ZERO, 4))) {
      return NONE;
    }
    if (!adds) {
      return 0;
    }
    if (figures.length == 0 || read(state, SOME, 1) == 0) {
      return answerFigures.holds(1) ? 0 : NONE;
    }
    int top = figures.length - 1;
    int columns = shifts[top] + (read(state, 4 * top, 4) > 0 ? 1 : 0);
    int carried = read(state, CARRIED, 2);
    int more = 0;
    for (int column = 0; column < columns; column++) {
      int total = carried + standing(state, column);
      more += total >= 10 && column < columns - 1 ? addCarry : 0;
      carried = total / 10;
    }
    int answer = read(state, PLACES, 3) + columns + (carried > 0 ? 1 : 0);
    return answerFigures.holds(answer) ? more : NONE;
  }

  /** The total of what stands in a column above the multiplicand's highest place. */
  private int standing(long state, int column) {
    int total = 0;
    int waits = WAITING;
    for (int row = 0; row < figures.length; row++) {
      if (column < shifts[row]) {
        total += read(state, waits + 4 * (shifts[row] - 1 - column), 4);
      } else if (column == shifts[row]) {
        total += read(state, 4 * row, 4);
      }
      waits += 4 * shifts[row];
    }
    return total;
  }
}
