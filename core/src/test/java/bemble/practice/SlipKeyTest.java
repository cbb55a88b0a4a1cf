package bemble.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.methods.Methods;
import bemble.practice.TellingApart.Doubt;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.TakingSlips;
import bemble.style.Style;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SlipKeyTest {
  static List<Rung> rungs() {
    return Ladder.STANDARD.all();
  }

  /** The key has the answers of pages with slips, and names every slip that shows. */
  @ParameterizedTest
  @MethodSource("rungs")
  void theKeyHasTheAnswersOfSlippingPages(Rung rung) {
    Method<?> method = Methods.find(rung.operation(), rung.methods().get(0)).orElseThrow();
    for (Problem problem : rung.draw(4, 6)) {
      Item item = Item.of(problem, method.id(), rung.id());
      SlipKey key = SlipKey.of(item, Style.STANDARD);
      assertEquals(item.sum(Style.STANDARD).work().answer(), key.right());
      assertFalse(key.wrong().containsKey(key.right()), problem::toString);
      Map<Answer, Set<Slip>> pages = new HashMap<>();
      for (Slip slip : method.slips()) {
        Answer answer = page(item, slip);
        if (!slip.isOfSettingOut() && !answer.looksLike(key.right())) {
          pages.computeIfAbsent(answer, any -> new HashSet<>()).add(slip.named());
        }
      }
      Map<Answer, Set<Slip>> keyed = new HashMap<>();
      key.wrong().forEach((answer, slips) -> keyed.put(answer, new HashSet<>(slips)));
      assertEquals(pages, keyed, problem::toString);
    }
  }

  private static Answer page(Item item, Slip slip) {
    SlippingHand hand =
        new SlippingHand(item.problem(), List.of(SlippingHand.At.everywhere(slip)), Map.of());
    return item.sum(Style.STANDARD).work(hand).answer();
  }

  private static List<Item> pool(String id) {
    Rung rung = Ladder.STANDARD.find(id).orElseThrow();
    return rung.draw(200, 1).stream()
        .map(problem -> Item.of(problem, rung.methods().get(0), id))
        .toList();
  }

  /** The doubts of a set are exactly the pairs that it does not tell apart. */
  @ParameterizedTest
  @MethodSource("told")
  void slipsAreToldApartPairByPair(String rung) {
    List<Item> pool = pool(rung);
    List<Slip> slips = SlipKey.slips(pool.get(0).sum(Style.STANDARD).method());
    TellingApart set = TellingApart.among(pool, slips, Style.STANDARD);
    assertTrue(set.items().size() <= TellingApart.MOST);
    Set<Doubt> doubts = new HashSet<>(set.doubts());
    for (Slip one : slips) {
      assertEquals(doubts.contains(new Doubt(one, null)), shown(set, one) < 3, one::id);
      for (Slip other : slips.subList(slips.indexOf(one) + 1, slips.size())) {
        long apart =
            set.items().stream()
                .filter(item -> !page(item, one).looksLike(page(item, other)))
                .count();
        assertEquals(doubts.contains(new Doubt(one, other)), apart < 2, one + " and " + other);
      }
    }
  }

  static List<String> told() {
    return List.of(
        "addition-two-in-a-chain",
        "subtraction-one-zero-crossed",
        "multiplication-three-by-two",
        "division-zero-inside",
        "root-three-figures");
  }

  private static long shown(TellingApart set, Slip slip) {
    return set.items().stream()
        .filter(item -> !page(item, slip).looksLike(SlipKey.of(item, Style.STANDARD).right()))
        .count();
  }

  @Test
  void fourSlipsOfZerosNeedFewSums() {
    List<Slip> slips =
        List.of(
            TakingSlips.SMALLER_FROM_LARGER,
            TakingSlips.NEIGHBOUR_NOT_LESS,
            TakingSlips.ZERO_PASSED_STAYS_ZERO,
            TakingSlips.ZERO_PASSED_BECOMES_TEN);
    TellingApart set =
        TellingApart.among(pool("subtraction-one-zero-crossed"), slips, Style.STANDARD);
    assertEquals(List.of(), set.doubts());
    assertTrue(set.items().size() <= 4, () -> set.items().size() + " sums");
  }
}
