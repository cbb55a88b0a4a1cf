package bemble.app.scan.sight;

import org.jspecify.annotations.Nullable;

/**
 * A code in a picture: its text, and the middles of its three points.
 *
 * @param corner the one between the other two, at the upper left of the code
 * @param low the one at its lower left
 * @param small the small one near the fourth corner, if it was seen
 */
public record FoundCode(String text, Dot corner, Dot right, Dot low, @Nullable Dot small) {
  /**
   * Where a point of the picture lies in the code's own directions: right and down of its corner.
   */
  Dot seenFrom(Dot other) {
    double ax = right.x() - corner.x();
    double ay = right.y() - corner.y();
    double bx = low.x() - corner.x();
    double by = low.y() - corner.y();
    double x = other.x() - corner.x();
    double y = other.y() - corner.y();
    double area = ax * by - ay * bx;
    return new Dot((x * by - y * bx) / area, (ax * y - ay * x) / area);
  }
}
