package bemble.procedure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.problem.Operation;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThousandsMarksTest {
  private static final Style SHOWN = Style.STANDARD.with(Choice.ThousandsOnPaper.SHOWN);

  private static Stream<Working> workings(Operation operation, String id, Style style) {
    Method<?> method = Methods.find(operation, id).orElseThrow();
    return new RandomSums(17).fitting(method, 80).map(sum -> new Sum(sum, method, style).work());
  }

  /** The figures of a role with the points behind them, once a step is done, row by row. */
  private static List<String> rows(Working working, Role role, int step) {
    TreeMap<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    List<Mark> seen = working.paper().marks().stream().filter(mark -> mark.isSeenAt(step)).toList();
    for (Mark mark : seen) {
      if (mark.role() == role && mark.shape() instanceof Shape.Figure figure) {
        rows.computeIfAbsent(figure.at().row(), row -> new TreeMap<>())
            .put(figure.at().column(), figure.text());
      }
    }
    for (Mark mark : seen) {
      if (mark.shape() instanceof Shape.Point point && rows.containsKey(point.after().row())) {
        rows.get(point.after().row())
            .merge(point.after().column(), point.text(), (figure, text) -> figure + text);
      }
    }
    return rows.values().stream()
        .map(row -> row.values().stream().collect(Collectors.joining()))
        .toList();
  }

  /** The text in the answer's row is the answer as the class writes it. */
  @ParameterizedTest
  @CsvSource({
    "ADDITION, column, ANSWER",
    "SUBTRACTION, exchange, ANSWER",
    "SUBTRACTION, add-to-both, ANSWER",
    "MULTIPLICATION, column, ANSWER",
    "DIVISION, long, QUOTIENT"
  })
  void theAnswerStandsAsItIsSaid(Operation operation, String method, Role role) {
    for (Style style : List.of(SHOWN, SHOWN.with(Choice.ThousandsMark.COMMA_LAKHS))) {
      workings(operation, method, style)
          .filter(working -> !rows(working, role, working.steps().size()).isEmpty())
          .forEach(
              working -> {
                List<String> rows = rows(working, role, working.steps().size());
                String said = style.marks().apart(working.answer().value());
                assertEquals(unpadded(said), unpadded(rows.get(rows.size() - 1)));
              });
    }
  }

  /** A column is worked to its last figure, even a zero that is not said. */
  private static String unpadded(String number) {
    return number.contains(".") ? number.replaceAll("\\.?0*$", "") : number;
  }

  /** Alone it would tell how many figures follow, so it waits for the figure on its left. */
  @Test
  void standsOnceBothItsSidesStand() {
    workings(Operation.ADDITION, "column", SHOWN)
        .forEach(
            working ->
                IntStream.range(0, working.steps().size())
                    .forEach(
                        step ->
                            rows(working, Role.ANSWER, step)
                                .forEach(row -> assertTrue(row.matches("(?s)[^,].*[^,]|[^,]")))));
  }

  @Test
  void changesNothingElse() {
    for (Operation operation : Operation.values()) {
      for (Method<?> method : Methods.of(operation)) {
        List<Working> plain = workings(operation, method.id(), Style.STANDARD).toList();
        List<Working> apart = workings(operation, method.id(), SHOWN).toList();
        for (int i = 0; i < plain.size(); i++) {
          assertEquals(
              plain.get(i).paper().marks(),
              apart.get(i).paper().marks().stream()
                  .filter(mark -> mark.role() != Role.THOUSANDS)
                  .toList());
          assertTrue(
              apart.get(i).paper().marks().stream()
                  .noneMatch(mark -> isAtTheRoot(mark, operation)));
        }
      }
    }
  }

  /** Under a root the figures stand in pairs, which a mark between thousands would hide. */
  private static boolean isAtTheRoot(Mark mark, Operation operation) {
    return operation == Operation.ROOT && mark.role() == Role.THOUSANDS;
  }

  @Test
  void thereIsNoneForAClassThatWritesNoComma() {
    Style spaced = SHOWN.with(Choice.ThousandsMark.THIN_SPACE);
    workings(Operation.ADDITION, "column", spaced)
        .flatMap(working -> working.paper().marks().stream())
        .forEach(mark -> assertTrue(mark.role() != Role.THOUSANDS));
  }
}
