package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Calculator;
import bemble.diagnosis.Reply.Fault;
import bemble.number.Numeral;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReplyTest {
  private static final Style COMMA =
      Style.STANDARD.with(Choice.ThousandsMark.NONE).with(Choice.DecimalMark.COMMA);

  static Problem problem(String text) {
    Reading reading = new ProblemReader(Limits.STANDARD).read(text);
    return ((Reading.Understood) reading).problem();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "46 + 38          | 84      | true",
        "46 + 38          | 84.0    | true",
        "46 + 38          | 084     | true",
        "46 + 38          | 74      | false",
        "1200 + 34        | 1,234   | true",
        "94 ÷ 5           | 18 r 4  | true",
        "94 ÷ 5           | 18R4    | true",
        "94 ÷ 5           | 18      | false",
        "94 ÷ 5           | 18 r 3  | false",
        "90 ÷ 5           | 18      | true",
        "90 ÷ 5           | 18 r 0  | true",
        "√1369            | 37      | true",
        "√1380            | 37 r 11 | true",
        "√1380            | 37 r 10 | false",
        "√2 to 3 places   | 1.414   | true",
        "√3 to 1 places   | 1.7     | true",
        "√2 to 3 places   | 1.415   | false",
        "3.5 + 2.75       | 6.25    | true",
        "3.5 + 1          | 4,5     | true",
        "40 + 5           | 4,5     | false",
        "1200 + 0.5       | 1,200.5 | true"
      })
  void isTheAnswerWhateverWayItIsWritten(String sum, String text, boolean right) {
    Answer answer = Calculator.result(problem(sum));
    assertEquals(right, Reply.read(text, Style.STANDARD).is(answer), answer::toString);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "twelve | ADDITION    | NO_NUMBER",
        "1.2.3  | ADDITION    | ODD_MARK",
        "1,2,3,4 | ADDITION   | ODD_MARK",
        "13,95,1 r 4 | DIVISION | ODD_MARK",
        "−4     | SUBTRACTION | NO_NUMBER",
        "18 r   | DIVISION    | NO_NUMBER",
        "84 r 1 | ADDITION    | NO_REMAINDER_HERE",
        "1111111111111111111111111111111111111111111111111111111111111 | ADDITION | TOO_LONG",
        "1                                                                               1 |"
            + " ADDITION | TOO_LONG"
      })
  void saysWhyATextIsNoAnswer(String text, Operation operation, Fault fault) {
    assertEquals(Optional.of(fault), Reply.fault(text, operation, Style.STANDARD));
  }

  @Test
  void readsTheMarksOfAClassWithDecimalComma() {
    Reply reply = Reply.read("1 234,5", COMMA);
    assertEquals(Numeral.parse("1234.5").value(), reply.value());
    assertEquals(Optional.empty(), Reply.fault("1.234,5", Operation.ADDITION, COMMA));
    assertEquals(Numeral.parse("5.5").value(), Reply.read("5.5", COMMA).value());
    assertEquals(Numeral.parse("1234").value(), Reply.read("1.234", COMMA).value());
  }

  /** Against BigInteger: the true answer is right, and any other number is not. */
  @Test
  void marksAsBigIntegerDoes() {
    Random random = new Random(7);
    for (int i = 0; i < 400; i++) {
      BigInteger one = new BigInteger(4 + random.nextInt(75), random).add(BigInteger.TEN);
      BigInteger other = new BigInteger(1 + random.nextInt(39), random).add(BigInteger.ONE);
      BigInteger[] answers = {one.add(other), one.multiply(other), one.divide(other)};
      String[] signs = {" + ", " × ", " ÷ "};
      int which = random.nextInt(3);
      Answer answer = Calculator.result(problem(one + signs[which] + other));
      String rest = which == 2 ? " r " + one.mod(other) : "";
      Operation operation = which == 2 ? Operation.DIVISION : Operation.MULTIPLICATION;
      assertEquals(Optional.empty(), Reply.fault(answers[which] + rest, operation, Style.STANDARD));
      assertTrue(Reply.read(answers[which] + rest, Style.STANDARD).is(answer));
      BigInteger off = answers[which].add(BigInteger.valueOf(1 + random.nextInt(9)));
      assertFalse(Reply.read(off + rest, Style.STANDARD).is(answer));
    }
  }
}
