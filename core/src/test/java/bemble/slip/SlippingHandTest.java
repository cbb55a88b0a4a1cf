package bemble.slip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.problem.Limits;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Entry;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SlippingHandTest {
  private static Sum sum(String line, String method) {
    var problem = ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    var found = Methods.find(problem.operation(), method).orElseThrow();
    return new Sum(problem, found, Style.STANDARD);
  }

  private static String answer(Sum sum, SlippingHand hand) {
    return sum.work(hand).answer().value().toString();
  }

  private static SlippingHand hand(Sum sum, At... slips) {
    return new SlippingHand(sum.problem(), List.of(slips), Map.of());
  }

  @Test
  void aHandWithoutSlipsWritesTheTruePage() {
    Sum sum = sum("578 + 264", "column");
    assertEquals("842", answer(sum, hand(sum)));
  }

  /** In 578 + 264 the ones and the tens carry: 8 + 4 = 12, 7 + 6 + 1 = 14. */
  @ParameterizedTest
  @CsvSource({
    // The carry from the ones is not added in the tens; that from the tens is.
    "1, false, 832",
    // The carry from the tens is not added in the hundreds.
    "2, false, 742",
    "1, true, 732",
    "2, true, 742",
    // In the ones there is no carry to forget.
    "0, false, 842",
    "0, true, 732"
  })
  void aSlipHappensWhereItIsSaidToHappen(int column, boolean onwards, String answer) {
    Sum sum = sum("578 + 264", "column");
    SlippingHand hand =
        hand(sum, new At(AddingSlips.CARRY_NOT_ADDED, Section.column(column), onwards));
    assertEquals(answer, answer(sum, hand));
    assertEquals(!answer.equals("842"), hand.made(0));
  }

  @Test
  void everywhereIsFromTheBeginningOnwards() {
    Sum sum = sum("578 + 264", "column");
    assertEquals("732", answer(sum, hand(sum, At.everywhere(AddingSlips.CARRY_NOT_ADDED))));
  }

  @Test
  void ofTwoSlipsForOneSlotTheFirstHasItsWay() {
    Sum sum = sum("578 + 264", "column");
    At carry = At.everywhere(AddingSlips.CARRY_NOT_ADDED);
    At oneOut = new At(FactSlips.FACT_ONE_OUT, Section.column(1), false);
    SlippingHand carryFirst = hand(sum, carry, oneOut);
    assertEquals("732", answer(sum, carryFirst));
    assertTrue(carryFirst.made(0));
    SlippingHand factFirst = hand(sum, oneOut, carry);
    assertNotEquals("732", answer(sum, factFirst));
    assertTrue(factFirst.made(0));
    assertTrue(factFirst.made(1));
  }

  @Test
  void aValueThatIsGivenIsWrittenWhateverIsDue() {
    Sum sum = sum("578 + 264", "column");
    Slot ones =
        sum.work().steps().stream()
            .flatMap(step -> step.entries().stream())
            .map(Entry::slot)
            .filter(slot -> slot.role() == Role.ANSWER && slot.place() == 0)
            .findFirst()
            .orElseThrow();
    SlippingHand hand =
        new SlippingHand(sum.problem(), List.of(), Map.of(ones, BigInteger.valueOf(9)));
    assertEquals("849", answer(sum, hand));
  }

  @ParameterizedTest
  @CsvSource({
    "6203 − 1487, exchange, smaller-from-larger, 5324",
    "46 × 38, column, no-placeholder, 506",
    "46 × 38, column, row-left-out, 368",
    "936 ÷ 7, short, left-over-lost, 100",
    "612 ÷ 6, long, zero-left-out, 12",
    "√529, digit-pairs, pairs-from-wrong-end, 70"
  })
  void aKnownSlipGivesTheAnswerThatTeachersKnow(
      String line, String method, String slip, String answer) {
    Sum sum = sum(line, method);
    Slip found = Slips.find(slip).orElseThrow();
    SlippingHand hand = hand(sum, At.everywhere(found));
    String given = answer(sum, hand);
    assertTrue(hand.made(0), slip);
    assertNotEquals(sum.work().answer().value().toString(), given);
    assertEquals(answer, given);
  }

  @Test
  void aSlipWithoutAnOccasionIsNotMade() {
    Sum sum = sum("23 + 45", "column");
    SlippingHand hand = hand(sum, At.everywhere(AddingSlips.CARRY_NOT_ADDED));
    assertEquals("68", answer(sum, hand));
    assertFalse(hand.made(0));
  }

  /** Each run begins with an empty memory of its slip. */
  @ParameterizedTest
  @MethodSource("bemble.slip.Slips#all")
  void twoHandsWithTheSameSlipWriteTheSamePage(Slip slip) {
    for (String[] each :
        List.of(
            new String[] {"578 + 264 + 97", "column"},
            new String[] {"6203 − 1487", "exchange"},
            new String[] {"6203 − 1487", "add-to-both"},
            new String[] {"57 × 308", "column"},
            new String[] {"8736 ÷ 24", "long"},
            new String[] {"√1024", "digit-pairs"})) {
      Sum sum = sum(each[0], each[1]);
      Working once = sum.work(hand(sum, At.everywhere(slip)));
      Working again = sum.work(hand(sum, At.everywhere(slip)));
      assertEquals(once.paper(), again.paper(), () -> slip + " in " + Arrays.toString(each));
    }
  }

  @ParameterizedTest
  @MethodSource("bemble.slip.Slips#all")
  void aSlipIsFoundByItsName(Slip slip) {
    assertEquals(slip, Slips.find(slip.id()).orElseThrow());
  }
}
