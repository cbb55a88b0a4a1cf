package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.fact.Fact;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.Workload.Pair;
import bemble.problem.Limits;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which missed number fact a wrong answer comes from. */
class FactMissedTest {
  private static final ProblemReader READER = new ProblemReader(Limits.STANDARD);

  private static Item item(String line, String method) {
    return Item.of(((Reading.Understood) READER.read(line)).problem(), method, "");
  }

  private static Optional<Pair> missed(Item item, String reply) {
    return new Diagnoser(List.of(item), Style.STANDARD)
        .factMissed(0, Reply.read(reply, Style.STANDARD));
  }

  private static Reply reply(Answer answer) {
    String rest =
        answer instanceof Answer.Quotient quotient && !quotient.remainder().isZero()
            ? " r " + quotient.remainder()
            : "";
    return Reply.read(answer.value() + rest, Style.STANDARD);
  }

  @Test
  void theOnesOneOutAreTheirFactMissed() {
    assertEquals(
        Optional.of(new Pair(Fact.Kind.ADD, 6, 8)), missed(item("46 + 38", "column"), "85"));
    assertEquals(
        Optional.of(new Pair(Fact.Kind.SUBTRACT, 8, 14)),
        missed(item("54 − 28", "exchange"), "27"));
    assertEquals(
        Optional.of(new Pair(Fact.Kind.MULTIPLY, 6, 7)), missed(item("106 × 7", "column"), "743"));
  }

  @Test
  void whatIsRightOrFarOffTellsOfNoFact() {
    for (String reply : List.of("84", "9", "184", "48")) {
      assertEquals(Optional.empty(), missed(item("46 + 38", "column"), reply), reply);
    }
  }

  @Test
  void aSlipIsNeverTakenForAMissedFact() {
    for (Rung rung : Ladder.STANDARD.all()) {
      Item item = Item.of(rung.draw(1, 5).get(0), rung.methods().get(0), rung.id());
      Diagnoser diagnoser = new Diagnoser(List.of(item), Style.STANDARD);
      for (Slip slip : new Foreseen(item, Style.STANDARD).slips()) {
        Answer slipped =
            item.sum(Style.STANDARD)
                .answer(
                    new SlippingHand(
                        item.problem(), List.of(SlippingHand.At.everywhere(slip)), Map.of()));
        assertEquals(
            Optional.empty(), diagnoser.factMissed(0, reply(slipped)), () -> item + " " + slip);
      }
      Answer right = item.sum(Style.STANDARD).answer(Hand.TRUE);
      assertEquals(Optional.empty(), diagnoser.factMissed(0, reply(right)), item::toString);
    }
  }

  /** Pupils who never know one fact: whatever is named is that one, and it is named often. */
  @Test
  void aPupilWhoDoesNotKnowAFactIsFoundToMissIt() {
    int named = 0;
    int wrong = 0;
    for (int unknown = 6; unknown <= 9; unknown++) {
      Pair pair = new Pair(Fact.Kind.ADD, unknown, unknown);
      for (Item item : sums()) {
        Answer given = item.sum(Style.STANDARD).answer(withoutFact(BigInteger.valueOf(unknown)));
        Diagnoser diagnoser = new Diagnoser(List.of(item), Style.STANDARD);
        if (!given.equals(item.sum(Style.STANDARD).answer(Hand.TRUE))) {
          wrong++;
          Optional<Pair> told = diagnoser.factMissed(0, reply(given));
          assertTrue(told.isEmpty() || told.get().equals(pair), () -> item + ": " + told);
          named += told.isPresent() ? 1 : 0;
        }
      }
    }
    assertTrue(wrong > 20 && named > wrong / 2, named + " of " + wrong);
  }

  private static List<Item> sums() {
    Rung rung = Ladder.STANDARD.find("addition-ones-carry").orElseThrow();
    return rung.draw(200, 8).stream().map(sum -> Item.of(sum, "column", rung.id())).toList();
  }

  /** Takes a figure and the same again as one more than they make, wherever they meet alone. */
  private static Hand withoutFact(BigInteger figure) {
    return Hand.writing(
        asked -> {
          boolean meet =
              asked.reads().size() == 2
                  && asked.reads().stream().allMatch(each -> each.value().equals(figure));
          BigInteger due = asked.due();
          return meet && asked.rule().equals(Rule.ONES_OF_TOTAL)
              ? due.add(BigInteger.ONE).mod(BigInteger.TEN)
              : due;
        });
  }
}
