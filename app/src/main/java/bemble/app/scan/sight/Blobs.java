package bemble.app.scan.sight;

import java.util.ArrayList;
import java.util.List;

/** The dark spots of a picture: dots that touch one another. */
final class Blobs {
  /**
   * A dark spot.
   *
   * @param dots how many it has
   * @param spread how far its dots are from its middle, as a share of its size: the root of the
   *     determinant of their covariances over how many they are. It is 1/12 for every full
   *     parallelogram, however it is turned and tilted, and more for whatever has holes or arms.
   */
  record Blob(int dots, Dot middle, int width, int height, double spread) {}

  private final GreyPicture picture;
  private final int threshold;
  private final boolean[] seen;
  private final int[] open;

  Blobs(GreyPicture picture, int threshold) {
    this.picture = picture;
    this.threshold = threshold;
    seen = new boolean[picture.grey().length];
    open = new int[picture.grey().length];
  }

  List<Blob> all() {
    List<Blob> all = new ArrayList<>();
    for (int at = 0; at < seen.length; at++) {
      if (isDark(at)) {
        all.add(from(at));
      }
    }
    return all;
  }

  private boolean isDark(int at) {
    return !seen[at] && (picture.grey()[at] & 0xFF) <= threshold;
  }

  private Blob from(int first) {
    int width = picture.width();
    int count = 0;
    int top = picture.height();
    int bottom = 0;
    int left = width;
    int right = 0;
    double across = 0;
    double down = 0;
    double acrossSquares = 0;
    double downSquares = 0;
    double products = 0;
    int waiting = 1;
    open[0] = first;
    seen[first] = true;
    while (waiting > 0) {
      int at = open[--waiting];
      int x = at % width;
      int y = at / width;
      count++;
      across += x + 0.5;
      down += y + 0.5;
      acrossSquares += (x + 0.5) * (x + 0.5);
      downSquares += (y + 0.5) * (y + 0.5);
      products += (x + 0.5) * (y + 0.5);
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
      int[] beside = {
        x > 0 ? at - 1 : at,
        x < width - 1 ? at + 1 : at,
        y > 0 ? at - width : at,
        y < picture.height() - 1 ? at + width : at
      };
      for (int next : beside) {
        if (isDark(next)) {
          seen[next] = true;
          open[waiting++] = next;
        }
      }
    }
    Dot middle = new Dot(across / count, down / count);
    double wide = acrossSquares / count - middle.x() * middle.x();
    double high = downSquares / count - middle.y() * middle.y();
    double both = products / count - middle.x() * middle.y();
    double spread = Math.sqrt(Math.max(0, wide * high - both * both)) / count;
    return new Blob(count, middle, right - left + 1, bottom - top + 1, spread);
  }
}
