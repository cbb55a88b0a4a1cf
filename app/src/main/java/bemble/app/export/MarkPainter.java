package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Pen;
import bemble.app.export.Canvas.Point;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.List;

/** Draws marks on a canvas. It knows the kinds of mark, and nothing of methods. */
final class MarkPainter {
  /** How much further left a small number stands for each figure more, in squares. */
  private static final double BEFORE = 0.1;

  private static final Pen RULE = Pen.line(Tint.TEXT, 0.055);
  private static final Pen THIN = Pen.line(Tint.SMALL, 0.045);
  private static final double FIGURE = 0.72;
  private static final double SMALL = 0.44;
  private static final double WORDS = 0.4;

  private final Canvas canvas;

  MarkPainter(Canvas canvas) {
    this.canvas = canvas;
  }

  /** The squares of an area. */
  void grid(Area area) {
    Pen pen = Pen.line(Tint.SQUARE, 0.025);
    double left = area.from().column();
    double top = area.from().row();
    double right = area.to().column() + 1.0;
    double bottom = area.to().row() + 1.0;
    for (double x = left; x <= right; x++) {
      canvas.line(List.of(new Point(x, top), new Point(x, bottom)), pen);
    }
    for (double y = top; y <= bottom; y++) {
      canvas.line(List.of(new Point(left, y), new Point(right, y)), pen);
    }
  }

  /** A thin, pale box in which a figure is to be written: a copier shows little of it. */
  void box(Square at) {
    Point corner = new Point(at.column() + 0.06, at.row() + 0.06);
    canvas.rectangle(corner, 0.88, 0.88, 0.1, new Pen(null, Tint.BOX, 0.035, false));
  }

  /** Sets a square off as just written. */
  void fresh(Square at) {
    Point corner = new Point(at.column() + 0.08, at.row() + 0.08);
    canvas.rectangle(corner, 0.84, 0.84, 0.1, Pen.filled(Tint.FRESH));
  }

  void paint(Mark mark) {
    Shape shape = mark.shape();
    if (shape instanceof Shape.Figure figure) {
      figure(figure, mark.role());
    } else if (shape instanceof Shape.Small small) {
      small(small, mark.role());
    } else if (shape instanceof Shape.Point point) {
      Point at = new Point(point.after().column() + 1, point.after().row() + 0.5);
      Tint tint = mark.role() == Role.THOUSANDS ? Tint.QUIET : Tint.TEXT;
      canvas.text(at, point.text(), new Lettering(FIGURE, false, tint, Anchor.MIDDLE));
    } else if (shape instanceof Shape.Strike strike) {
      strike(strike);
    } else if (shape instanceof Shape.Line line) {
      canvas.line(List.of(corner(line.from()), corner(line.to())), RULE);
    } else if (shape instanceof Shape.Words words) {
      words(words, mark.role());
    } else if (shape instanceof Shape.Ring ring) {
      ring(ring);
    } else if (shape instanceof Shape.Link link) {
      Point from = moved(middle(link.from()), 0, 0.4);
      canvas.line(List.of(from, moved(middle(link.to()), 0, -0.4)), Pen.line(Tint.LINK, 0.05));
    } else if (shape instanceof Shape.Arrow arrow) {
      arrow(middle(arrow.from()), middle(arrow.to()));
    } else if (shape instanceof Shape.Hop hop) {
      hop(hop);
    } else if (shape instanceof Shape.Counter counter) {
      counter(middle(counter.at()), counter.thing());
    }
  }

  private void figure(Shape.Figure figure, Role role) {
    boolean bold = role == Role.ANSWER || role == Role.QUOTIENT || role == Role.ROOT;
    Tint tint =
        switch (role) {
          case PLACEHOLDER, PADDING -> Tint.QUIET;
          case TRY, LEAD -> Tint.SMALL;
          default -> Tint.TEXT;
        };
    canvas.text(
        middle(figure.at()), figure.text(), new Lettering(FIGURE, bold, tint, Anchor.MIDDLE));
  }

  private void small(Shape.Small small, Role role) {
    boolean number =
        switch (role) {
          case PARTIAL, PRODUCT, STOP, MULTIPLE, REMAINDER -> true;
          default -> false;
        };
    Lettering lettering =
        new Lettering(SMALL, !number, number ? Tint.TEXT : Tint.SMALL, Anchor.MIDDLE);
    boolean before = small.spot() == Spot.UPPER_LEFT;
    double further = before ? BEFORE * (small.text().length() - 1) : 0;
    Point at = moved(spot(small.at(), small.spot()), -further, 0);
    canvas.text(at, small.text(), lettering);
  }

  private void words(Shape.Words words, Role role) {
    Anchor anchor =
        switch (words.side()) {
          case FROM_LEFT -> Anchor.START;
          case CENTRED -> Anchor.MIDDLE;
          case TO_RIGHT -> Anchor.END;
        };
    double x =
        switch (words.side()) {
          case FROM_LEFT -> 0.09;
          case CENTRED -> 0.5;
          case TO_RIGHT -> 0.91;
        };
    Point at = new Point(words.at().column() + x, words.at().row() + 0.5);
    boolean head = role == Role.HEAD;
    Lettering lettering =
        new Lettering(WORDS, role != Role.NOTE, head ? Tint.QUIET : Tint.RIGHT, anchor);
    canvas.text(at, words.text(), lettering);
  }

  private void strike(Shape.Strike strike) {
    double half = strike.spot() == Spot.FULL ? 0.34 : 0.26;
    Point at = spot(strike.at(), strike.spot());
    canvas.line(List.of(moved(at, -half, half), moved(at, half, -half)), THIN);
  }

  private void ring(Shape.Ring ring) {
    double inset = 0.07;
    Point corner = moved(corner(ring.from()), inset, inset);
    double width = ring.to().column() - ring.from().column() + 1 - 2 * inset;
    double height = ring.to().row() - ring.from().row() + 1 - 2 * inset;
    canvas.rectangle(corner, width, height, 0.33, THIN);
  }

  /** A shaft that stops short of its squares' middles, with a head of two strokes. */
  private void arrow(Point from, Point to) {
    double dx = to.x() - from.x();
    double dy = to.y() - from.y();
    double length = Math.max(Math.hypot(dx, dy), 1e-9);
    double ux = dx / length;
    double uy = dy / length;
    Point end = moved(to, -ux * 0.4, -uy * 0.4);
    canvas.line(List.of(moved(from, ux * 0.4, uy * 0.4), end), THIN);
    Point one = moved(end, -0.2 * ux - 0.11 * uy, -0.2 * uy + 0.11 * ux);
    Point other = moved(end, -0.2 * ux + 0.11 * uy, -0.2 * uy - 0.11 * ux);
    canvas.line(List.of(one, end, other), THIN);
  }

  private void hop(Shape.Hop hop) {
    Point from = new Point(hop.from().column() + 0.5, hop.from().row() + 1.0);
    Point to = new Point(hop.to().column() + 0.5, hop.to().row() + 1.0);
    Point pull = new Point((from.x() + to.x()) / 2, from.y() - 1.7);
    canvas.curve(from, pull, to, THIN);
    Point label = new Point(pull.x(), hop.from().row() - 0.13);
    canvas.text(label, hop.label(), new Lettering(SMALL, true, Tint.SMALL, Anchor.MIDDLE));
  }

  private void counter(Point at, Shape.Thing thing) {
    Pen solid = new Pen(Tint.RIGHT, Tint.ACTION, 0.03, false);
    Pen open = new Pen(Tint.PAGE, Tint.ACTION, 0.06, false);
    switch (thing) {
      case DOT -> canvas.circle(at, 0.24, solid);
      case OPEN_DOT -> canvas.circle(at, 0.24, open);
      case STICK -> canvas.rectangle(moved(at, -0.11, -0.36), 0.22, 0.72, 0.06, solid);
      case OPEN_STICK -> canvas.rectangle(moved(at, -0.11, -0.36), 0.22, 0.72, 0.06, open);
      case FLAT -> canvas.rectangle(moved(at, -0.36, -0.36), 0.72, 0.72, 0.04, solid);
      case STACK -> {
        for (double lift = 0.14; lift >= 0; lift -= 0.07) {
          canvas.rectangle(moved(at, -0.36 + lift, -0.27 - lift), 0.58, 0.63, 0.04, solid);
        }
      }
      default -> throw new IllegalStateException("not drawn yet: " + thing);
    }
  }

  private static Point corner(Square square) {
    return new Point(square.column(), square.row());
  }

  private static Point middle(Square square) {
    return new Point(square.column() + 0.5, square.row() + 0.5);
  }

  private static Point moved(Point point, double dx, double dy) {
    return new Point(point.x() + dx, point.y() + dy);
  }

  private static Point spot(Square at, Spot spot) {
    Point corner = corner(at);
    return switch (spot) {
      case FULL, SMALL -> moved(corner, 0.5, 0.5);
      case UPPER_LEFT -> moved(corner, 0.15, 0.3);
      case UPPER_RIGHT -> moved(corner, 0.78, 0.26);
      case LOWER_LEFT -> moved(corner, 0.24, 0.76);
      case LOWER_RIGHT -> moved(corner, 0.86, 0.74);
    };
  }
}
