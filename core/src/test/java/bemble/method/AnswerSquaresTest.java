package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AnswerSquaresTest {
  static Stream<Method<?>> written() {
    return Methods.all().stream().filter(method -> method.form().isWritten());
  }

  private static Set<Square> answer(Working page) {
    return page.paper().marks().stream()
        .filter(mark -> mark.role().kind() == Role.Kind.ANSWER)
        .filter(mark -> mark.shape() instanceof Shape.Figure)
        .map(mark -> ((Shape.Figure) mark.shape()).at())
        .collect(Collectors.toSet());
  }

  @ParameterizedTest
  @MethodSource("written")
  void haveRoomForTheAnswerOnThePageAndStandOnceEach(Method<?> method) {
    for (Problem problem : new RandomSums(91).small(method).limit(60).toList()) {
      Working page = new Sum(problem, method, Style.STANDARD).work();
      List<Square> open = AnswerSquares.of(page, Style.STANDARD);
      assertEquals(open.size(), new HashSet<>(open).size(), problem::toString);
      assertTrue(open.containsAll(answer(page)), problem::toString);
      assertTrue(
          open.stream().allMatch(at -> at.column() >= page.paper().extent().from().column()));
      Style exact = Style.STANDARD.with(Choice.AnswerSquares.EXACT);
      assertEquals(answer(page), new HashSet<>(AnswerSquares.of(page, exact)));
    }
  }

  /** Two sums with numbers as long have as many squares, whatever their results. */
  @ParameterizedTest
  @MethodSource("written")
  void tellNothingOfTheAnswer(Method<?> method) {
    Map<String, Integer> counts = new HashMap<>();
    for (Problem problem : new RandomSums(92).small(method).limit(200).toList()) {
      Working page = new Sum(problem, method, Style.STANDARD).work();
      Map<Integer, Long> byRow =
          AnswerSquares.of(page, Style.STANDARD).stream()
              .collect(Collectors.groupingBy(Square::row, Collectors.counting()));
      String lengths =
          problem.numbers().stream()
              .map(number -> number.length() + "." + number.scale())
              .collect(Collectors.joining(" "));
      lengths += problem instanceof Root root ? " to " + root.places() : "";
      for (long count : byRow.values()) {
        int before = counts.computeIfAbsent(lengths, any -> (int) count);
        assertEquals(before, count, problem::toString);
      }
    }
  }
}
