package bemble.app.scan.sight;

import java.util.List;

/**
 * How a flat sheet is seen from anywhere: it takes points of the sheet to points of the picture. A
 * point goes to ((a·x + b·y + c) / w, (d·x + e·y + f) / w) with w = g·x + h·y + 1.
 */
final class Homography {
  /** Points are scaled to about 1, so that all coefficients have a size in common. */
  private static final double SCALE = 100;

  private final double[] at;

  private Homography(double[] coefficients) {
    at = coefficients;
  }

  /**
   * A point of the sheet and where it is seen.
   *
   * @param weight how much is to be made of it
   */
  record Pair(Dot sheet, Dot picture, double weight) {}

  /**
   * The weight of a strong perspective, in pairs that are missed by a dot: points that lie close
   * together say little about it.
   */
  private static final double PERSPECTIVE = 0.03;

  /** How much smaller a sheet looks a little farther to the right, and farther down. */
  record Tilt(double right, double down) {
    static final Tilt NONE = new Tilt(0, 0);
  }

  /** The one that fits some pairs best, three at the least. */
  static Homography of(List<Pair> pairs) {
    return of(pairs, Tilt.NONE);
  }

  /** The same where pairs that lie close together leave the perspective open. */
  static Homography of(List<Pair> pairs, Tilt tilt) {
    LeastSquares fit = new LeastSquares(8);
    for (Pair pair : pairs) {
      double x = pair.sheet().x() / SCALE;
      double y = pair.sheet().y() / SCALE;
      double u = pair.picture().x() / SCALE;
      double v = pair.picture().y() / SCALE;
      double[] right = {x, y, 1, 0, 0, 0, -u * x, -u * y};
      double[] down = {0, 0, 0, x, y, 1, -v * x, -v * y};
      fit.add(right, u, pair.weight());
      fit.add(down, v, pair.weight());
    }
    fit.add(new double[] {0, 0, 0, 0, 0, 0, 1, 0}, tilt.right(), PERSPECTIVE);
    fit.add(new double[] {0, 0, 0, 0, 0, 0, 0, 1}, tilt.down(), PERSPECTIVE);
    return new Homography(fit.solved());
  }

  /** Where a point of the sheet is seen. */
  Dot see(Dot sheet) {
    double x = sheet.x() / SCALE;
    double y = sheet.y() / SCALE;
    double w = at[6] * x + at[7] * y + 1;
    return new Dot(
        SCALE * (at[0] * x + at[1] * y + at[2]) / w, SCALE * (at[3] * x + at[4] * y + at[5]) / w);
  }

  /** How many dots of the picture a unit of the sheet takes there. */
  double scale(Dot sheet) {
    Dot here = see(sheet);
    Dot right = see(sheet.plus(1, 0));
    Dot down = see(sheet.plus(0, 1));
    double area =
        (right.x() - here.x()) * (down.y() - here.y())
            - (right.y() - here.y()) * (down.x() - here.x());
    return Math.sqrt(Math.abs(area));
  }
}
