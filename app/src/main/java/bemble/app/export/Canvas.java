package bemble.app.export;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A surface to draw on. Lengths are sides of a square; x grows to the right and y downwards. */
interface Canvas {
  /** Where a text has its x. */
  enum Anchor {
    START,
    MIDDLE,
    END
  }

  /** A point. */
  record Point(double x, double y) {}

  /**
   * How an outline is drawn.
   *
   * @param fill the colour inside; null for none
   * @param stroke the colour of the line; null for none
   * @param width of the line
   * @param dashed whether the line is broken
   */
  record Pen(@Nullable Tint fill, @Nullable Tint stroke, double width, boolean dashed) {
    static Pen line(Tint stroke, double width) {
      return new Pen(null, stroke, width, false);
    }

    static Pen filled(Tint fill) {
      return new Pen(fill, null, 0, false);
    }
  }

  /**
   * How a text looks.
   *
   * @param size its height in squares
   */
  record Lettering(double size, boolean bold, Tint tint, Anchor anchor) {}

  /** A line through some points. */
  void line(List<Point> points, Pen pen);

  /** A curve from one point to another, pulled towards a third. */
  void curve(Point from, Point pull, Point to, Pen pen);

  /** A rectangle whose corners are rounded by {@code radius}. */
  void rectangle(Point corner, double width, double height, double radius, Pen pen);

  void circle(Point middle, double radius, Pen pen);

  /** A line of text whose middle height is at {@code at}. */
  void text(Point at, String text, Lettering lettering);
}
