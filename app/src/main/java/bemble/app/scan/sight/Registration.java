package bemble.app.scan.sight;

import bemble.app.scan.sight.EmptySheet.Patch;
import bemble.app.scan.sight.SheetMap.Shift;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * Finds how the printed lines of a sheet lie in a picture that was laid flat by its marks: part by
 * part they are moved to where they agree best with the lines of the empty sheet.
 */
final class Registration {
  /** Dots of the flat picture for a millimetre. */
  static final double DOTS = 4;

  /** The farthest that a part is moved, in dots. */
  private static final int REACH = 9;

  /** Ink is darker than print: no dot counts for more than so much. */
  private static final double MOST = 60;

  /** Parts that agree less say nothing. */
  private static final double LEAST = 0.25;

  /** The weight of a part that agrees fully, in points of a code. */
  private static final double WEIGHT = 3;

  private final GreyPicture lines;
  private final int width;
  private final double[] darkness;

  /** Sums of the darkness and of its squares, from which those of any part follow at once. */
  private final double[][] sums;

  private final double[][] squares;

  private Registration(GreyPicture lines, GreyPicture flat) {
    this.lines = lines;
    this.width = lines.width();
    this.darkness = darkness(flat);
    this.sums = sums(dark -> dark);
    this.squares = sums(dark -> dark * dark);
  }

  /** Where the parts of a sheet lie that was laid flat at {@link #DOTS}. */
  static List<Shift> of(EmptySheet template, GreyPicture flat) {
    Registration registration = new Registration(template.drawn(), flat);
    List<Shift> shifts = new ArrayList<>();
    for (Patch patch : template.patches()) {
      registration.shift(patch, shifts);
    }
    return shifts;
  }

  /** How much darker than the paper about it each dot is. */
  private static double[] darkness(GreyPicture flat) {
    PaperLight paper = new PaperLight(flat, (int) (6 * DOTS));
    double[] darkness = new double[flat.grey().length];
    for (int y = 0; y < flat.height(); y++) {
      double[] light = paper.row(y);
      for (int x = 0; x < flat.width(); x++) {
        int at = y * flat.width() + x;
        double share = (flat.grey()[at] & 0xFF) / Math.max(40, light[x]);
        darkness[at] = Math.min(MOST, Math.max(0, 255 * (1 - share)));
      }
    }
    return darkness;
  }

  private void shift(Patch patch, List<Shift> shifts) {
    Part part = part(patch);
    double[][] agreed = new double[2 * REACH + 1][2 * REACH + 1];
    int bestX = 0;
    int bestY = 0;
    for (int y = -REACH; y <= REACH; y++) {
      for (int x = -REACH; x <= REACH; x++) {
        agreed[y + REACH][x + REACH] = agreement(part, x, y);
        if (agreed[y + REACH][x + REACH] > agreed[bestY + REACH][bestX + REACH]) {
          bestX = x;
          bestY = y;
        }
      }
    }
    double best = agreed[bestY + REACH][bestX + REACH];
    boolean isInside = Math.abs(bestX) < REACH && Math.abs(bestY) < REACH;
    if (best >= LEAST && isInside) {
      double[] row = agreed[bestY + REACH];
      double x = bestX + peak(row[bestX + REACH - 1], best, row[bestX + REACH + 1]);
      double above = agreed[bestY + REACH - 1][bestX + REACH];
      double y = bestY + peak(above, best, agreed[bestY + REACH + 1][bestX + REACH]);
      shifts.add(new Shift(patch.middle(), x / DOTS, y / DOTS, WEIGHT * best));
    }
  }

  /** Where the parabola through three values at −1, 0 and 1 is highest. */
  private static double peak(double before, double at, double after) {
    double bend = before - 2 * at + after;
    return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, 0.5 * (before - after) / bend));
  }

  /**
   * A part of the sheet by the dots of its lines: most of it is paper.
   *
   * @param dots where they stand in the picture, row by row
   * @param dark how dark each is
   * @param sum of all of that
   * @param squares the sum of its squares
   */
  private record Part(
      int left,
      int top,
      int right,
      int bottom,
      int[] dots,
      double[] dark,
      double sum,
      double squares) {
    int size() {
      return (right - left) * (bottom - top);
    }
  }

  private Part part(Patch patch) {
    int left = Math.max(0, (int) Math.round(patch.left() * DOTS));
    int top = Math.max(0, (int) Math.round(patch.top() * DOTS));
    int right = Math.min(width, (int) Math.round(patch.right() * DOTS));
    int bottom = Math.min(lines.height(), (int) Math.round(patch.bottom() * DOTS));
    int[] dots =
        IntStream.range(top, Math.max(top, bottom))
            .flatMap(row -> IntStream.range(row * width + left, row * width + right))
            .filter(dot -> lines.grey()[dot] != 0)
            .toArray();
    double[] dark = Arrays.stream(dots).mapToDouble(dot -> lines.grey()[dot] & 0xFF).toArray();
    double sum = Arrays.stream(dark).sum();
    double squared = Arrays.stream(dark).map(each -> each * each).sum();
    return new Part(left, top, right, bottom, dots, dark, sum, squared);
  }

  /**
   * How well the lines agree with the picture so many dots aside: 1 for wholly, 0 for not at all,
   * or where they are not in the picture any more.
   */
  private double agreement(Part part, int x, int y) {
    int left = part.left() + x;
    int top = part.top() + y;
    int right = part.right() + x;
    int bottom = part.bottom() + y;
    if (left < 0 || top < 0 || right > width || bottom > lines.height() || part.size() <= 0) {
      return 0;
    }
    int aside = y * width + x;
    double products = 0;
    for (int dot = 0; dot < part.dots().length; dot++) {
      products += part.dark()[dot] * darkness[part.dots()[dot] + aside];
    }
    double darkSum = sum(sums, left, top, right, bottom);
    double darkSquares = sum(squares, left, top, right, bottom);
    double lineSum = part.sum();
    double spread =
        (part.squares() - lineSum * lineSum / part.size())
            * (darkSquares - darkSum * darkSum / part.size());
    return spread <= 0 ? 0 : (products - lineSum * darkSum / part.size()) / Math.sqrt(spread);
  }

  /** For each dot the sum of all values above it and to its left. */
  private double[][] sums(DoubleUnaryOperator of) {
    double[][] sums = new double[lines.height() + 1][width + 1];
    for (int y = 0; y < lines.height(); y++) {
      double row = 0;
      for (int x = 0; x < width; x++) {
        row += of.applyAsDouble(darkness[y * width + x]);
        sums[y + 1][x + 1] = sums[y][x + 1] + row;
      }
    }
    return sums;
  }

  private static double sum(double[][] sums, int left, int top, int right, int bottom) {
    return sums[bottom][right] - sums[top][right] - sums[bottom][left] + sums[top][left];
  }
}
