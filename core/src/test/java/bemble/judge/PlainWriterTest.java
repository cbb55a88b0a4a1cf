package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Subtraction;
import bemble.procedure.Entry;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Answers by a writer who knows no procedure and no page, only figures and column arithmetic: none
 * wrong is called right, the first wrong figure is the one that is named, and by its slip.
 */
class PlainWriterTest {
  private static final int SUMS = 250;

  /** Writes the answer of two numbers, figures from the ones on, with a slip in some columns. */
  private interface Writer {
    int[] write(int[] top, int[] bottom, IntPredicate slips);
  }

  private record Hand(String slip, Operation operation, String method, Writer writer) {
    @Override
    public String toString() {
      return slip + " in " + method;
    }
  }

  private static final List<Hand> HANDS =
      List.of(
          new Hand("carry-not-added", Operation.ADDITION, "column", adding(0)),
          new Hand("carry-added-twice", Operation.ADDITION, "column", adding(2)),
          new Hand("smaller-from-larger", Operation.SUBTRACTION, "exchange", taking(-1)),
          new Hand("smaller-from-larger", Operation.SUBTRACTION, "add-to-both", taking(-1)),
          new Hand("too-small-gives-nothing", Operation.SUBTRACTION, "exchange", taking(0)),
          new Hand("multiplied-carry-not-added", Operation.MULTIPLICATION, "column", times(false)),
          new Hand("carry-added-first", Operation.MULTIPLICATION, "column", times(true)));

  /** The carry counts {@code often} times where the slip happens. */
  private static Writer adding(int often) {
    return (top, bottom, slips) -> {
      int[] answer = new int[top.length + 1];
      int carry = 0;
      for (int place = 0; place < top.length; place++) {
        int counts = carry > 0 && slips.test(place) ? often : 1;
        int total = top[place] + bottom[place] + counts * carry;
        answer[place] = total % 10;
        carry = total / 10;
      }
      answer[top.length] = carry;
      return answer;
    };
  }

  /** A column with too small a top gives the difference turned round, or nothing. */
  private static Writer taking(int turned) {
    return (top, bottom, slips) -> {
      int[] answer = new int[top.length];
      int paid = 0;
      for (int place = 0; place < top.length; place++) {
        int left = top[place] - paid - bottom[place];
        boolean slip = left < 0 && top[place] - paid > 0 && slips.test(place);
        answer[place] = slip ? turned * left : (left + 10) % 10;
        paid = left < 0 && !slip ? 1 : 0;
      }
      return answer;
    };
  }

  private static Writer times(boolean addedFirst) {
    return (top, bottom, slips) -> {
      int[] answer = new int[top.length + 2];
      int carry = 0;
      for (int place = 0; place < top.length; place++) {
        int total = top[place] * bottom[0] + carry;
        if (carry > 0 && slips.test(place)) {
          total = addedFirst ? (top[place] + carry) * bottom[0] : top[place] * bottom[0];
        }
        answer[place] = total % 10;
        carry = total / 10;
      }
      answer[top.length] = carry % 10;
      answer[top.length + 1] = carry / 10;
      return answer;
    };
  }

  private static int[] figures(Random random, int length, boolean many) {
    int[] figures = new int[length];
    for (int place = 0; place < (many ? length : 1); place++) {
      figures[place] = random.nextInt(10);
    }
    if (figures[many ? length - 1 : 0] == 0) {
      figures[many ? length - 1 : 0] = 2 + random.nextInt(8);
    }
    return figures;
  }

  private static long number(int[] figures) {
    long number = 0;
    for (int place = figures.length - 1; place >= 0; place--) {
      number = 10 * number + figures[place];
    }
    return number;
  }

  private static Sum sum(Hand hand, int[] top, int[] bottom) {
    Numeral one = Numeral.of(java.math.BigInteger.valueOf(number(top)));
    Numeral other = Numeral.of(java.math.BigInteger.valueOf(number(bottom)));
    Problem problem =
        switch (hand.operation) {
          case ADDITION -> new Addition(List.of(one, other));
          case SUBTRACTION -> new Subtraction(one, other);
          default -> new Multiplication(one, other);
        };
    var method = Methods.find(hand.operation, hand.method).orElseThrow();
    return new Sum(problem, method, Style.STANDARD);
  }

  private static List<Written> page(Square ones, int[] answer) {
    int highest = answer.length - 1;
    while (highest > 0 && answer[highest] == 0) {
      highest--;
    }
    List<Written> page = new ArrayList<>();
    for (int place = 0; place <= highest; place++) {
      page.add(new Written(ones.moved(0, -place), Spot.FULL, String.valueOf(answer[place])));
    }
    return page;
  }

  @TestFactory
  Stream<DynamicTest> aSlipEverywhereIsNamedWhereItShowsFirst() {
    return HANDS.stream()
        .map(hand -> DynamicTest.dynamicTest(hand.toString(), () -> named(hand, -1)));
  }

  @TestFactory
  Stream<DynamicTest> aSlipInOneColumnIsNamedWhereItShows() {
    return HANDS.stream()
        .map(hand -> DynamicTest.dynamicTest(hand.toString(), () -> named(hand, 1)));
  }

  @TestFactory
  Stream<DynamicTest> anAnswerWithoutASlipIsRight() {
    return HANDS.stream()
        .map(hand -> DynamicTest.dynamicTest(hand.toString(), () -> named(hand, 99)));
  }

  /** Judges answers with a slip in one column, or everywhere for a column below 0. */
  private static void named(Hand hand, int column) {
    Random random = new Random(11);
    int shown = 0;
    int named = 0;
    for (int count = 0; count < SUMS; count++) {
      int length = 2 + random.nextInt(3);
      int[] top = figures(random, length, true);
      int[] bottom = figures(random, length, hand.operation != Operation.MULTIPLICATION);
      if (number(top) < number(bottom)) {
        continue;
      }
      Sum sum = sum(hand, top, bottom);
      int[] answer = hand.writer.write(top, bottom, place -> column < 0 || place == column);
      int[] truth = hand.writer.write(top, bottom, place -> false);
      Square ones = sum.work().firstOfAnswer().map(Entry::slot).orElseThrow().square();
      Report report = new Judge(sum).judge(page(ones, answer), Stage.HANDED_IN, SettingOut.GIVEN);
      if (number(answer) == number(truth)) {
        assertTrue(report.allRight(), sum::toString);
        continue;
      }
      assertFalse(report.allRight(), sum::toString);
      Finding first = report.findings().get(0);
      int place = 0;
      while (answer[place] == truth[place]) {
        place++;
      }
      shown++;
      assertEquals(ones.moved(0, -place), first.squares().get(0), sum + " " + number(answer));
      named += first.slips().stream().anyMatch(slip -> slip.id().equals(hand.slip)) ? 1 : 0;
    }
    assertEquals(column > 4, shown == 0, "whether a slip shows");
    // At one figure other slips make the same answer more often.
    int floor = column < 0 ? 97 : 94;
    assertTrue(100 * named >= floor * shown, named + " named of " + shown);
  }
}
