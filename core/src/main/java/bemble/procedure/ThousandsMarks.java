package bemble.procedure;

import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.style.NumberMarks;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The marks between the thousands of the numbers on a page that keeps to columns. A number inside a
 * working, such as the rest in a division, keeps to the columns of its page and not to its own
 * size, so it has none.
 */
final class ThousandsMarks {
  private ThousandsMarks() {}

  /** All marks of a page, and after them its thousands marks, each as soon as both sides stand. */
  static List<Mark> added(List<Mark> marks, int onesColumn, NumberMarks number) {
    Map<Square, Mark> figures = new HashMap<>();
    for (Mark mark : marks) {
      if (mark.shape() instanceof Shape.Figure figure && isOfNumber(mark, figure, onesColumn)) {
        figures.put(figure.at(), mark);
      }
    }
    List<Mark> all = new ArrayList<>(marks);
    for (Mark mark : marks) {
      if (!(mark.shape() instanceof Shape.Figure figure) || figures.get(figure.at()) != mark) {
        continue;
      }
      Mark next = figures.get(figure.at().moved(0, 1));
      Integer place = mark.place();
      if (next != null && place != null && number.standBehind(place)) {
        int step = Math.max(mark.step(), next.step());
        Shape shape = new Shape.Point(figure.at(), number.thousands());
        all.add(new Mark(all.size(), Role.THOUSANDS, null, step, shape));
      }
    }
    return all;
  }

  private static boolean isOfNumber(Mark mark, Shape.Figure figure, int onesColumn) {
    return switch (mark.role()) {
      case GIVEN, FOUND, PADDING, PARTIAL, PLACEHOLDER, QUOTIENT, ANSWER ->
          mark.place() != null && figure.at().column() == onesColumn - mark.place();
      default -> false;
    };
  }
}
