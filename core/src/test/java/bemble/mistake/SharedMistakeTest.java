package bemble.mistake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Checks;
import bemble.judge.Judge;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.methods.Methods;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.problem.Operation;
import bemble.procedure.Hand;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.slip.TakingSlips;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SharedMistakeTest {
  private static final Ladder LADDER = Ladder.STANDARD;

  private static final int TRIED = 4;

  private static List<Item> items(Method<?> method) {
    List<Item> items = new ArrayList<>();
    for (Rung rung : LADDER.all()) {
      if (rung.operation() == method.operation() && rung.methods().contains(method.id())) {
        rung.draw(1, 5).forEach(sum -> items.add(Item.of(sum, method.id(), rung.id())));
      }
    }
    return items;
  }

  /** For each slip of each method, the first rung in whose sums it shows of a few in turn. */
  private static List<SharedMistake> all() {
    List<SharedMistake> all = new ArrayList<>();
    for (Method<?> method : Methods.all()) {
      List<Item> items = Judge.judges(method) ? items(method) : List.of();
      int turn = 0;
      for (Slip slip : items.isEmpty() ? List.<Slip>of() : SlipKey.slips(method)) {
        Optional<SharedMistake> made = Optional.empty();
        for (int tried = 0; made.isEmpty() && tried < TRIED; tried++) {
          Item item = items.get(turn++ * 7 % items.size());
          made = SharedMistake.of(slip, item, Set.of(item.key()), LADDER, Style.STANDARD, 9);
        }
        made.ifPresent(all::add);
      }
    }
    return all;
  }

  @Test
  void goesWrongWhereTheClassCanSayItAndDoesNotComeBack() {
    List<SharedMistake> all = all();
    assertTrue(all.size() > 60, () -> "only " + all.size());
    int missed = 0;
    for (SharedMistake each : all) {
      assertNotEquals(each.sum().answer(Hand.TRUE), each.wrong().answer());
      assertTrue(each.squares().contains(each.first().get(0)), each::toString);
      assertTrue(each.squares().size() <= SharedMistake.MOST_SQUARES);
      assertEquals(each.squares().size(), Set.copyOf(each.squares()).size());
      assertTrue(each.after().size() <= 3);
      each.after().forEach(item -> assertNotEquals(each.sum().problem(), item.problem()));
      missed += Checks.of(each.wrong(), Style.STANDARD).cameBack() ? 1 : 0;
    }
    // A wrong quotient with its wrong remainder may multiply back to the dividend all the same.
    assertTrue(missed * 20 <= all.size(), missed + " of " + all.size() + " came back");
  }

  /** Slips of setting out, in sums whose numbers are of different lengths. */
  @ParameterizedTest
  @CsvSource({
    "ADDITION, column, lined-up-left",
    "ADDITION, column, number-too-far-right",
    "SUBTRACTION, exchange, lined-up-left",
    "SUBTRACTION, exchange, number-too-far-left"
  })
  void showsANumberThatWasSetOutInTheWrongColumns(Operation operation, String id, String slipId) {
    Slip slip = Slips.find(slipId).orElseThrow();
    Method<?> method = Methods.find(operation, id).orElseThrow();
    SharedMistake made =
        items(method).stream()
            .flatMap(
                item ->
                    SharedMistake.of(slip, item, Set.of(item.key()), LADDER, Style.STANDARD, 9)
                        .stream())
            .findFirst()
            .orElseThrow();
    assertTrue(made.squares().contains(made.first().get(0)), made::toString);
    assertNotEquals(made.sum().answer(Hand.TRUE), made.wrong().answer());
    assertFalse(Checks.of(made.wrong(), Style.STANDARD).cameBack());
  }

  @Test
  void takesNoSumThatTheClassHad() {
    Method<?> exchange = Methods.find(Operation.SUBTRACTION, "exchange").orElseThrow();
    Slip slip = TakingSlips.SMALLER_FROM_LARGER;
    Item item = items(exchange).get(items(exchange).size() - 1);
    Item first = made(slip, item, Set.of(item.key()));
    Item next = made(slip, item, Set.of(item.key(), first.key()));
    assertNotEquals(first.key(), next.key());
    assertNotEquals(item.key(), next.key());
  }

  private static Item made(Slip slip, Item like, Set<String> had) {
    SharedMistake made = SharedMistake.of(slip, like, had, LADDER, Style.STANDARD, 3).orElseThrow();
    return Item.of(made.sum().problem(), like.method(), like.rung());
  }
}
