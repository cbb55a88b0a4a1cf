package bemble.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A sheet of squared paper with everything that was written on it.
 *
 * @param extent the squares in use
 * @param onesColumn the column of the ones, where the whole page keeps to place columns; otherwise
 *     null
 * @param marks in order of writing
 */
public record Paper(Area extent, Integer onesColumn, List<Mark> marks) {
  /** Keeps a copy of the marks. */
  public Paper {
    marks = List.copyOf(marks);
  }

  /**
   * What is to be seen once a step is done: all marks written by then, but no link, arrow or ring
   * that was taken away again. Struck figures stay, and their strike is a mark of its own; but a
   * small figure and its strike are gone where a later one was written in their spot.
   */
  public List<Mark> marksAt(int step) {
    Map<String, Integer> latest = new HashMap<>();
    List<Mark> seen = new ArrayList<>();
    for (Mark mark : marks) {
      boolean gone = mark.struck() != null && mark.struck() <= step && mark.shape().passes();
      if (mark.step() <= step && !gone) {
        seen.add(mark);
        if (mark.shape() instanceof Shape.Small small) {
          latest.put(small.at() + " " + small.spot(), mark.id());
        }
      }
    }
    seen.removeIf(mark -> mark.id() < latest.getOrDefault(smallSpot(mark.shape()), 0));
    return seen;
  }

  /** Where a small figure or the stroke through it stands; other marks never share their place. */
  private static String smallSpot(Shape shape) {
    if (shape instanceof Shape.Strike strike) {
      return strike.at() + " " + strike.spot();
    }
    return shape instanceof Shape.Small small ? small.at() + " " + small.spot() : "";
  }

  /** This paper laid that many rows further down and columns further right. */
  public Paper moved(int rows, int columns) {
    return new Paper(
        extent.moved(rows, columns),
        onesColumn == null ? null : onesColumn + columns,
        marks.stream().map(mark -> mark.moved(rows, columns)).toList());
  }
}
