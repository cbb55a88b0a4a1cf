package bemble.diagnosis;

import bemble.problem.Operation;
import java.util.List;
import java.util.Random;
import java.util.function.LongUnaryOperator;

/**
 * A pupil who works by column arithmetic of their own, without any procedure, and has one habit.
 *
 * @param slip the id of the slip that the habit is; empty where it is none that is known
 * @param operation the operation in which it is a habit
 * @param method how the pupil works
 * @param habit the answer of a pupil with the habit
 * @param byThree whether multipliers have three figures
 */
record PlainPupil(String slip, Operation operation, String method, Habit habit, boolean byThree) {
  /** The answer of somebody who makes a slip where {@code makes} says so. */
  @FunctionalInterface
  interface Habit {
    long answer(int one, int other, Chances makes);
  }

  /** Whether the slip is made at the next chance. */
  @FunctionalInterface
  interface Chances {
    boolean next();
  }

  static final List<PlainPupil> ALL =
      List.of(
          adding("carry-not-added", PlainPupil::carryNotAdded),
          adding("lined-up-left", PlainPupil::linedUpLeft),
          adding(
              "taken-instead",
              (one, other, makes) -> whole(one + other, Math.abs(one - other), makes)),
          adding(
              "number-too-far-left", (one, other, makes) -> one + other * (makes.next() ? 10 : 1)),
          adding("", (one, other, makes) -> changedOver(one + other, makes)),
          taking("smaller-from-larger", (one, other, makes) -> taken(one, other, makes, "turned")),
          taking("neighbour-not-less", (one, other, makes) -> taken(one, other, makes, "unpaid")),
          taking("less-without-exchange", (one, other, makes) -> taken(one, other, makes, "less")),
          taking("added-instead", (one, other, makes) -> whole(one - other, one + other, makes)),
          taking("", (one, other, makes) -> changedOver(one - other, makes)),
          times("no-placeholder", PlainPupil::unshifted),
          times(
              "row-left-out",
              (one, other, makes) -> whole((long) one * other, (long) one * (other % 10), makes)),
          times(
              "row-left-out",
              (one, other, makes) ->
                  whole((long) one * other, (long) one * (other / 10) * 10, makes)),
          times(
              "added-instead-of-multiplied",
              (one, other, makes) -> whole((long) one * other, one + other, makes)),
          times("multiplied-carry-not-added", PlainPupil::carryLost),
          times(
              "neighbour-in-the-table",
              (one, other, makes) ->
                  row(one, other % 10 + 1, other % 10 > 0 && makes.next(), other % 10)
                      + 10 * row(one, other / 10 + 1, other >= 10 && makes.next(), other / 10)),
          byThree(
              "row-left-out",
              (one, other, makes) ->
                  whole((long) one * other, (long) one * (other / 100) * 100, makes)),
          byThree(
              "row-left-out",
              (one, other, makes) -> whole((long) one * other, (long) one * (other % 10), makes)),
          byThree(
              "placeholder-too-few",
              (one, other, makes) ->
                  (long) one * (other % 100)
                      + (long) one * (other / 100) * (makes.next() ? 10 : 100)),
          rooting("pairs-from-wrong-end", (one, other, makes) -> root(one, makes, false)),
          rooting("pairs-from-wrong-end", (one, other, makes) -> root(one, makes, true)),
          times("", (one, other, makes) -> changedOver((long) one * other, makes)),
          times(
              "",
              (one, other, makes) -> whole((long) one * other, (long) one * other + 100, makes)));

  private static PlainPupil adding(String slip, Habit habit) {
    return new PlainPupil(slip, Operation.ADDITION, "column", habit, false);
  }

  private static PlainPupil taking(String slip, Habit habit) {
    return new PlainPupil(slip, Operation.SUBTRACTION, "exchange", habit, false);
  }

  private static PlainPupil times(String slip, Habit habit) {
    return new PlainPupil(slip, Operation.MULTIPLICATION, "column", habit, false);
  }

  private static PlainPupil byThree(String slip, Habit habit) {
    return new PlainPupil(slip, Operation.MULTIPLICATION, "column", habit, true);
  }

  private static PlainPupil rooting(String slip, Habit habit) {
    return new PlainPupil(slip, Operation.ROOT, "digit-pairs", habit, false);
  }

  /** The root cut off. With the slip, pairs are taken from the left, and a single figure last. */
  private static long root(int radicand, Chances makes, boolean fillsUp) {
    boolean odd = String.valueOf(radicand).length() % 2 == 1;
    if (!odd || !makes.next()) {
      return (long) Math.sqrt(radicand);
    }
    if (fillsUp) {
      return (long) Math.sqrt(10.0 * radicand);
    }
    long root = (long) Math.sqrt(radicand / 10);
    long left = radicand / 10 - root * root;
    long last = 0;
    while ((20 * root + last + 1) * (last + 1) <= left * 10 + radicand % 10 && last < 9) {
      last++;
    }
    return 10 * root + last;
  }

  private static long whole(long right, long slipped, Chances makes) {
    return makes.next() ? slipped : right;
  }

  private static long changedOver(long right, Chances makes) {
    return makes.next() ? right / 100 * 100 + right % 10 * 10 + right / 10 % 10 : right;
  }

  private static long carryNotAdded(int one, int other, Chances makes) {
    long total = 0;
    int carry = 0;
    long worth = 1;
    for (int a = one, b = other; a > 0 || b > 0; a /= 10, b /= 10, worth *= 10) {
      int column = a % 10 + b % 10 + (carry > 0 && makes.next() ? 0 : carry);
      boolean last = a < 10 && b < 10;
      total += (last ? column : column % 10) * worth;
      carry = column / 10;
    }
    return total;
  }

  private static long linedUpLeft(int one, int other, Chances makes) {
    int off = String.valueOf(one).length() - String.valueOf(other).length();
    boolean slips = off != 0 && makes.next();
    LongUnaryOperator moved = number -> number * (long) Math.pow(10, Math.abs(off));
    return !slips
        ? one + other
        : off > 0 ? one + moved.applyAsLong(other) : moved.applyAsLong(one) + other;
  }

  /** The difference from the ones on, with an exchange where the figure above is too small. */
  private static long taken(int one, int other, Chances makes, String habit) {
    long answer = 0;
    long worth = 1;
    int paid = 0;
    for (int a = one, b = other; a > 0; a /= 10, b /= 10, worth *= 10) {
      int left = a % 10 - paid - b % 10;
      paid = 0;
      boolean last = a < 10;
      if (left < 0 && habit.equals("turned") && makes.next()) {
        left = -left;
      } else if (left < 0) {
        left += 10;
        paid = habit.equals("unpaid") && makes.next() ? 0 : 1;
      } else if (!last && habit.equals("less") && makes.next()) {
        paid = 1;
      }
      answer += Math.max(0, left) * worth;
    }
    return answer;
  }

  private static long unshifted(int one, int other, Chances makes) {
    long second = (long) one * (other / 10);
    return (long) one * (other % 10) + (makes.next() ? second : 10 * second);
  }

  private static long carryLost(int one, int other, Chances makes) {
    return row(one, other % 10, makes) + 10 * row(one, other / 10, makes);
  }

  /** A row whose products are those of the next multiplier, if the pupil makes that slip. */
  private static long row(int one, int beside, boolean makes, int figure) {
    return (long) one * (makes ? beside : figure);
  }

  private static long row(int one, int figure, Chances makes) {
    long product = 0;
    long worth = 1;
    int carry = 0;
    for (int a = one; a > 0; a /= 10, worth *= 10) {
      int total = a % 10 * figure + (carry > 0 && makes.next() ? 0 : carry);
      product += (a < 10 ? total : total % 10) * worth;
      carry = total / 10;
    }
    return product;
  }

  /** Two numbers of a sum that suits the habit. */
  int[] sum(Random random) {
    return switch (operation) {
      case ADDITION ->
          new int[] {
            100 + random.nextInt(900), 10 + random.nextInt(random.nextBoolean() ? 90 : 900)
          };
      case SUBTRACTION -> {
        int one = 1000 + random.nextInt(9000);
        yield new int[] {one, 10 + random.nextInt(one - 10)};
      }
      case ROOT -> new int[] {100 + random.nextInt(99_900), 0};
      default ->
          new int[] {
            11 + random.nextInt(889), byThree ? 111 + random.nextInt(889) : 11 + random.nextInt(89)
          };
    };
  }
}
