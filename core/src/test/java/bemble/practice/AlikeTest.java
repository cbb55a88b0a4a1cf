package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AlikeTest {
  static List<Rung> rungs() {
    return Ladder.STANDARD.all();
  }

  /** Whatever is drawn is of the rung, worked by its method, new, and comes once. */
  @ParameterizedTest
  @MethodSource("rungs")
  void sumsOfARungAreLikeEachOther(Rung rung) {
    for (String id : rung.methods()) {
      Method<?> method = Methods.find(rung.operation(), id).orElseThrow();
      for (Problem problem : rung.draw(5, 8)) {
        Item item = Item.of(problem, id, rung.id());
        List<Item> alike = Alike.draw(item, Ladder.STANDARD, 12, 3);
        assertTrue(alike.size() >= 6, () -> alike.size() + " like " + problem);
        Set<String> keys = new HashSet<>(Set.of(item.key()));
        for (Item other : alike) {
          assertTrue(rung.fits(other.problem()), () -> other.problem() + " like " + problem);
          assertTrue(Methods.misfit(method, other.problem()).isEmpty());
          assertEquals(rung.id(), other.rung());
          assertEquals(id, other.method());
          assertTrue(keys.add(other.key()), other::key);
        }
      }
    }
  }

  @Test
  void aSumOfNoRungHasSumsOfItsSizesBesideIt() {
    Problem sum = new Addition(List.of(Numeral.parse("123456789"), Numeral.parse("27")));
    List<Item> alike = Alike.draw(Item.of(sum, "column", ""), Ladder.STANDARD, 9, 4);
    assertEquals(9, alike.size());
    for (Item other : alike) {
      List<Integer> lengths = other.problem().numbers().stream().map(Numeral::length).toList();
      assertEquals(List.of(9, 2), lengths);
    }
    assertEquals(alike, Alike.draw(Item.of(sum, "column", ""), Ladder.STANDARD, 9, 4));
    assertFalse(
        alike.equals(Alike.draw(Item.of(sum, "column", ""), Ladder.STANDARD, 9, 5)),
        "another seed draws others");
  }

  @Test
  void decimalsOfNoRungHaveNone() {
    Problem sum = new Addition(List.of(Numeral.parse("1.234567"), Numeral.parse("2.7")));
    assertEquals(List.of(), Alike.draw(Item.of(sum, "column", ""), Ladder.STANDARD, 9, 4));
  }
}
