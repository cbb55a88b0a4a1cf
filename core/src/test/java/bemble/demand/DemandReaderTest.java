package bemble.demand;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.recipe.Measured;
import bemble.recipe.Trait;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DemandReaderTest {
  private static final Map<Trait, Function<Demands, Integer>> COUNTED =
      Map.of(
          Trait.CARRIES, of -> of.carries().written(),
          Trait.CHAIN, of -> of.carries().longestChain(),
          Trait.EXCHANGES, of -> of.exchanges().made(),
          Trait.ZEROS_CROSSED, of -> of.exchanges().zerosCrossed(),
          Trait.ZEROS_IN_QUOTIENT, of -> of.zeros().inQuotient());

  private static Demands demands(String line, String method) {
    Problem sum = ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    return DemandReader.of(
        new Sum(sum, Methods.find(sum.operation(), method).orElseThrow(), Style.STANDARD).work());
  }

  /** Traits that are read off a page agree with those that recipes count without one. */
  @ParameterizedTest
  @CsvSource({"ADDITION, column", "SUBTRACTION, exchange", "DIVISION, long"})
  void agreeWithTheTraitsThatARecipeWishesFor(Operation operation, String id) {
    Method<?> method = Methods.find(operation, id).orElseThrow();
    new RandomSums(91)
        .fitting(method, 400)
        .filter(sum -> sum.numbers().stream().allMatch(number -> number.scale() == 0))
        .forEach(
            sum -> {
              Demands demands = DemandReader.of(new Sum(sum, method, Style.STANDARD).work());
              Map<Trait, Integer> wanted = new EnumMap<>(Measured.of(sum));
              wanted.keySet().retainAll(COUNTED.keySet());
              Map<Trait, Integer> read = new EnumMap<>(Trait.class);
              wanted.keySet().forEach(each -> read.put(each, COUNTED.get(each).apply(demands)));
              assertEquals(wanted, read, sum::toString);
            });
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "312 + 45       | column      | 0 carries, 0 in a chain, 0 exchanges, 0 zeros crossed, 0"
            + " between",
        "378 + 256      | column      | 2 carries, 2 in a chain, 0 exchanges, 0 zeros crossed, 0"
            + " between",
        "528 + 364 + 10 | column      | 2 carries, 2 in a chain, 0 exchanges, 0 zeros crossed, 0"
            + " between",
        "4,508 + 2,613  | column      | 2 carries, 1 in a chain, 0 exchanges, 0 zeros crossed, 0"
            + " between",
        "432 − 118      | exchange    | 0 carries, 0 in a chain, 1 exchanges, 0 zeros crossed, 0"
            + " between",
        "5,003 − 1,268  | exchange    | 0 carries, 0 in a chain, 3 exchanges, 2 zeros crossed, 0"
            + " between",
        "532 − 278      | add-to-both | 0 carries, 0 in a chain, 2 exchanges, 0 zeros crossed, 0"
            + " between",
        "4,236 ÷ 6      | long        | 0 carries, 0 in a chain, 0 exchanges, 0 zeros crossed, 1"
            + " between",
        "√94,249        | digit-pairs | 0 carries, 0 in a chain, 0 exchanges, 0 zeros crossed, 1"
            + " between"
      })
  void countWhatTheSumAsksFor(String line, String method, String counted) {
    Demands demands = demands(line, method);
    assertEquals(
        counted,
        "%d carries, %d in a chain, %d exchanges, %d zeros crossed, %d between"
            .formatted(
                demands.carries().written(),
                demands.carries().longestChain(),
                demands.exchanges().made(),
                demands.exchanges().zerosCrossed(),
                demands.zeros().inQuotient()));
  }

  @Test
  void tellWhetherAnythingIsLeftAndHowLongItTakes() {
    assertEquals(false, demands("4,236 ÷ 6", "long").remainder());
    assertEquals(true, demands("4,237 ÷ 6", "long").remainder());
    assertEquals(true, demands("√20", "digit-pairs").remainder());
    Demands demands = demands("57 × 38", "column");
    assertEquals(4, demands.facts().get(Fact.Kind.MULTIPLY));
    int facts = demands.facts().values().stream().mapToInt(Integer::intValue).sum();
    assertEquals(Demands.SECONDS_A_FACT * facts + demands.marks(), demands.seconds());
  }

  /** The carries of two numbers equal the loss of their digit sum, nine for each. */
  @Test
  void carriesAreWhatTheFiguresLose() {
    Random random = new Random(21);
    for (int i = 0; i < 200; i++) {
      BigInteger one = new BigInteger(10 + random.nextInt(60), random).add(BigInteger.TEN);
      BigInteger other = new BigInteger(10 + random.nextInt(60), random).add(BigInteger.TEN);
      Demands demands = demands(one + " + " + other, "column");
      int lost = figures(one) + figures(other) - figures(one.add(other));
      int carried = demands.carries().written() + (demands.carries().newColumn() ? 1 : 0);
      assertEquals(lost / 9, carried, () -> one + " + " + other);
    }
  }

  private static int figures(BigInteger number) {
    return number.toString().chars().map(figure -> figure - '0').sum();
  }
}
