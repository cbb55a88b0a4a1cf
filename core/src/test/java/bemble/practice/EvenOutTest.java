package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.style.Style;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EvenOutTest {
  private static long squares(List<Item> items) {
    return Workload.of(items, Style.STANDARD).uses().values().stream()
        .mapToLong(times -> (long) times * times)
        .sum();
  }

  /** No set gets less even. Held sums stay, every sum is one of its rung, and none comes twice. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "addition-ones-carry",
        "subtraction-one-zero-crossed",
        "multiplication-three-by-two",
        "division-zero-inside"
      })
  void noFactStandsOutMoreThanBefore(String id) {
    Rung rung = Ladder.STANDARD.find(id).orElseThrow();
    List<SetLine> lines = List.of(new SetLine(rung, rung.methods().get(0), 12));
    EvenOut evenOut = new EvenOut(Style.STANDARD);
    int better = 0;
    for (long seed = 0; seed < 12; seed++) {
      List<Item> items =
          new SetMaker(Style.STANDARD)
              .make(lines, Map.of(), Set.of(), SetMaker.Order.AS_LISTED, seed);
      List<Item> even = evenOut.of(lines, items, Set.of(0, 5), Set.of(), seed);
      assertEquals(items.size(), even.size());
      assertEquals(items.get(0), even.get(0));
      assertEquals(items.get(5), even.get(5));
      assertTrue(squares(even) <= squares(items));
      better += squares(even) < squares(items) ? 1 : 0;
      Set<String> keys = new HashSet<>();
      even.forEach(item -> assertTrue(keys.add(item.key())));
      even.forEach(item -> assertEquals(id, item.rung()));
    }
    assertTrue(better >= 10, better + " of 12 sets are more even");
  }
}
