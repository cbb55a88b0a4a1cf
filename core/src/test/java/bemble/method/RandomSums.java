package bemble.method;

import bemble.Sweep;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;

/** Seeded sums of every size that is taken, with more zeros and nines than chance would give. */
public final class RandomSums {
  private final Random random;

  public RandomSums(long seed) {
    random = new Random(seed);
  }

  /** Sums of an operation; half of them small, so that every method has some that fit. */
  public Stream<Problem> of(Operation operation) {
    return Stream.generate(
        () -> next(operation, random.nextBoolean() ? 24 : 1 + random.nextInt(4)));
  }

  /** Sums that a method fits: so many in a whole sweep. */
  public Stream<Problem> fitting(Method<?> method, int count) {
    return of(method.operation())
        .filter(sum -> Methods.misfit(method, sum).isEmpty())
        .limit(Sweep.of(count));
  }

  /** Sums of the size that a class works, of up to four digits, that a method fits. */
  public Stream<Problem> small(Method<?> method) {
    return Stream.generate(() -> next(method.operation(), 2 + random.nextInt(3)))
        .filter(sum -> Methods.misfit(method, sum).isEmpty())
        .filter(sum -> sum.numbers().size() <= 4);
  }

  private Problem next(Operation operation, int mostDigits) {
    boolean decimals = random.nextInt(3) == 0;
    Numeral one = numeral(mostDigits, decimals);
    Numeral other = numeral(mostDigits, decimals);
    return switch (operation) {
      case ADDITION -> addition(mostDigits, decimals);
      case SUBTRACTION ->
          one.value().compareTo(other.value()) < 0
              ? new Subtraction(other, one)
              : new Subtraction(one, random.nextInt(12) == 0 ? one : other);
      case MULTIPLICATION ->
          new Multiplication(numeral(mostDigits, false), numeral(mostDigits, false));
      case DIVISION ->
          new Division(
              numeral(mostDigits, false), notZero(numeral(Math.min(12, mostDigits), false)));
      case ROOT -> root(mostDigits, one);
    };
  }

  private Root root(int mostDigits, Numeral radicand) {
    if (random.nextInt(3) == 0) {
      Numeral side = numeral(Math.max(1, mostDigits / 2), random.nextBoolean());
      Numeral square = Numeral.of(side.unscaled().multiply(side.unscaled()), 2 * side.scale());
      return new Root(square, random.nextInt(5));
    }
    return random.nextBoolean() ? Root.natural(radicand) : new Root(radicand, random.nextInt(13));
  }

  private static Numeral notZero(Numeral numeral) {
    return numeral.isZero() ? Numeral.of(7) : numeral;
  }

  private Addition addition(int mostDigits, boolean decimals) {
    List<Numeral> addends = new ArrayList<>();
    for (int count = 2 + random.nextInt(mostDigits < 3 ? 1 : 11); count > 0; count--) {
      addends.add(numeral(mostDigits, decimals));
    }
    return new Addition(addends);
  }

  private Numeral numeral(int mostDigits, boolean decimals) {
    int length = 1 + random.nextInt(mostDigits);
    StringBuilder figures = new StringBuilder();
    int mood = random.nextInt(4);
    for (int i = 0; i < length; i++) {
      boolean plain = mood == 3 || random.nextInt(3) == 0;
      figures.append(plain ? random.nextInt(10) : mood == 0 ? 0 : mood == 1 ? 9 : 5);
    }
    return new Numeral(figures.toString(), decimals ? random.nextInt(length) : 0);
  }

  /** The answer to the sum, by arithmetic that is not ours. */
  static BigDecimal truth(Problem problem) {
    List<BigDecimal> numbers = problem.numbers().stream().map(Numeral::value).toList();
    return switch (problem.operation()) {
      case ADDITION -> numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
      case SUBTRACTION -> numbers.get(0).subtract(numbers.get(1));
      case MULTIPLICATION -> numbers.get(0).multiply(numbers.get(1));
      case DIVISION -> numbers.get(0).divideToIntegralValue(numbers.get(1));
      case ROOT -> root((Root) problem, RoundingMode.DOWN);
    };
  }

  /** The root to the places asked for, computed to far more places and then cut or rounded. */
  static BigDecimal root(Root problem, RoundingMode mode) {
    BigDecimal radicand = problem.radicand().value();
    BigDecimal root = radicand.sqrt(new MathContext(90, RoundingMode.DOWN));
    return root.setScale(problem.places(), mode);
  }
}
