package bemble.recipe;

import static bemble.recipe.Range.OVER;

import bemble.problem.Division;

/** The dividends that fit beside a divisor, from the highest figure. */
final class Dividends extends FigureByFigure {
  private final int divisor;
  private final int divisorFigures;
  private final Range quotientFigures;
  private final Range zeros;
  private final Range remainder;
  private final Range tooSmall;

  private Dividends(Recipe recipe, int divisor) {
    super(recipe.numbers().get(0), false);
    this.divisor = divisor;
    divisorFigures = String.valueOf(divisor).length();
    quotientFigures = recipe.wish(Trait.QUOTIENT_FIGURES);
    zeros = recipe.wish(Trait.ZEROS_IN_QUOTIENT);
    remainder = recipe.wish(Trait.REMAINDER);
    tooSmall = recipe.wish(Trait.FIRST_TOO_SMALL);
  }

  /** All divisions that fit. */
  static Counted sums(Recipe recipe) {
    return new BySecond(
        recipe.numbers().get(1),
        divisor -> divisor > 0,
        divisor -> new Dividends(recipe, (int) divisor),
        Division::new);
  }

  /** What is left, whether the quotient has begun, its zeros, and how many figures were used. */
  private static long state(int left, boolean begun, int zeros, int used) {
    return (long) left << 8 | (begun ? 1 : 0) << 7 | zeros << 3 | used;
  }

  private static boolean begun(long state) {
    return (state >> 7 & 1) == 1;
  }

  private static int zeros(long state) {
    return (int) (state >> 3 & 15);
  }

  private static int used(long state) {
    return (int) (state & 7);
  }

  @Override
  long next(long state, int figure, int left) {
    int stands = 10 * (int) (state >> 8) + figure;
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
    int zerosNow = zeros.raised(zeros(state), begun && times == 0 ? 1 : 0);
    return zerosNow == OVER ? NONE : state(stands % divisor, begun, zerosNow, used);
  }

  @Override
  boolean fits(long state) {
    boolean shorter = used(state) < divisorFigures;
    return remainder.holds((int) (state >> 8))
        && (begun(state) || quotientFigures.holds(1))
        && zeros.holds(zeros(state))
        && (!shorter || tooSmall.holds(1));
  }
}
