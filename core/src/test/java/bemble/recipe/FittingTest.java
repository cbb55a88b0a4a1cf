package bemble.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The sums that fit a recipe, compared with lists of all sums of small sizes. */
class FittingTest {
  /** Sizes small enough to list all of their sums. */
  private static final Map<Operation, List<List<Size>>> SIZES =
      Map.of(
          Operation.ADDITION,
          List.of(
              List.of(new Size(new Range(1, 3), "0459"), new Size(new Range(1, 3), "0459")),
              List.of(Size.of(1, 2), Size.of(1, 2)),
              List.of(Size.of(1, 1), new Size(new Range(1, 2), "0279"), Size.of(1, 1)),
              List.of(new Size(new Range(1, 4), "09"), new Size(new Range(1, 4), "19")),
              List.of(new Size(new Range(1, 2), "579"), Size.of(1, 1), Size.of(2, 2))),
          Operation.SUBTRACTION,
          List.of(
              List.of(new Size(new Range(1, 4), "037"), new Size(new Range(1, 3), "058")),
              List.of(Size.of(1, 3), Size.of(1, 1)),
              List.of(new Size(new Range(2, 5), "01"), new Size(new Range(1, 4), "128")),
              List.of(Size.of(3, 3), new Size(new Range(2, 2), "0789"))),
          Operation.MULTIPLICATION,
          List.of(
              List.of(new Size(new Range(1, 3), "0478"), new Size(new Range(1, 3), "0358")),
              List.of(Size.of(1, 2), Size.of(1, 2)),
              List.of(new Size(new Range(2, 4), "0179"), new Size(new Range(1, 3), "048"))),
          Operation.DIVISION,
          List.of(
              List.of(new Size(new Range(1, 4), "0269"), new Size(new Range(1, 2), "0347")),
              List.of(Size.of(1, 3), Size.of(1, 1)),
              List.of(new Size(new Range(3, 5), "0369"), new Size(new Range(1, 2), "013"))),
          Operation.ROOT,
          List.of(List.of(Size.of(1, 4)), List.of(new Size(new Range(2, 5), "01469"))));

  /** All numbers of a size. */
  private static List<Numeral> numbers(Size size) {
    int limit = BigInteger.TEN.pow(size.figures().to()).intValue();
    return IntStream.range(0, limit)
        .mapToObj(String::valueOf)
        .filter(text -> size.figures().holds(text.length()))
        .filter(text -> text.chars().allMatch(sign -> size.of().indexOf(sign) >= 0))
        .map(Numeral::parse)
        .toList();
  }

  private static List<List<Numeral>> tuples(List<Size> sizes) {
    List<List<Numeral>> tuples = List.of(List.of());
    for (Size size : sizes) {
      List<Numeral> numbers = numbers(size);
      tuples =
          tuples.stream()
              .flatMap(
                  begun ->
                      numbers.stream()
                          .map(next -> Stream.concat(begun.stream(), Stream.of(next)).toList()))
              .toList();
    }
    return tuples;
  }

  private static List<Problem> listed(Operation operation, List<Size> sizes, int places) {
    return tuples(sizes).stream().flatMap(tuple -> problem(operation, tuple, places)).toList();
  }

  private static Stream<Problem> problem(Operation operation, List<Numeral> numbers, int places) {
    Numeral first = numbers.get(0);
    Numeral last = numbers.get(numbers.size() - 1);
    boolean isBelow = new BigInteger(first.figures()).compareTo(new BigInteger(last.figures())) < 0;
    return switch (operation) {
      case ADDITION -> Stream.of(new Addition(numbers));
      case SUBTRACTION -> isBelow ? Stream.empty() : Stream.of(new Subtraction(first, last));
      case MULTIPLICATION -> Stream.of(new Multiplication(first, last));
      case DIVISION -> last.isZero() ? Stream.empty() : Stream.of(new Division(first, last));
      case ROOT -> Stream.of(new Root(first, places));
    };
  }

  private static boolean fits(Map<Trait, Integer> traits, Map<Trait, Range> wishes) {
    return wishes.entrySet().stream()
        .allMatch(wish -> wish.getValue().holds(traits.get(wish.getKey())));
  }

  /** A range around a count that is there, open or not. */
  private static Range around(int count, Random random) {
    int from = Math.max(count - random.nextInt(3), 0);
    return random.nextInt(3) == 0
        ? Range.atLeast(from)
        : new Range(from, Math.max(from, count + random.nextInt(3) - 1));
  }

  @ParameterizedTest
  @EnumSource(Operation.class)
  void countsAndListsWhatAListOfAllSumsHas(Operation operation) {
    Random random = new Random(11);
    for (List<Size> sizes : SIZES.get(operation)) {
      int places = operation == Operation.ROOT ? random.nextInt(3) : 0;
      List<Problem> all = listed(operation, sizes, places);
      List<Map<Trait, Integer>> traits = all.stream().map(Measured::of).toList();
      for (int round = 0; round < 6; round++) {
        Map<Trait, Integer> model = traits.get(random.nextInt(traits.size()));
        Map<Trait, Range> wishes = new EnumMap<>(Trait.class);
        List<Trait> wished = new ArrayList<>(Trait.of(operation));
        Collections.shuffle(wished, random);
        for (Trait trait : wished.subList(0, random.nextInt(4))) {
          wishes.put(trait, around(model.get(trait), random));
        }
        List<Problem> fitting = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
          if (fits(traits.get(i), wishes)) {
            fitting.add(all.get(i));
          }
        }
        holds(new Recipe(operation, sizes, wishes, places), fitting);
      }
    }
  }

  private static void holds(Recipe recipe, List<Problem> fitting) {
    Fitting found = Fitting.of(recipe);
    assertEquals(fitting.size(), found.count().intValueExact(), recipe::toString);
    if (fitting.size() < 3000) {
      List<Problem> numbered =
          IntStream.range(0, fitting.size())
              .mapToObj(number -> found.sum(BigInteger.valueOf(number)))
              .toList();
      assertEquals(new HashSet<>(fitting), new HashSet<>(numbered), recipe::toString);
    }
  }

  static Stream<Trait> traits() {
    return Stream.of(Trait.values());
  }

  @ParameterizedTest
  @MethodSource("traits")
  void everyValueOfATraitIsCounted(Trait trait) {
    Operation operation =
        Stream.of(Operation.values()).filter(trait::isOf).findFirst().orElseThrow();
    List<Size> sizes = SIZES.get(operation).get(0);
    int places = operation == Operation.ROOT ? 1 : 0;
    Map<Integer, Long> listed =
        listed(operation, sizes, places).stream()
            .collect(
                Collectors.groupingBy(sum -> Measured.of(sum).get(trait), Collectors.counting()));
    assertTrue(listed.size() > 1, "the sums differ in it");
    for (int value = 0; value <= Collections.max(listed.keySet()) + 1; value++) {
      Recipe recipe = new Recipe(operation, sizes, Map.of(trait, Range.exactly(value)), places);
      long expected = listed.getOrDefault(value, 0L);
      assertEquals(BigInteger.valueOf(expected), Fitting.of(recipe).count(), trait + " " + value);
    }
  }

  /** In sizes too large to list, every sum drawn has the wished traits, and none comes twice. */
  @ParameterizedTest
  @EnumSource(Operation.class)
  void whatIsDrawnOfLargeSizesFits(Operation operation) {
    List<Size> sizes =
        switch (operation) {
          case ADDITION -> Collections.nCopies(7, Size.of(3, 12));
          case SUBTRACTION -> List.of(Size.of(9, 12), Size.of(4, 11));
          case MULTIPLICATION -> List.of(Size.of(4, 5), Size.of(2, 3));
          case DIVISION -> List.of(Size.of(5, 8), Size.of(1, 2));
          case ROOT -> List.of(Size.of(6, 8));
        };
    Map<Trait, Range> wishes =
        switch (operation) {
          case ADDITION ->
              Map.of(
                  Trait.CARRIES,
                  new Range(3, 6),
                  Trait.CHAIN,
                  Range.exactly(2),
                  Trait.LARGEST_TOTAL,
                  new Range(20, 41),
                  Trait.ZEROS_IN_ANSWER,
                  Range.atLeast(2));
          case SUBTRACTION ->
              Map.of(
                  Trait.EXCHANGES, Range.exactly(5),
                  Trait.ZEROS_CROSSED, Range.exactly(3),
                  Trait.ANSWER_FIGURES, new Range(6, 8));
          case MULTIPLICATION ->
              Map.of(
                  Trait.ROW_CARRIES, new Range(4, 6),
                  Trait.ADD_CARRIES, Range.exactly(2),
                  Trait.ANSWER_FIGURES, Range.exactly(7));
          case DIVISION ->
              Map.of(
                  Trait.ZEROS_IN_QUOTIENT, Range.exactly(2),
                  Trait.REMAINDER, new Range(1, 40),
                  Trait.FIRST_TOO_SMALL, Range.exactly(1));
          case ROOT -> Map.of(Trait.ZEROS_IN_ROOT, Range.exactly(3), Trait.EXACT, Range.exactly(0));
        };
    Recipe recipe = new Recipe(operation, sizes, wishes, operation == Operation.ROOT ? 2 : 0);
    List<Problem> drawn = Fitting.of(recipe).draw(200, 5);
    assertEquals(200, new HashSet<>(drawn).size());
    for (Problem problem : drawn) {
      assertTrue(fits(Measured.of(problem), wishes), problem::toString);
      for (int i = 0; i < sizes.size(); i++) {
        assertTrue(sizes.get(i).figures().holds(problem.numbers().get(i).figures().length()));
      }
    }
  }

  /** Chi-square: 4,000 draws of one sum each over at most 170, limit at about 1 in 10,000. */
  @ParameterizedTest
  @EnumSource(Operation.class)
  void everySumIsDrawnAsOftenAsAnyOther(Operation operation) {
    Recipe recipe =
        switch (operation) {
          case ADDITION ->
              new Recipe(
                  operation,
                  List.of(new Size(new Range(1, 3), "27"), new Size(new Range(1, 3), "38")),
                  Map.of(Trait.CARRIES, Range.atLeast(1)),
                  0);
          case SUBTRACTION ->
              new Recipe(
                  operation,
                  List.of(new Size(new Range(2, 3), "058"), new Size(new Range(1, 2), "39")),
                  Map.of(Trait.EXCHANGES, Range.atLeast(1)),
                  0);
          case MULTIPLICATION ->
              new Recipe(
                  operation,
                  List.of(new Size(new Range(1, 2), "0479"), new Size(new Range(1, 2), "08")),
                  Map.of(),
                  0);
          case DIVISION ->
              new Recipe(
                  operation,
                  List.of(Size.of(2, 2), Size.of(1, 1)),
                  Map.of(Trait.REMAINDER, Range.exactly(4)),
                  0);
          case ROOT ->
              new Recipe(
                  operation, List.of(Size.of(1, 4)), Map.of(Trait.EXACT, Range.exactly(1)), 0);
        };
    Fitting fitting = Fitting.of(recipe);
    int sums = fitting.count().intValueExact();
    assertTrue(sums >= 25 && sums <= 170, () -> sums + " sums");
    int draws = 4000;
    Map<Problem, Integer> drawn = new HashMap<>();
    for (int seed = 0; seed < draws; seed++) {
      drawn.merge(fitting.draw(1, seed).get(0), 1, Integer::sum);
    }
    double expected = (double) draws / sums;
    double square =
        drawn.values().stream().mapToDouble(n -> (n - expected) * (n - expected) / expected).sum()
            + (sums - drawn.size()) * expected;
    double spread = Math.sqrt(2.0 * (sums - 1));
    assertTrue(square < sums - 1 + 4 * spread, () -> "chi-square " + square + " of " + sums);
  }

  @Test
  void theSameSeedDrawsTheSameSums() {
    Recipe recipe =
        new Recipe(Operation.ADDITION, List.of(Size.of(2, 4), Size.of(3, 3)), Map.of(), 0);
    assertEquals(Fitting.of(recipe).draw(20, 7), Fitting.of(recipe).draw(20, 7));
    assertTrue(!Fitting.of(recipe).draw(20, 7).equals(Fitting.of(recipe).draw(20, 8)));
  }

  @Test
  void drawsAllSumsWhereFewerFitThanWanted() {
    Size one = new Size(new Range(1, 1), "67");
    Recipe recipe = new Recipe(Operation.ADDITION, List.of(one, one), Map.of(), 0);
    assertEquals(4, new HashSet<>(Fitting.of(recipe).draw(20, 3)).size());
    Recipe nothing =
        new Recipe(
            Operation.ADDITION, List.of(one, one), Map.of(Trait.NEW_COLUMN, Range.exactly(0)), 0);
    assertTrue(Fitting.of(nothing).draw(20, 3).isEmpty());
  }

  /** 12 numbers of 12 figures: 9 × 10^11 each. */
  @Test
  void countsWholeNumbersOfAnySize() {
    Recipe recipe =
        new Recipe(Operation.ADDITION, Collections.nCopies(12, Size.of(12, 12)), Map.of(), 0);
    BigInteger each = BigInteger.TEN.pow(11).multiply(BigInteger.valueOf(9));
    assertEquals(each.pow(12), Fitting.of(recipe).count());
    assertEquals(12, Fitting.of(recipe).draw(1, 2).get(0).numbers().size());
  }

  @ParameterizedTest
  @CsvSource({
    "ADDITION, 1, 3, 0, NUMBERS",
    "ADDITION, 13, 3, 0, NUMBERS",
    "SUBTRACTION, 3, 3, 0, NUMBERS",
    "ROOT, 2, 3, 0, NUMBERS",
    "ADDITION, 2, 13, 0, FIGURES",
    "MULTIPLICATION, 2, 5, 0, FIGURES",
    "DIVISION, 2, 3, 0, FIGURES",
    "ROOT, 1, 9, 0, FIGURES",
    "ADDITION, 2, 3, 2, PLACES",
    "ROOT, 1, 3, 13, PLACES"
  })
  void refusesWhatIsNoRecipe(
      Operation operation, int numbers, int figures, int places, Recipe.Fault fault) {
    List<Size> sizes = Collections.nCopies(numbers, Size.of(1, figures));
    assertEquals(fault, Recipe.fault(operation, sizes, Map.of(), places).orElseThrow());
  }

  @Test
  void refusesWishesThatTheOperationDoesNotHave() {
    List<Size> two = List.of(Size.of(1, 2), Size.of(1, 2));
    assertEquals(
        Recipe.Fault.TRAIT,
        Recipe.fault(Operation.DIVISION, two, Map.of(Trait.CARRIES, Range.ANY), 0).orElseThrow());
    List<Size> mixed = IntStream.rangeClosed(1, 8).mapToObj(most -> Size.of(1, most + 1)).toList();
    assertEquals(
        Recipe.Fault.SIZES, Recipe.fault(Operation.ADDITION, mixed, Map.of(), 0).orElseThrow());
    assertEquals(
        Recipe.Fault.PLACES_SEARCHED,
        Recipe.fault(
                Operation.ROOT,
                List.of(Size.of(1, 8)),
                Map.of(Trait.ZEROS_IN_ROOT, Range.exactly(1)),
                4)
            .orElseThrow());
  }

  /** Four figures by four are counted where nothing is wished of the rows. */
  @Test
  void aMultiplierOfFourFiguresIsTakenWithoutWishes() {
    Size noZero = new Size(new Range(4, 4), "123456789");
    List<Size> numbers = List.of(noZero, noZero);
    Recipe free = new Recipe(Operation.MULTIPLICATION, numbers, Map.of(), 0);
    BigInteger each = BigInteger.valueOf(9).pow(4);
    assertEquals(each.multiply(each), Fitting.of(free).count());
    Fitting.of(free)
        .draw(50, 6)
        .forEach(
            sum ->
                assertTrue(
                    sum.numbers().stream().allMatch(number -> noZero.has(number.figures()))));
    Map<Trait, Range> carries = Map.of(Trait.ROW_CARRIES, Range.atLeast(1));
    assertEquals(
        Optional.of(Recipe.Fault.FIGURES),
        Recipe.fault(Operation.MULTIPLICATION, numbers, carries, 0));
  }
}
