package bemble.app.scan.sight;

import bemble.app.scan.sight.Homography.Pair;
import java.util.List;

/**
 * How a sheet that is not quite flat is seen: as a flat one whose points are moved a little, by a
 * polynomial of the third degree in each direction.
 */
final class SheetMap {
  private static final int TERMS = 10;

  /** Lengths of a sheet are scaled to about 1. */
  private static final double SCALE = 150;

  /** The weight of a bend, in points that are missed by a millimetre. */
  private static final double STIFF = 0.003;

  private final Homography flat;
  private final double[] right;
  private final double[] down;

  private SheetMap(Homography flat, double[] right, double[] down) {
    this.flat = flat;
    this.right = right;
    this.down = down;
  }

  /** A flat sheet. */
  static SheetMap flat(Homography flat) {
    return new SheetMap(flat, new double[TERMS], new double[TERMS]);
  }

  /**
   * A point of the sheet that is seen where a flat sheet has another one.
   *
   * @param right how much farther to the right that one is, in millimetres
   */
  record Shift(Dot sheet, double right, double down, double weight) {}

  /** The one that fits some shifts best. */
  static SheetMap of(Homography flat, List<Shift> shifts) {
    LeastSquares right = new LeastSquares(TERMS);
    LeastSquares down = new LeastSquares(TERMS);
    for (Shift shift : shifts) {
      double[] terms = terms(shift.sheet());
      right.add(terms, shift.right(), shift.weight());
      down.add(terms, shift.down(), shift.weight());
    }
    for (int term = 0; term < TERMS; term++) {
      double[] alone = new double[TERMS];
      alone[term] = 1;
      right.add(alone, 0, STIFF);
      down.add(alone, 0, STIFF);
    }
    return new SheetMap(flat, right.solved(), down.solved());
  }

  /** The distances of points that were found on a sheet from those of a flat one. */
  static List<Shift> shifts(Homography flat, List<Pair> pairs) {
    return pairs.stream().map(pair -> shift(flat, pair)).toList();
  }

  /** The point of a flat sheet that is seen there, by two steps of Newton's from the true one. */
  private static Shift shift(Homography flat, Pair pair) {
    Dot at = pair.sheet();
    for (int step = 0; step < 2; step++) {
      Dot here = flat.see(at);
      Dot ahead = flat.see(at.plus(1, 0));
      Dot below = flat.see(at.plus(0, 1));
      double ax = ahead.x() - here.x();
      double ay = ahead.y() - here.y();
      double bx = below.x() - here.x();
      double by = below.y() - here.y();
      double x = pair.picture().x() - here.x();
      double y = pair.picture().y() - here.y();
      double area = ax * by - ay * bx;
      at = at.plus((x * by - y * bx) / area, (ax * y - ay * x) / area);
    }
    return new Shift(
        pair.sheet(), at.x() - pair.sheet().x(), at.y() - pair.sheet().y(), pair.weight());
  }

  /** Where a point of the sheet is seen. */
  Dot see(Dot sheet) {
    return flat.see(moved(sheet));
  }

  /** The point of a flat sheet that is seen where a point of this one is. */
  Dot moved(Dot sheet) {
    double[] terms = terms(sheet);
    double across = 0;
    double along = 0;
    for (int term = 0; term < TERMS; term++) {
      across += terms[term] * right[term];
      along += terms[term] * down[term];
    }
    return sheet.plus(across, along);
  }

  private static double[] terms(Dot sheet) {
    double x = sheet.x() / SCALE - 0.63;
    double y = sheet.y() / SCALE - 0.93;
    return new double[] {1, x, y, x * x, x * y, y * y, x * x * x, x * x * y, x * y * y, y * y * y};
  }
}
