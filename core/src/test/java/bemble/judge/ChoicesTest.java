package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.problem.Division;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pages on which a writer was free: any multiple of the divisor that fits may be taken off. */
class ChoicesTest {
  private final Random random = new Random(83);

  private static Sum sum(long dividend, long divisor) {
    Division division = new Division(Numeral.of(dividend), Numeral.of(divisor));
    return new Sum(
        division,
        Methods.find(Operation.DIVISION, "partial-quotients").orElseThrow(),
        Style.STANDARD);
  }

  private Sum any() {
    return sum(100 + random.nextInt(9900), 2 + random.nextInt(60));
  }

  /** A hand that takes any count that fits, mostly another one than the true hand. */
  private Hand choosing() {
    return Hand.writing(
        asked -> {
          BigInteger due = asked.due();
          if (asked.rule().kind() != Rule.Kind.EASY_COUNT) {
            return due;
          }
          BigInteger divisor = asked.reads().get(0).value();
          List<BigInteger> stands =
              asked.reads().subList(1, asked.reads().size()).stream().map(e -> e.value()).toList();
          BigInteger most = Rule.of(Rule.Kind.JOINED).apply(stands).divide(divisor);
          return BigInteger.valueOf(1 + random.nextInt(most.intValueExact()))
              .max(due.shiftRight(2));
        });
  }

  private static Report judge(Sum sum, List<Written> page) {
    return new Judge(sum).judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
  }

  @Test
  void anyCountThatFitsIsRight() {
    for (int i = 0; i < 300; i++) {
      Sum sum = any();
      Working chosen = sum.work(choosing());
      if (!chosen.answer().equals(sum.work().answer())) {
        continue; // So many small counts that the page was full before the end.
      }
      Report report = judge(sum, Transcript.of(chosen));
      assertTrue(report.allRight(), () -> sum.problem() + ": " + report.findings());
      assertEquals(report.figures().size(), report.count(Verdict.RIGHT), sum::toString);
    }
  }

  @Test
  void aPageIsJudgedAlikeFigureByFigureWhateverWasChosen() {
    for (int i = 0; i < 40; i++) {
      Sum sum = any();
      Judge watching = new Judge(sum);
      List<Written> page = new ArrayList<>();
      for (Written written : Transcript.of(sum.work(choosing()))) {
        page.add(written);
        Report seen = watching.judge(page, Stage.IN_WORK, SettingOut.GIVEN);
        Report fresh = new Judge(sum).judge(page, Stage.IN_WORK, SettingOut.GIVEN);
        assertEquals(fresh.figures(), seen.figures(), sum::toString);
      }
    }
  }

  /** A count that does not fit is no choice: more would be subtracted than there is. */
  @Test
  void aCountThatDoesNotFitIsAFinding() {
    for (int i = 0; i < 100; i++) {
      Sum sum = any();
      Answer.Quotient answer = (Answer.Quotient) sum.work().answer();
      BigInteger tooMany = answer.value().unscaled().add(BigInteger.ONE);
      if (answer.value().isZero()) {
        continue;
      }
      Hand greedy =
          Hand.writing(
              asked -> asked.rule().kind() == Rule.Kind.EASY_COUNT ? tooMany : asked.due());
      assertFalse(judge(sum, Transcript.of(sum.work(greedy))).findings().isEmpty(), sum::toString);
    }
  }

  @Test
  void aWrongProductAfterAChoiceIsTheOnlyFinding() {
    Sum sum = sum(876, 24);
    // Ten times twice, where twenty times at once was due; the second product is 10 too small.
    int[] products = {0};
    Hand hand =
        Hand.writing(
            asked -> {
              if (asked.rule().kind() == Rule.Kind.EASY_COUNT) {
                return asked.due().min(BigInteger.TEN);
              }
              boolean product = asked.slot().role() == Role.PRODUCT;
              boolean second = product && ++products[0] == 2;
              return second ? asked.due().subtract(BigInteger.TEN) : asked.due();
            });
    Report report = judge(sum, Transcript.of(sum.work(hand)));
    assertEquals(1, report.findings().size(), () -> report.findings().toString());
    assertEquals(4, report.findings().get(0).squares().get(0).row());
  }
}
