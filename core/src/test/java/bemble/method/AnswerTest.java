package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.methods.Methods;
import bemble.procedure.Hand;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The answer in the head is the answer of the page, for every hand. */
class AnswerTest {
  static List<Method<?>> methods() {
    return Methods.all();
  }

  static List<Method<?>> written() {
    return Methods.all().stream().filter(method -> method.form() != PageForm.COUNTED).toList();
  }

  static List<Method<?>> slipping() {
    return Methods.all().stream().filter(method -> !method.slips().isEmpty()).toList();
  }

  @ParameterizedTest
  @MethodSource("methods")
  void isThatOfTheTruePage(Method<?> method) {
    new RandomSums(101)
        .fitting(method, 150)
        .map(each -> new Sum(each, method, Style.STANDARD))
        .forEach(sum -> assertEquals(sum.work().answer(), sum.answer(Hand.TRUE), sum::toString));
  }

  @ParameterizedTest
  @MethodSource("methods")
  void isThatOfThePageInAnotherStyle(Method<?> method) {
    Style style =
        Style.STANDARD
            .with(Choice.CarryPosition.BELOW)
            .with(Choice.Placeholder.BLANK)
            .with(Choice.ZeroRound.ROW_OF_ZERO)
            .with(Choice.AcrossZeros.IN_ONE_GO)
            .with(Choice.ColumnHeads.HIDDEN);
    new RandomSums(102)
        .fitting(method, 80)
        .map(each -> new Sum(each, method, style))
        .forEach(sum -> assertEquals(sum.work().answer(), sum.answer(Hand.TRUE), sum::toString));
  }

  @ParameterizedTest
  @MethodSource("slipping")
  void isThatOfThePageWithEverySlip(Method<?> method) {
    new RandomSums(103)
        .small(method)
        .limit(40)
        .map(each -> new Sum(each, method, Style.STANDARD))
        .forEach(
            sum -> {
              for (Slip slip : method.slips()) {
                assertEquals(
                    sum.work(hand(sum, slip)).answer(),
                    sum.answer(hand(sum, slip)),
                    () -> slip + " in " + sum.problem());
              }
            });
  }

  private static Hand hand(Sum sum, Slip slip) {
    return new SlippingHand(sum.problem(), List.of(At.everywhere(slip)), Map.of());
  }

  @ParameterizedTest
  @MethodSource("written")
  @SuppressWarnings("unchecked")
  <P extends bemble.problem.Problem> void leavesNothingOnThePaper(Method<P> method) {
    P problem = (P) new RandomSums(104).fitting(method, 1).findFirst().orElseThrow();
    Working inTheHead = method.work(problem, Script.inTheHead(Hand.TRUE, Style.STANDARD));
    assertTrue(inTheHead.steps().isEmpty());
    assertTrue(inTheHead.paper().marks().isEmpty());
  }
}
