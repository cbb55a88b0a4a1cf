package bemble.app.scan.sight;

/** A point of a picture or of a sheet, to the right and downwards. */
public record Dot(double x, double y) {
  Dot plus(double right, double down) {
    return new Dot(x + right, y + down);
  }

  double distance(Dot other) {
    return Math.hypot(x - other.x, y - other.y);
  }
}
