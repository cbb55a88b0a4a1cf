package bemble.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class DigitSumsTest {
  private static Working work(String line, Style style) {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    return new Sum(problem, Methods.usual(problem.operation()), style).work();
  }

  /** The rows show each number with its digit sum, and the answer's beneath. */
  @Test
  void digitSumsAreWrittenOnBothSides() {
    Style style = Style.STANDARD.with(Choice.MultiplicationCheck.DIGIT_SUMS);
    assertEquals(
        List.of("57 12 3", "×38 11 2", "6", "2166 15 6"), rowsOf("57 × 38", style), "two figures");
    assertEquals(List.of("12 3", "×3 3", "9", "36 9"), rowsOf("12 × 3", style));
    new RandomSums(71)
        .of(Operation.MULTIPLICATION)
        .limit(60)
        .map(sum -> new Sum(sum, Methods.usual(Operation.MULTIPLICATION), style).work())
        .filter(first -> Checks.of(first, style).kind() == Check.Kind.DIGIT_SUMS)
        .forEach(
            first -> {
              List<String> rows = rows(Checks.of(first, style).working());
              List<Numeral> factors = first.problem().numbers();
              assertEquals(rowOf(factors.get(0)), rows.get(0));
              assertEquals("×" + rowOf(factors.get(1)), rows.get(1));
              assertEquals(rowOf(first.answer().value()), rows.get(3));
              assertTrue(rows.get(3).endsWith(rows.get(2).substring(rows.get(2).length() - 1)));
            });
  }

  /** A number, the total of its figures where that is more than one figure, and its digit sum. */
  private static String rowOf(Numeral number) {
    int total = number.figures().chars().map(figure -> figure - '0').sum();
    int digitSum = total == 0 ? 0 : (total - 1) % 9 + 1;
    return number.figures() + (total < 10 ? "" : " " + total) + " " + digitSum;
  }

  private static List<String> rowsOf(String line, Style style) {
    return rows(Checks.of(work(line, style), style).working());
  }

  /** The text of each row of squares, with a space for each gap. */
  private static List<String> rows(Working working) {
    TreeMap<Integer, TreeMap<Integer, String>> rows = new TreeMap<>();
    for (Mark mark : working.paper().marks()) {
      if (mark.shape() instanceof Shape.Figure figure) {
        rows.computeIfAbsent(figure.at().row(), row -> new TreeMap<>())
            .put(figure.at().column(), figure.text());
      }
    }
    List<String> read = new ArrayList<>();
    for (TreeMap<Integer, String> row : rows.values()) {
      StringBuilder text = new StringBuilder();
      int before = row.firstKey() - 1;
      for (int column : row.keySet()) {
        text.append(column > before + 1 && !text.toString().equals("×") ? " " : "");
        text.append(row.get(column));
        before = column;
      }
      read.add(text.toString());
    }
    return read;
  }
}
