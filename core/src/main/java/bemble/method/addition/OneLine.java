package bemble.method.addition;

import bemble.method.column.PlaceColumns;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Numbers behind one another with a sign before each. Each is given room for its largest possible
 * value, so that the squares do not tell the real one. Numbers without room on the line go on
 * beneath.
 */
final class OneLine {
  /** As many squares fit on a line, if its first two numbers are not longer. */
  private static final int LENGTH = 28;

  private final int start;
  private int row;
  private int next;
  private int end;

  /** A line whose numbers stand in {@code row}, each new one from the column {@code start} on. */
  OneLine(int row, int start) {
    this.row = row;
    this.start = start;
    this.next = start;
    this.end = start;
  }

  /** The room of the next number, from its highest place down to its lowest, and of its sign. */
  PartsLayout.Block next(int highest, int lowest) {
    int above = Math.max(0, highest);
    int below = Math.max(0, -lowest);
    if (next > start && next + 1 + above + below >= LENGTH) {
      row++;
      next = start;
    }
    Square sign = new Square(row, next);
    int ones = next + 1 + above;
    next = ones + below + 1;
    end = Math.max(end, next);
    return new PartsLayout.Block(row, new PlaceColumns(ones), Optional.of(sign));
  }

  /** The blocks of the totals of some places, the highest place first. */
  List<PartsLayout.Block> parts(AdditionLayout layout, List<Integer> places) {
    int room = layout.columns().ones() - layout.highest();
    List<PartsLayout.Block> parts = new ArrayList<>();
    for (int place : places) {
      parts.add(next(place + room, place));
    }
    return parts;
  }

  /** The row of the number that was given room last. */
  int lastRow() {
    return row;
  }

  /** The last column that a number was given. */
  int lastColumn() {
    return end - 1;
  }
}
