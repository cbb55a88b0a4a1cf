package bemble.recipe;

import bemble.problem.Division;
import java.util.List;

/** The dividends that fit beside a divisor, from the highest figure. */
final class Dividends extends FigureByFigure {
  private final int divisor;
  private final int divisorFigures;
  private final Range quotientFigures;
  private final Range remainder;
  private final Range tooSmall;
  private final int zero;
  private final int join;
  private final int lowered;
  private final Range zeroAtEnd;

  private Dividends(Recipe recipe, Tally tally, int divisor, TallyTable counts) {
    super(recipe.numbers().get(0), false, tally, counts);
    this.divisor = divisor;
    divisorFigures = String.valueOf(divisor).length();
    quotientFigures = recipe.wish(Trait.QUOTIENT_FIGURES);
    remainder = recipe.wish(Trait.REMAINDER);
    tooSmall = recipe.wish(Trait.FIRST_TOO_SMALL);
    zeroAtEnd = recipe.wish(Trait.ZERO_AT_END);
    zero = tally.unit(0);
    join = tally.unit(1);
    lowered = tally.unit(2);
  }

  /** All divisions that fit. */
  static Counted sums(Recipe recipe) {
    int mostFigures = recipe.numbers().get(0).figures().to();
    Tally tally =
        new Tally(
            List.of(
                recipe.wish(Trait.ZEROS_IN_QUOTIENT),
                recipe.wish(Trait.JOINS),
                recipe.wish(Trait.TRIALS_LOWERED)),
            List.of(mostFigures, mostFigures, mostFigures));
    Range round = recipe.wish(Trait.ROUND_DIVISOR);
    return new BySecond(
        recipe.numbers().get(1),
        divisor -> divisor > 0 && round.holds(divisor > 9 && divisor % 10 == 0 ? 1 : 0),
        (divisor, counts) -> new Dividends(recipe, tally, (int) divisor, counts),
        Division::new);
  }

  /**
   * The state: the number that is left, whether the quotient has begun, and how many figures were
   * used.
   */
  private static long state(int left, boolean begun, int used) {
    return (long) left << 3 | (begun ? 1 : 0) << 2 | used;
  }

  private static boolean begun(long state) {
    return (state >> 2 & 1) == 1;
  }

  private static int used(long state) {
    return (int) (state & 3);
  }

  @Override
  long next(long state, int figure, int left) {
    int stands = 10 * (int) (state >> 3) + figure;
    int times = stands / divisor;
    boolean begun = begun(state) || times > 0;
    if (begun && !begun(state) && !quotientFigures.holds(left + 1)) {
      return NONE;
    }
    int used = Math.min(used(state) + 1, divisorFigures);
    boolean isFirstPart = used(state) < divisorFigures && used == divisorFigures;
    if (isFirstPart && !tooSmall.holds(begun ? 0 : 1)) {
      return NONE;
    }
    boolean endsInZero = left == 0 && begun && times == 0;
    if (left == 0 && !zeroAtEnd.holds(endsInZero ? 1 : 0)) {
      return NONE;
    }
    boolean joins = begun && left > 0 && stands % divisor > 0;
    int more =
        (begun && times == 0 ? zero : 0)
            + (joins ? join : 0)
            + (begun && isLowered(stands, times) ? lowered : 0);
    return step(state(stands % divisor, begun, used), more);
  }

  private boolean isLowered(int stands, int times) {
    return divisor > 9 && Math.min(stands / 10 / (divisor / 10), 9) > times;
  }

  @Override
  long end(long state) {
    boolean shorter = used(state) < divisorFigures;
    boolean fits =
        remainder.holds((int) (state >> 3))
            && (begun(state) || quotientFigures.holds(1))
            && (!shorter || tooSmall.holds(1));
    return fits ? 0 : NONE;
  }
}
