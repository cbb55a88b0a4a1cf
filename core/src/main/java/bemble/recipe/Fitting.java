package bemble.recipe;

import bemble.number.Require;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * The sums that fit a recipe: ordered tuples of numbers. They are never listed: each has a number,
 * from which its figures follow place by place.
 */
public final class Fitting {
  private final Counted sums;

  private Fitting(Counted sums) {
    this.sums = sums;
  }

  /** The sums that fit a recipe. */
  public static Fitting of(Recipe recipe) {
    return new Fitting(
        switch (recipe.operation()) {
          case ADDITION -> new AdditionSums(recipe);
          case SUBTRACTION -> new SubtractionSums(recipe);
          case MULTIPLICATION -> Multiplicands.sums(recipe);
          case DIVISION -> Dividends.sums(recipe);
          case ROOT -> new RootSums(recipe);
        });
  }

  /** How many sums fit. */
  public BigInteger count() {
    return sums.count();
  }

  /**
   * The sum of a number.
   *
   * @param number 0 or more and below {@link #count}
   */
  public Problem sum(BigInteger number) {
    Require.that(
        number.signum() >= 0 && number.compareTo(count()) < 0, "number", number, "has no sum");
    return sums.sum(number);
  }

  /**
   * Draws different sums, each as likely as any other; fewer only where fewer fit.
   *
   * @param count how many, 0 or more
   * @param seed the same seed draws the same sums
   */
  public List<Problem> draw(int count, long seed) {
    Random random = new Random(seed);
    BigInteger all = count();
    int wanted = all.min(BigInteger.valueOf(count)).intValue();
    // R. W. Floyd's way of drawing without repeats: in the step for the number n a number up to n
    // is
    // drawn, and n itself taken where that one is taken already (Bentley, Programming Pearls,
    // Communications of the ACM 30, 1987).
    Set<BigInteger> numbers = new LinkedHashSet<>();
    for (int i = wanted; i > 0; i--) {
      BigInteger most = all.subtract(BigInteger.valueOf(i));
      BigInteger drawn = below(most.add(BigInteger.ONE), random);
      numbers.add(numbers.contains(drawn) ? most : drawn);
    }
    List<BigInteger> order = new ArrayList<>(numbers);
    Collections.shuffle(order, random);
    return order.stream().map(sums::sum).toList();
  }

  /** A number below a limit; 64 bits more than it has leave no number more likely than another. */
  private static BigInteger below(BigInteger limit, Random random) {
    return new BigInteger(limit.bitLength() + 64, random).mod(limit);
  }
}
