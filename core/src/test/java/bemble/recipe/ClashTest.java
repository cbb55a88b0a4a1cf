package bemble.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.problem.Operation;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ClashTest {
  private static Set<Trait> clash(List<Size> sizes, Map<Trait, Range> wishes) {
    Recipe recipe = new Recipe(Operation.SUBTRACTION, sizes, wishes, 0);
    return new HashSet<>(Clash.of(recipe).orElseThrow().wishes());
  }

  private static final List<Size> THREE_FROM_THREE = List.of(Size.of(3, 3), Size.of(3, 3));

  @Test
  void namesTheTwoOfManyWishesThatClash() {
    assertEquals(
        Set.of(Trait.EXCHANGES, Trait.ZEROS_CROSSED),
        clash(
            THREE_FROM_THREE,
            Map.of(
                Trait.EXCHANGES,
                Range.exactly(1),
                Trait.ZEROS_CROSSED,
                Range.atLeast(1),
                Trait.ZEROS_GIVEN,
                Range.atLeast(1),
                Trait.ANSWER_FIGURES,
                new Range(1, 3))));
  }

  @Test
  void namesOneWishThatTheSizesDoNotAllow() {
    assertEquals(
        Set.of(Trait.EXCHANGES),
        clash(THREE_FROM_THREE, Map.of(Trait.EXCHANGES, Range.exactly(3))));
  }

  @Test
  void namesNoWishWhereTheSizesAloneLeaveNoSum() {
    List<Size> below = List.of(Size.of(2, 2), Size.of(3, 3));
    assertEquals(Set.of(), clash(below, Map.of(Trait.EXCHANGES, Range.exactly(1))));
  }

  @Test
  void whatFitsHasNoClash() {
    Recipe recipe = new Recipe(Operation.SUBTRACTION, THREE_FROM_THREE, Map.of(), 0);
    assertTrue(Clash.of(recipe).isEmpty());
  }

  /** The choices that are named clash, and no part of them does. */
  @Test
  void aClashIsAsSmallAsCanBe() {
    Random random = new Random(4);
    int clashes = 0;
    for (int round = 0; round < 150; round++) {
      Map<Trait, Range> wishes = new EnumMap<>(Trait.class);
      for (Trait trait : Trait.of(Operation.ADDITION)) {
        if (random.nextBoolean()) {
          wishes.put(trait, Range.exactly(random.nextInt(4)));
        }
      }
      List<Size> sizes = Collections.nCopies(2, Size.of(2, 3));
      Recipe recipe = new Recipe(Operation.ADDITION, sizes, wishes, 0);
      if (Clash.of(recipe).isEmpty()) {
        continue;
      }
      clashes++;
      List<Trait> named = Clash.of(recipe).orElseThrow().wishes();
      assertEquals(0, count(recipe, named), named::toString);
      for (Trait left : named) {
        List<Trait> others = named.stream().filter(trait -> trait != left).toList();
        assertTrue(named.size() > 3 || count(recipe, others) > 0, named::toString);
      }
    }
    assertTrue(clashes > 30, clashes + " clashes");
  }

  private static int count(Recipe recipe, List<Trait> some) {
    Map<Trait, Range> ranges = new EnumMap<>(Trait.class);
    some.forEach(trait -> ranges.put(trait, recipe.wish(trait)));
    return Fitting.of(recipe.withOnly(ranges)).count().signum();
  }
}
