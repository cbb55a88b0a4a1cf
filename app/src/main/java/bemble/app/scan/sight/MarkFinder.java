package bemble.app.scan.sight;

import java.util.Arrays;
import java.util.Optional;

/** Finds a printed mark of four millimetres near the place where it is expected. */
final class MarkFinder {
  /** The least and the most of dark paper that a mark has, in square millimetres. */
  private static final double LEAST = 8;

  private static final double MOST = 25;

  /** The least and the most that a mark measures across, in millimetres, however it is turned. */
  private static final double THINNEST = 2.9;

  private static final double WIDEST = 7;

  /** The most that the dots of a full mark are spread, and of one that is white inside. */
  private static final double FULL = 0.096;

  private static final double OPEN = 0.175;

  /** Paper is so much lighter than print at the least. */
  private static final int CONTRAST = 45;

  private final GreyPicture picture;

  MarkFinder(GreyPicture picture) {
    this.picture = picture;
  }

  /**
   * The middle of the mark nearest to a point.
   *
   * @param open whether it is one that is white inside
   * @param scale dots a millimetre takes there
   * @param radius how far away it may be, in millimetres
   */
  Optional<Dot> near(Dot expected, boolean open, double scale, double radius) {
    int reach = (int) Math.ceil((radius + WIDEST / 2) * scale);
    int left = (int) expected.x() - reach;
    int top = (int) expected.y() - reach;
    boolean isOutside =
        left > picture.width()
            || top > picture.height()
            || left + 2 * reach < 0
            || top + 2 * reach < 0;
    if (isOutside || scale < 1) {
      return Optional.empty();
    }
    GreyPicture around = picture.part(left, top, left + 2 * reach, top + 2 * reach);
    Dot origin = new Dot(Math.max(0, left), Math.max(0, top));
    return nearest(around, expected.plus(-origin.x(), -origin.y()), open, scale, radius)
        .map(dot -> dot.plus(origin.x(), origin.y()));
  }

  private static Optional<Dot> nearest(
      GreyPicture around, Dot expected, boolean open, double scale, double radius) {
    int[] sorted = new int[around.grey().length];
    for (int i = 0; i < sorted.length; i++) {
      sorted[i] = around.grey()[i] & 0xFF;
    }
    Arrays.sort(sorted);
    int darkest = sorted[sorted.length / 200];
    int paper = sorted[sorted.length * 3 / 5];
    if (paper - darkest < CONTRAST) {
      return Optional.empty();
    }
    int threshold = darkest + (paper - darkest) * 2 / 5;
    Blobs blobs = new Blobs(around, threshold);
    return blobs.all().stream()
        .filter(blob -> isMark(blob, scale) && isOpen(blob) == open)
        .map(Blobs.Blob::middle)
        .filter(middle -> around.between(middle.x(), middle.y()) > threshold == open)
        .filter(middle -> middle.distance(expected) <= radius * scale)
        .min((one, other) -> Double.compare(one.distance(expected), other.distance(expected)));
  }

  private static boolean isMark(Blobs.Blob blob, double scale) {
    double area = blob.dots() / (scale * scale);
    double across = blob.width() / scale;
    double down = blob.height() / scale;
    return area >= LEAST
        && area <= MOST
        && Math.min(across, down) >= THINNEST
        && Math.max(across, down) <= WIDEST
        && blob.spread() <= OPEN;
  }

  private static boolean isOpen(Blobs.Blob blob) {
    return blob.spread() > FULL;
  }
}
