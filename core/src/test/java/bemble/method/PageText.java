package bemble.method;

import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A page as plain text, for eyes and for comparing: a row of the paper a line, a square five
 * characters. Small figures come before the figure of their square, struck ones in brackets.
 * Drawings without figures are listed below by their kind and number.
 */
public final class PageText {
  private static final int WIDTH = 5;

  private PageText() {}

  public static String of(Working working) {
    Area extent = working.paper().extent();
    Map<Square, List<String>> squares = new TreeMap<>(PageText::inReadingOrder);
    Map<String, Integer> drawn = new TreeMap<>();
    for (Mark mark : working.paper().marks()) {
      String text = text(mark);
      if (text.isEmpty()) {
        drawn.merge(mark.shape().getClass().getSimpleName(), 1, Integer::sum);
      } else {
        int first = mark.shape() instanceof Shape.Small ? 0 : -1;
        List<String> there = squares.computeIfAbsent(at(mark.shape()), any -> new ArrayList<>());
        there.add(first < 0 ? there.size() : 0, text);
      }
    }
    StringBuilder page = new StringBuilder();
    for (int row = extent.from().row(); row <= extent.to().row(); row++) {
      StringBuilder line = new StringBuilder();
      for (int column = extent.from().column(); column <= extent.to().column(); column++) {
        List<String> there = squares.getOrDefault(new Square(row, column), List.of());
        String cell = there.isEmpty() ? "." : String.join("", there);
        line.append(" ".repeat(Math.max(1, WIDTH - cell.length()))).append(cell);
      }
      page.append(line.toString().stripTrailing()).append('\n');
    }
    String rest =
        drawn.entrySet().stream()
            .map(each -> each.getKey().toLowerCase() + " " + each.getValue())
            .collect(Collectors.joining(", "));
    return page + rest + "\n";
  }

  private static int inReadingOrder(Square one, Square other) {
    int rows = Integer.compare(one.row(), other.row());
    return rows == 0 ? Integer.compare(one.column(), other.column()) : rows;
  }

  private static String text(Mark mark) {
    Shape shape = mark.shape();
    String text = "";
    if (shape instanceof Shape.Figure figure) {
      text = figure.text();
    } else if (shape instanceof Shape.Small small) {
      text = "'" + small.text();
    } else if (shape instanceof Shape.Words words) {
      text = words.text().replace(' ', '_');
    } else if (shape instanceof Shape.Point point) {
      text = point.text();
    } else if (shape instanceof Shape.Counter counter) {
      text = counter.thing().name().substring(0, 1).toLowerCase();
    }
    return mark.struck() == null || text.isEmpty() ? text : "(" + text + ")";
  }

  private static Square at(Shape shape) {
    if (shape instanceof Shape.Figure figure) {
      return figure.at();
    } else if (shape instanceof Shape.Small small) {
      return small.at();
    } else if (shape instanceof Shape.Words words) {
      return words.at();
    } else if (shape instanceof Shape.Point point) {
      return point.after();
    }
    return ((Shape.Counter) shape).at();
  }
}
