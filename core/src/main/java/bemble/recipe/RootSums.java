package bemble.recipe;

import bemble.number.Numeral;
import bemble.problem.Problem;
import bemble.problem.Root;
import java.math.BigInteger;
import java.util.stream.IntStream;

/**
 * Roots of whole numbers, by the whole part of the root. Those with the same root to all places lie
 * next to one another, so that no radicand has to be looked at alone.
 */
final class RootSums implements Counted {
  private final Numbers radicands;
  private final int places;
  private final Range exact;
  private final Range zeros;
  private final Range rootFigures;

  /** How many radicands fit for each whole root. */
  private final long[] counts;

  RootSums(Recipe recipe) {
    radicands = new Numbers(recipe.numbers().get(0));
    places = recipe.places();
    exact = recipe.wish(Trait.EXACT);
    zeros = recipe.wish(Trait.ZEROS_IN_ROOT);
    rootFigures = recipe.wish(Trait.ROOT_FIGURES);
    int most = (int) Math.pow(10, (recipe.numbers().get(0).figures().to() + 1) / 2);
    counts = IntStream.range(0, most).parallel().mapToLong(this::counted).toArray();
  }

  private long counted(int root) {
    long[] count = new long[1];
    pieces(
        root,
        (from, to) -> {
          count[0] += radicands.below(to) - radicands.below(from);
          return false;
        });
    return count[0];
  }

  /** Radicands from one to below another. */
  private interface Piece {
    /** Whether this is the piece that is looked for. */
    boolean take(long from, long to);
  }

  /** Offers all radicands that fit for a whole root, in order, until one piece is taken. */
  private void pieces(int root, Piece piece) {
    if (!rootFigures.holds(String.valueOf(root).length())) {
      return;
    }
    long square = (long) root * root;
    if (exact.holds(1)
        && zeros.holds(zerosOf((long) root * scale()))
        && piece.take(square, square + 1)) {
      return;
    }
    if (exact.holds(0)) {
      inexact(root, square, piece);
    }
  }

  private void inexact(int root, long square, Piece piece) {
    long after = square + 2L * root + 1;
    if (zeros.isAny()) {
      piece.take(square + 1, after);
      return;
    }
    long from = square + 1;
    for (long part = 0; part < scale() && from < after; part++) {
      long to = Math.min(after, atLeast(root * scale() + part + 1));
      if (to > from && zeros.holds(zerosOf(root * scale() + part)) && piece.take(from, to)) {
        return;
      }
      from = Math.max(from, to);
    }
  }

  /** The least radicand whose root, times the scale, is at least {@code root}. */
  private long atLeast(long root) {
    long square = scale() * scale();
    return (root * root + square - 1) / square;
  }

  private long scale() {
    // Where no zeros are wished, the places change nothing.
    return zeros.isAny() ? 1 : (long) Math.pow(10, places);
  }

  /** Zeros of a root times the scale, with the one before the point. */
  private int zerosOf(long root) {
    long left = root;
    int zerosNow = 0;
    for (int figures = 0; figures <= places || left > 0; figures++) {
      zerosNow += left % 10 == 0 ? 1 : 0;
      left /= 10;
    }
    return zerosNow;
  }

  @Override
  public BigInteger count() {
    return BigInteger.valueOf(IntStream.range(0, counts.length).mapToLong(i -> counts[i]).sum());
  }

  @Override
  public Problem sum(BigInteger number) {
    long left = number.longValueExact();
    int root = 0;
    while (left >= counts[root]) {
      left -= counts[root++];
    }
    long[] below = {left, -1};
    pieces(
        root,
        (from, to) -> {
          long before = radicands.below(from);
          long these = radicands.below(to) - before;
          if (below[0] < these) {
            below[1] = before + below[0];
            return true;
          }
          below[0] -= these;
          return false;
        });
    return new Root(Numeral.of(radicands.nth(below[1])), places);
  }
}
