package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.check.Calculator;
import bemble.judge.Line;
import bemble.judge.Lines;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.plan.Working;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LinesTest {
  static List<Method<?>> writtenMethods() {
    return Methods.all().stream()
        .filter(method -> !List.of("blocks", "dot-frames", "groups").contains(method.id()))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("writtenMethods")
  void findsTheOneLineThatIsNotSo(Method<?> method) {
    new RandomSums(7)
        .fitting(method, 60)
        .forEach(
            sum -> {
              Lines lines = new Lines(new Sum(sum, method, Style.STANDARD));
              Map<Line, Numeral> right = truth(lines);
              assertEquals(Optional.empty(), lines.firstWrong(right), sum::toString);
              for (Line line : right.keySet()) {
                if (line.role() == Role.COUNT) {
                  continue; // Another count that fits is as good.
                }
                Map<Line, Numeral> wrong = new HashMap<>(right);
                wrong.put(line, other(right.get(line)));
                Lines.Finding finding = lines.firstWrong(wrong).orElseThrow();
                assertEquals(line, finding.line(), () -> sum + " with " + line);
                assertEquals(right.get(line), finding.due());
              }
            });
  }

  /** Asked for one line alone, wrong beyond doubt, the finding tells what it must be. */
  private static Map<Line, Numeral> truth(Lines lines) {
    Map<Line, Numeral> truth = new HashMap<>();
    for (Line line : lines.all()) {
      Numeral impossible = Numeral.of(BigInteger.TEN.pow(80));
      truth.put(line, lines.firstWrong(Map.of(line, impossible)).orElseThrow().due());
    }
    return truth;
  }

  private static Numeral other(Numeral number) {
    return Numeral.of(number.unscaled().add(BigInteger.ONE), number.scale());
  }

  @Test
  void doesNotCondemnWhatFollowsFromAWrongLine() {
    Method<?> method = Methods.find(Operation.MULTIPLICATION, "column").orElseThrow();
    Problem sum = new bemble.problem.Multiplication(Numeral.of(57), Numeral.of(38));
    Lines lines = new Lines(new Sum(sum, method, Style.STANDARD));
    List<Line> all = lines.all();
    assertEquals(
        List.of(Role.PARTIAL, Role.PARTIAL, Role.ANSWER), all.stream().map(Line::role).toList());
    // 57 × 8 = 456 and, wrongly, 57 × 30 = 1700 make 2156.
    Map<Line, Numeral> given =
        Map.of(
            all.get(0),
            Numeral.of(456),
            all.get(1),
            Numeral.of(1700),
            all.get(2),
            Numeral.of(2156));
    assertEquals(all.get(1), lines.firstWrong(given).orElseThrow().line());
    assertEquals(Numeral.of(1710), lines.firstWrong(given).orElseThrow().due());
    Map<Line, Numeral> two = Map.of(all.get(1), Numeral.of(1710), all.get(2), Numeral.of(2156));
    assertEquals(all.get(2), lines.firstWrong(two).orElseThrow().line());
  }

  @ParameterizedTest
  @MethodSource("writtenMethods")
  void theCalculatorAgreesWithEveryPage(Method<?> method) {
    new RandomSums(13)
        .fitting(method, 200)
        .forEach(
            sum -> {
              Working page = new Sum(sum, method, Style.STANDARD).work();
              var expected = page.answer();
              var bare = Calculator.result(sum);
              assertEquals(expected.getClass(), bare.getClass());
              assertEquals(
                  0, expected.value().value().compareTo(bare.value().value()), sum::toString);
            });
  }
}
