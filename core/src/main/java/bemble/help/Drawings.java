package bemble.help;

import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Small pictures of hops and of frames of ten. */
final class Drawings {
  private static final int FRAME_WIDTH = 5;
  private static final int FRAME = 10;

  /** Longer numbers would run into one another under a line. */
  private static final int LONGEST = 4;

  private final List<Mark> marks = new ArrayList<>();

  private Drawings() {}

  /** Hops from one number over the others; empty where their names are too long for a picture. */
  static Optional<Paper> hops(BigInteger start, List<BigInteger> stops) {
    if (stops.isEmpty() || stops.get(stops.size() - 1).toString().length() > LONGEST) {
      return Optional.empty();
    }
    Drawings drawings = new Drawings();
    int space = 2;
    drawings.number(new Square(2, 0), start);
    BigInteger at = start;
    for (int i = 0; i < stops.size(); i++) {
      Square from = new Square(1, i * space);
      String far = stops.get(i).subtract(at).toString();
      drawings.add(Role.HOP, new Shape.Hop(from, from.moved(0, space), far));
      drawings.number(from.moved(1, space), stops.get(i));
      at = stops.get(i);
    }
    int last = stops.size() * space;
    drawings.add(Role.RULE, new Shape.Line(new Square(2, 0), new Square(2, last + 1)));
    return drawings.paper(new Square(2, last));
  }

  /** Two frames of ten, filled from the larger number and then, in open dots, from the smaller. */
  static Optional<Paper> tenFrames(int larger, int smaller) {
    Drawings drawings = new Drawings();
    for (int n = 0; n < larger + smaller; n++) {
      Shape.Thing thing = n < larger ? Shape.Thing.DOT : Shape.Thing.OPEN_DOT;
      int frame = n / FRAME;
      int inFrame = n % FRAME;
      int column = frame * (FRAME_WIDTH + 1) + inFrame % FRAME_WIDTH;
      Square at = new Square(inFrame / FRAME_WIDTH, column);
      drawings.add(Role.DRAWING, new Shape.Counter(at, thing));
    }
    drawings.add(Role.DRAWING, new Shape.Ring(new Square(0, 0), new Square(1, FRAME_WIDTH - 1)));
    return drawings.paper(new Square(1, 2 * FRAME_WIDTH));
  }

  private void number(Square at, BigInteger number) {
    add(Role.STOP, new Shape.Small(at, Spot.SMALL, number.toString()));
  }

  private void add(Role role, Shape shape) {
    marks.add(new Mark(marks.size(), role, null, 0, shape));
  }

  private Optional<Paper> paper(Square last) {
    return Optional.of(new Paper(new Area(new Square(0, 0), last), null, marks));
  }
}
