package bemble.app.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.util.Matrix;

/** A canvas on a sheet of a PDF; a square's side is a number of points. */
final class PdfCanvas implements Canvas {
  /** How far a control point of a Bézier quarter lies from its end, in radii. */
  private static final float QUARTER = 0.5523f;

  static final double TO_BASE_LINE = 0.36;

  private final PDPageContentStream out;
  private final PdfFonts fonts;
  private final double left;
  private final double top;
  private final double side;

  /**
   * A canvas whose origin lies at {@code left} and {@code top}, in points from the sheet's lower
   * left corner.
   */
  PdfCanvas(PDPageContentStream out, PdfFonts fonts, double left, double top, double side) {
    this.out = out;
    this.fonts = fonts;
    this.left = left;
    this.top = top;
    this.side = side;
  }

  private float x(double squares) {
    return (float) (left + squares * side);
  }

  private float y(double squares) {
    return (float) (top - squares * side);
  }

  private interface Drawing {
    void draw() throws IOException;
  }

  private void draw(Drawing drawing, Pen pen) {
    try {
      if (pen.fill() != null) {
        out.setNonStrokingColor(color(pen.fill()));
      }
      if (pen.stroke() != null) {
        out.setStrokingColor(color(pen.stroke()));
        out.setLineWidth((float) (pen.width() * side));
        out.setLineCapStyle(1);
        float dash = (float) (0.09 * side);
        out.setLineDashPattern(pen.dashed() ? new float[] {dash, dash} : new float[0], 0);
      }
      drawing.draw();
      if (pen.fill() == null) {
        out.stroke();
      } else if (pen.stroke() == null) {
        out.fill();
      } else {
        out.fillAndStroke();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static java.awt.Color color(Tint tint) {
    return new java.awt.Color(tint.rgb());
  }

  @Override
  public void line(List<Point> points, Pen pen) {
    draw(
        () -> {
          out.moveTo(x(points.get(0).x()), y(points.get(0).y()));
          for (Point point : points.subList(1, points.size())) {
            out.lineTo(x(point.x()), y(point.y()));
          }
        },
        pen);
  }

  /** A curve with one control point, written as one with two. */
  @Override
  public void curve(Point from, Point pull, Point to, Pen pen) {
    draw(
        () -> {
          out.moveTo(x(from.x()), y(from.y()));
          out.curveTo(
              x(from.x() + 2 * (pull.x() - from.x()) / 3),
              y(from.y() + 2 * (pull.y() - from.y()) / 3),
              x(to.x() + 2 * (pull.x() - to.x()) / 3),
              y(to.y() + 2 * (pull.y() - to.y()) / 3),
              x(to.x()),
              y(to.y()));
        },
        pen);
  }

  @Override
  public void rectangle(Point corner, double width, double height, double radius, Pen pen) {
    float r = (float) (Math.min(radius, Math.min(width, height) / 2) * side);
    draw(() -> rounded(x(corner.x()), y(corner.y() + height), width * side, height * side, r), pen);
  }

  @Override
  public void circle(Point middle, double radius, Pen pen) {
    double size = 2 * radius * side;
    float r = (float) (radius * side);
    draw(() -> rounded(x(middle.x()) - r, y(middle.y()) - r, size, size, r), pen);
  }

  /** A rectangle from its lower left corner, its corners rounded by quarters of a circle. */
  private void rounded(float x, float y, double wide, double high, float r) throws IOException {
    float w = (float) wide;
    float h = (float) high;
    float k = r * (1 - QUARTER);
    out.moveTo(x + r, y);
    out.lineTo(x + w - r, y);
    out.curveTo(x + w - k, y, x + w, y + k, x + w, y + r);
    out.lineTo(x + w, y + h - r);
    out.curveTo(x + w, y + h - k, x + w - k, y + h, x + w - r, y + h);
    out.lineTo(x + r, y + h);
    out.curveTo(x + k, y + h, x, y + h - k, x, y + h - r);
    out.lineTo(x, y + r);
    out.curveTo(x, y + k, x + k, y, x + r, y);
    out.closePath();
  }

  @Override
  public void text(Point at, String text, Lettering lettering) {
    double size = lettering.size() * side;
    double width = fonts.width(text, size, lettering.bold());
    double shift =
        switch (lettering.anchor()) {
          case START -> 0;
          case MIDDLE -> width / 2;
          case END -> width;
        };
    try {
      out.beginText();
      out.setNonStrokingColor(color(lettering.tint()));
      out.setFont(fonts.font(lettering.bold()), (float) size);
      out.newLineAtOffset((float) (x(at.x()) - shift), y(at.y()) - (float) (TO_BASE_LINE * size));
      out.showText(fonts.writable(text));
      out.endText();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A line of text that runs upwards from {@code at}. */
  void upright(Point at, String text, Lettering lettering) {
    double size = lettering.size() * side;
    try {
      out.beginText();
      out.setNonStrokingColor(color(lettering.tint()));
      out.setFont(fonts.font(lettering.bold()), (float) size);
      double x = x(at.x()) + TO_BASE_LINE * size;
      out.setTextMatrix(Matrix.getRotateInstance(Math.PI / 2, (float) x, y(at.y())));
      out.showText(fonts.writable(text));
      out.endText();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
