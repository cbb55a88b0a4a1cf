package bemble.method.column;

import bemble.notation.PlaceHeads;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Script;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;

/**
 * Which column of the paper belongs to which place.
 *
 * @param ones the column of the ones; the tens stand one further left
 */
public record PlaceColumns(int ones) {
  /** The column of {@code place}. */
  public int of(int place) {
    return ones - place;
  }

  /** The square of {@code place} in a row. */
  public Square at(int row, int place) {
    return new Square(row, of(place));
  }

  /** Writes heads from one place down to another, both included, where the class has heads. */
  public void heads(Script script, int row, int highest, int lowest) {
    if (script.isOnPaper()) {
      heads(script.style(), row, highest, lowest).forEach(head -> script.draw(Role.HEAD, head));
    }
  }

  /** The heads from one place down to another, both included; none where the class has none. */
  public List<Shape> heads(Style style, int row, int highest, int lowest) {
    List<Shape> heads = new ArrayList<>();
    for (int place = highest; place >= lowest && !style.has(Choice.ColumnHeads.HIDDEN); place--) {
      String text = PlaceHeads.head(place, style);
      heads.add(new Shape.Words(at(row, place), Shape.Side.CENTRED, text));
    }
    return heads;
  }
}
