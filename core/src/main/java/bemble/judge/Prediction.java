package bemble.judge;

import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.plan.Entry;
import bemble.plan.Step;
import bemble.plan.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The page that a given hand would write, square by square. */
final class Prediction {
  /** A place in which a text is expected. */
  record Expected(Square at, Spot spot, String text) {}

  /** An entry with what is seen of it. */
  record Seen(Entry entry, Step step, List<Expected> expected) {
    /** What should be written. */
    List<Written> due() {
      return expected.stream().map(one -> new Written(one.at(), one.spot(), one.text())).toList();
    }

    boolean isAid() {
      return entry.slot().role().kind() == Role.Kind.AID && entry.slot().spot() != Spot.FULL;
    }

    boolean isPoint() {
      return entry.slot().role() == Role.POINT;
    }

    boolean isOpen() {
      return entry.slot().role().isWhole();
    }

    boolean isSetOut() {
      return entry.isSetOut();
    }

    /** Whether a page is complete without it: an aid, or something that only some schools write. */
    boolean isOptional() {
      Role role = entry.slot().role();
      boolean nothingLeft = role == Role.REMAINDER && entry.value().signum() == 0;
      return isAid() || nothingLeft || role == Role.LEAD || role == Role.TRY;
    }
  }

  private final Working working;
  private final List<Seen> seen = new ArrayList<>();
  private final Map<Square, String> full = new HashMap<>();
  private final Map<Square, String> cells = new HashMap<>();
  private final Set<Square> points = new HashSet<>();
  private final Map<Integer, Set<String>> aidsByColumn = new HashMap<>();

  Prediction(Working working) {
    this.working = working;
    List<Mark> marks = working.paper().marks();
    for (Step step : working.steps()) {
      for (Entry entry : step.entries()) {
        add(entry, step, marks);
      }
    }
  }

  private void add(Entry entry, Step step, List<Mark> marks) {
    List<Expected> expected = new ArrayList<>();
    for (int id : entry.marks()) {
      Shape shape = marks.get(id).shape();
      if (shape instanceof Shape.Figure figure) {
        expected.add(new Expected(figure.at(), Spot.FULL, figure.text()));
      } else if (shape instanceof Shape.Small small) {
        expected.add(new Expected(small.at(), small.spot(), small.text()));
      } else if (shape instanceof Shape.Point point) {
        expected.add(new Expected(point.after(), Spot.LOWER_RIGHT, "."));
      }
    }
    Seen each = new Seen(entry, step, expected);
    seen.add(each);
    for (Expected one : expected) {
      if (each.isPoint()) {
        points.add(one.at());
      } else if (each.isAid()) {
        aidsByColumn.computeIfAbsent(one.at().column(), column -> new HashSet<>()).add(one.text());
      } else if (one.spot() == Spot.FULL) {
        full.put(one.at(), one.text());
      } else {
        cells.put(one.at(), one.text());
      }
    }
  }

  Working working() {
    return working;
  }

  List<Seen> seen() {
    return seen;
  }

  /** What is expected in a square, null where nothing is. */
  String at(Square square, Spot spot) {
    return spot == Spot.FULL ? full.get(square) : cells.get(square);
  }

  /** Whether a point is expected after a square. */
  boolean hasPoint(Square after) {
    return points.contains(after);
  }

  /** Whether a square is meant for a number of several figures. */
  boolean isCell(Square square) {
    return cells.containsKey(square);
  }

  /** The texts of the small figures that may help in a column. */
  Set<String> aids(int column) {
    return aidsByColumn.getOrDefault(column, Set.of());
  }
}
