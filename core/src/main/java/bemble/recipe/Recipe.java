package bemble.recipe;

import bemble.number.Numeral;
import bemble.number.Require;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Root;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The wishes for a sum.
 *
 * @param operation the operation of the sum
 * @param numbers the sizes of its numbers, in the order in which they are written
 * @param wishes ranges for traits of the operation; a trait without one may be anything
 * @param places figures of a root after its point, 0 for other operations
 */
public record Recipe(
    Operation operation, List<Size> numbers, Map<Trait, Range> wishes, int places) {
  private static final int MOST_ADDENDS = 12;
  private static final int MOST_PLACES = 12;

  /** Addends are counted by how many of each size reach a place: 12 of one size are 13 ways. */
  private static final int MOST_LENGTHS = 64;

  /** Zeros in a root are found root by root: 10,000 whole roots with so many places each. */
  private static final int MOST_PLACES_SEARCHED = 3;

  private static final int MOST_OF_FREE_MULTIPLIER = 4;

  /** The reasons why a recipe is refused. */
  public enum Fault {
    /** More or fewer numbers than the operation has. */
    NUMBERS,
    /** A number that is longer than sums are made of. */
    FIGURES,
    /** Too many addends of different lengths, each of another size. */
    SIZES,
    /** A trait that sums of the operation do not have. */
    TRAIT,
    /** Places asked of another operation than a root, or too many places. */
    PLACES,
    /** Zeros wished in a root of too many places. */
    PLACES_SEARCHED
  }

  /** Keeps copies; refuses recipes with a {@link #fault}. */
  public Recipe {
    numbers = List.copyOf(numbers);
    Map<Trait, Range> known = new EnumMap<>(Trait.class);
    wishes.forEach(known::put);
    known.values().removeIf(Range::isAny);
    wishes = Map.copyOf(known);
    Require.that(
        fault(operation, numbers, wishes, places).isEmpty(), "recipe", numbers, "is no recipe");
  }

  /** The reason why these are no recipe; empty where they are one. */
  public static Optional<Fault> fault(
      Operation operation, List<Size> numbers, Map<Trait, Range> wishes, int places) {
    int count = numbers.size();
    boolean counted =
        switch (operation) {
          case ADDITION -> count >= 2 && count <= MOST_ADDENDS;
          case SUBTRACTION, MULTIPLICATION, DIVISION -> count == 2;
          case ROOT -> count == 1;
        };
    if (!counted) {
      return Optional.of(Fault.NUMBERS);
    }
    for (int i = 0; i < count; i++) {
      // A multiplier is looked at figure by figure only if there is a wish for its rows.
      boolean isFree = operation == Operation.MULTIPLICATION && i == 1 && wishes.isEmpty();
      int most = isFree ? MOST_OF_FREE_MULTIPLIER : mostFigures(operation, i);
      if (numbers.get(i).figures().to() > most) {
        return Optional.of(Fault.FIGURES);
      }
    }
    if (operation == Operation.ADDITION && lengths(numbers) > MOST_LENGTHS) {
      return Optional.of(Fault.SIZES);
    }
    if (!wishes.keySet().stream().allMatch(trait -> trait.isOf(operation))) {
      return Optional.of(Fault.TRAIT);
    }
    int mostPlaces = operation == Operation.ROOT ? MOST_PLACES : 0;
    if (places < 0 || places > mostPlaces) {
      return Optional.of(Fault.PLACES);
    }
    return places > MOST_PLACES_SEARCHED && wishes.containsKey(Trait.ZEROS_IN_ROOT)
        ? Optional.of(Fault.PLACES_SEARCHED)
        : Optional.empty();
  }

  /** How many ways there are for the addends of each size to go on to a place or not. */
  private static long lengths(List<Size> numbers) {
    return numbers.stream()
        .filter(size -> size.figures().from() < size.figures().to())
        .collect(Collectors.groupingBy(size -> size, Collectors.counting()))
        .values()
        .stream()
        .reduce(1L, (ways, some) -> ways * (some + 1));
  }

  /** How many figures the {@code i}-th number of a sum may have at most, whatever is wished. */
  public static int mostFigures(Operation operation, int i) {
    return switch (operation) {
      case ADDITION, SUBTRACTION -> 12;
      case MULTIPLICATION -> i == 0 ? 6 : 3;
      case DIVISION -> i == 0 ? 8 : 2;
      case ROOT -> 8;
    };
  }

  /** Whether a sum of whole numbers is one that the recipe asks for. */
  public boolean fits(Problem problem) {
    List<Numeral> given = problem.numbers();
    if (problem.operation() != operation || given.size() != numbers.size()) {
      return false;
    }
    for (int i = 0; i < given.size(); i++) {
      if (!numbers.get(i).has(given.get(i).figures())) {
        return false;
      }
    }
    if (problem instanceof Root root && root.places() != places) {
      return false;
    }
    Map<Trait, Integer> measured = Measured.of(problem);
    return wishes.entrySet().stream()
        .allMatch(
            wish -> wish.getValue().holds(Objects.requireNonNull(measured.get(wish.getKey()))));
  }

  /** The range wished for a trait. */
  Range wish(Trait trait) {
    return wishes.getOrDefault(trait, Range.ANY);
  }

  /** The same with some of the wishes only. */
  Recipe withOnly(Map<Trait, Range> some) {
    return new Recipe(operation, numbers, some, places);
  }
}
