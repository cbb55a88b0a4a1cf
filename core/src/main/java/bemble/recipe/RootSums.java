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

  /** Zeros behind the point, for everything that can stand there. */
  private final int[] zerosBehind;

  /** How many radicands fit for each whole root. */
  private final long[] counts;

  RootSums(Recipe recipe) {
    radicands = new Numbers(recipe.numbers().get(0));
    places = recipe.places();
    exact = recipe.wish(Trait.EXACT);
    zeros = recipe.wish(Trait.ZEROS_IN_ROOT);
    rootFigures = recipe.wish(Trait.ROOT_FIGURES);
    // Without a wish for zeros, the figures behind the point do not matter.
    int behind = zeros.isAny() ? 0 : places;
    zerosBehind =
        IntStream.range(0, (int) Math.pow(10, behind)).map(part -> zeros(part, behind)).toArray();
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
    int zerosBefore = zeros(root, 1);
    boolean isWished = exact.holds(1) && zeros.holds(zerosBefore + zerosBehind[0]);
    boolean taken = isWished && piece.take(square, square + 1);
    if (!taken && exact.holds(0)) {
      inexact(root, zerosBefore, piece);
    }
  }

  /** Counts the radicands between two squares, by the figures of the root behind its point. */
  private void inexact(long root, int zerosBefore, Piece piece) {
    long from = root * root + 1;
    long after = from + 2 * root;
    for (int part = 0; part < zerosBehind.length && from < after; part++) {
      long to = Math.min(after, atLeast(root * zerosBehind.length + part + 1));
      if (to > from && zeros.holds(zerosBefore + zerosBehind[part]) && piece.take(from, to)) {
        return;
      }
      from = Math.max(from, to);
    }
  }

  /** The least radicand whose root, with all its figures as one whole number, is at least that. */
  private long atLeast(long root) {
    long square = (long) zerosBehind.length * zerosBehind.length;
    return (root * root + square - 1) / square;
  }

  /** Zeros among the last figures of a number, at least so many. */
  private static int zeros(int number, int atLeast) {
    int left = number;
    int zerosNow = 0;
    for (int figures = 0; figures < atLeast || left > 0; figures++) {
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
