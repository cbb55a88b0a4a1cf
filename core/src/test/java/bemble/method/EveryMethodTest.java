package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Check;
import bemble.check.Checks;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.problem.Division;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EveryMethodTest {
  private static final int SUMS = 150;
  private static final int SUMS_A_STYLE = 8;

  static List<Method<?>> methods() {
    return Methods.all();
  }

  private static Stream<Working> workings(Method<?> method) {
    RandomSums sums = new RandomSums(method.id().hashCode());
    return ManyStyles.all().stream()
        .flatMap(
            style ->
                sums.fitting(method, SUMS_A_STYLE).map(sum -> new Sum(sum, method, style).work()));
  }

  @ParameterizedTest
  @MethodSource("methods")
  void givesTheTrueAnswerOnASoundPage(Method<?> method) {
    workings(method)
        .forEach(
            working -> {
              answersTruly(working);
              PageInvariants.check(working);
            });
  }

  private static void answersTruly(Working working) {
    Problem sum = working.problem();
    BigDecimal value = working.answer().value().value();
    assertEquals(0, RandomSums.truth(sum).compareTo(value), () -> sum + " gave " + value);
    if (working.answer() instanceof Answer.Quotient answer) {
      Division division = (Division) sum;
      assertEquals(
          division.dividend().unscaled().mod(division.divisor().unscaled()),
          answer.remainder().unscaled());
    }
    if (working.answer() instanceof Answer.SquareRoot answer) {
      Root root = (Root) sum;
      BigDecimal radicand = root.radicand().value();
      assertEquals(
          0,
          RandomSums.root(root, RoundingMode.HALF_UP).compareTo(answer.rounded().value()),
          () -> sum + " rounded to " + answer.rounded());
      assertEquals(0, radicand.subtract(value.pow(2)).compareTo(answer.remainder().value()));
      assertTrue(answer.above().value().pow(2).compareTo(radicand) > 0);
    }
  }

  @ParameterizedTest
  @MethodSource("methods")
  void isProvedByItsCheck(Method<?> method) {
    RandomSums sums = new RandomSums(31);
    for (Style style : ManyStyles.all()) {
      sums.fitting(method, 3)
          .map(sum -> new Sum(sum, method, style).work())
          .forEach(working -> provedBy(Checks.of(working, style), working, style));
    }
  }

  private static void provedBy(Check check, Working working, Style style) {
    assertTrue(check.cameBack(), () -> check.kind() + " of " + working.problem());
    Area page = working.paper().extent();
    Area proof = check.working().paper().extent();
    assertTrue(
        style.has(Choice.CheckPlace.BESIDE)
            ? proof.from().column() > page.to().column()
            : proof.from().row() > page.to().row(),
        () -> check.kind() + " lies apart from " + working.problem());
  }

  /** A page with a wrong answer is found out by every check that claims to prove it. */
  @ParameterizedTest
  @MethodSource("methods")
  void isNotProvedWhenItsAnswerIsWrong(Method<?> method) {
    for (Style style : ManyStyles.all()) {
      new RandomSums(5)
          .fitting(method, 1)
          .map(sum -> new Sum(sum, method, style).work())
          .filter(right -> right.answer() instanceof Answer.One)
          .map(
              right ->
                  new Working(
                      right.problem(),
                      right.method(),
                      new Answer.One(
                          Numeral.of(
                              right.answer().value().value().toBigInteger().add(BigInteger.TEN))),
                      right.paper(),
                      right.steps()))
          .map(wrong -> Checks.of(wrong, style))
          .forEach(check -> assertFalse(check.cameBack(), () -> check.kind().toString()));
    }
  }

  /**
   * The procedure goes on to its end whatever a hand writes, and later figures follow from the
   * written ones.
   */
  @ParameterizedTest
  @MethodSource("methods")
  void everyFigureFollowsFromWhatASlippingHandWrote(Method<?> method) {
    Random random = new Random(17);
    RandomSums sums = new RandomSums(23);
    sums.fitting(method, SUMS)
        .forEach(
            sum -> {
              Set<Slot> slips = new HashSet<>();
              Hand slipping =
                  Hand.writing(
                      asked -> {
                        boolean slip = random.nextInt(8) == 0 && slips.add(asked.slot());
                        BigInteger due = asked.due();
                        return slip ? due.add(BigInteger.ONE).mod(BigInteger.TEN) : due;
                      });
              Working slipped = new Sum(sum, method, Style.STANDARD).work(slipping);
              assertEquals(slipped.problem(), sum);
              Entries.of(slipped)
                  .filter(entry -> !entry.reads().isEmpty() && !slips.contains(entry.slot()))
                  .forEach(
                      entry ->
                          assertEquals(
                              entry.rule().applyTo(entry.reads()),
                              entry.value(),
                              () -> sum + ": " + entry.slot()));
            });
  }
}
