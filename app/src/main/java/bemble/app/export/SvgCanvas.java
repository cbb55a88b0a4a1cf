package bemble.app.export;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** A canvas that becomes an SVG picture, with the side of a square as its unit. */
final class SvgCanvas implements Canvas {
  /** The distance from the middle of a figure down to its base line, in parts of its size. */
  private static final double TO_BASE_LINE = 0.36;

  private final StringBuilder drawn = new StringBuilder();

  /** The picture of a rectangle; {@code title} describes it. */
  String picture(Point corner, double width, double height, String title) {
    int pixels = 45;
    return String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\""
                + " viewBox=\"%s %s %s %s\" font-family=\"Andika, sans-serif\">",
            width * pixels,
            height * pixels,
            number(corner.x()),
            number(corner.y()),
            number(width),
            number(height))
        + "<title>"
        + HtmlUtils.htmlEscape(title, "UTF-8")
        + "</title>"
        + drawn
        + "</svg>";
  }

  @Override
  public void line(List<Point> points, Pen pen) {
    String path =
        points.stream()
            .map(point -> number(point.x()) + " " + number(point.y()))
            .collect(Collectors.joining(" L ", "M ", ""));
    path(path, pen);
  }

  @Override
  public void curve(Point from, Point pull, Point to, Pen pen) {
    path(
        "M %s %s Q %s %s %s %s"
            .formatted(
                number(from.x()),
                number(from.y()),
                number(pull.x()),
                number(pull.y()),
                number(to.x()),
                number(to.y())),
        pen);
  }

  private void path(String path, Pen pen) {
    drawn.append("<path d=\"").append(path).append('"').append(style(pen)).append("/>");
  }

  @Override
  public void rectangle(Point corner, double width, double height, double radius, Pen pen) {
    drawn.append(
        "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" rx=\"%s\"%s/>"
            .formatted(
                number(corner.x()),
                number(corner.y()),
                number(width),
                number(height),
                number(radius),
                style(pen)));
  }

  @Override
  public void circle(Point middle, double radius, Pen pen) {
    drawn.append(
        "<circle cx=\"%s\" cy=\"%s\" r=\"%s\"%s/>"
            .formatted(number(middle.x()), number(middle.y()), number(radius), style(pen)));
  }

  @Override
  public void text(Point at, String text, Lettering lettering) {
    String anchor =
        switch (lettering.anchor()) {
          case START -> "start";
          case MIDDLE -> "middle";
          case END -> "end";
        };
    drawn.append(
        "<text x=\"%s\" y=\"%s\" font-size=\"%s\"%s fill=\"%s\" text-anchor=\"%s\">%s</text>"
            .formatted(
                number(at.x()),
                number(at.y() + TO_BASE_LINE * lettering.size()),
                number(lettering.size()),
                lettering.bold() ? " font-weight=\"700\"" : "",
                lettering.tint().css(),
                anchor,
                HtmlUtils.htmlEscape(text, "UTF-8")));
  }

  private static String style(Pen pen) {
    String fill = pen.fill() == null ? "none" : pen.fill().css();
    if (pen.stroke() == null) {
      return " fill=\"" + fill + "\"";
    }
    return " fill=\"%s\" stroke=\"%s\" stroke-width=\"%s\" stroke-linecap=\"round\"%s"
        .formatted(
            fill,
            pen.stroke().css(),
            number(pen.width()),
            pen.dashed() ? " stroke-dasharray=\"0.09 0.08\"" : "");
  }

  private static String number(double value) {
    String text = String.format(Locale.ROOT, "%.3f", value);
    return text.replaceAll("\\.?0+$", "");
  }
}
