package bemble.number;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WholeTest {
  private final Random random = new Random(7);

  /** Numbers of all sizes, including those at which the short way ends. */
  private Stream<BigInteger> numbers() {
    BigInteger border = BigInteger.ONE.shiftLeft(31);
    Stream<BigInteger> borders =
        Stream.of(-1, 0, 1).map(off -> border.add(BigInteger.valueOf(off)));
    Stream<BigInteger> any =
        Stream.generate(() -> new BigInteger(random.nextInt(80), random)).limit(400);
    return Stream.of(Stream.of(BigInteger.ZERO, BigInteger.TEN), borders, any)
        .flatMap(each -> each);
  }

  @Test
  void cutsNumbersAsBigIntegerDoes() {
    numbers()
        .forEach(
            number -> {
              assertEquals(number.mod(BigInteger.TEN), Whole.ones(number));
              assertEquals(number.divide(BigInteger.TEN), Whole.tens(number));
              int n = random.nextInt(12);
              assertEquals(number.divide(BigInteger.TEN.pow(n)), Whole.without(number, n));
            });
  }

  @Test
  void joinsWhatWasCut() {
    numbers()
        .forEach(
            number -> assertEquals(number, Whole.joined(Whole.tens(number), Whole.ones(number))));
  }

  @Test
  void multipliesAndDividesAsBigIntegerDoes() {
    List<BigInteger> others = numbers().toList();
    numbers()
        .forEach(
            number -> {
              BigInteger other = others.get(random.nextInt(others.size()));
              assertEquals(number.multiply(other), Whole.product(number, other));
              if (other.signum() > 0) {
                assertEquals(number.divide(other), Whole.quotient(number, other));
              }
            });
  }

  @Test
  void addsListsWithOneLargeNumberAmongSmallOnes() {
    for (int size = 0; size < 40; size++) {
      List<BigInteger> list = numbers().skip(random.nextInt(300)).limit(size).toList();
      BigInteger total = list.stream().reduce(BigInteger.ZERO, BigInteger::add);
      assertEquals(total, Whole.total(list));
      int first = size == 0 ? 0 : random.nextInt(size);
      BigInteger rest = list.stream().skip(first).reduce(BigInteger.ZERO, BigInteger::add);
      assertEquals(rest, Whole.total(list, first));
    }
  }

  @Test
  void addsAndTakesAwayAsBigIntegerDoesDownToNothing() {
    List<BigInteger> others = numbers().toList();
    numbers()
        .forEach(
            number -> {
              BigInteger other = others.get(random.nextInt(others.size()));
              assertEquals(number.add(other), Whole.sum(number, other));
              assertEquals(number.subtract(other).max(BigInteger.ZERO), Whole.left(number, other));
            });
  }

  @Test
  void readsAListOfFiguresAsTheNumberThatTheyWrite() {
    for (int size = 1; size < 60; size++) {
      List<BigInteger> figures =
          Stream.generate(() -> BigInteger.valueOf(random.nextInt(10))).limit(size).toList();
      int first = random.nextInt(size);
      StringBuilder written = new StringBuilder();
      figures.stream().skip(first).forEach(written::append);
      assertEquals(new BigInteger(written.toString()), Whole.joined(figures, first));
    }
  }

  @Test
  void joinsAListWithOneLargeNumberAmongSmallOnes() {
    for (int size = 0; size < 40; size++) {
      List<BigInteger> list = numbers().skip(random.nextInt(300)).limit(size).toList();
      BigInteger joined =
          list.stream().reduce(BigInteger.ZERO, (a, b) -> a.multiply(BigInteger.TEN).add(b));
      assertEquals(joined, Whole.joined(list, 0));
    }
  }

  @Test
  void raisesTenToEachPower() {
    for (int n = 0; n < 50; n++) {
      assertEquals(BigInteger.TEN.pow(n), Whole.powerOfTen(n));
    }
  }
}
