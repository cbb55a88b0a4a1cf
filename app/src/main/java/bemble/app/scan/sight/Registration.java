package bemble.app.scan.sight;

import bemble.app.scan.sight.SheetMap.Shift;
import bemble.app.scan.sight.Template.Patch;
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

  /** So far a part is moved, in dots. */
  private static final int REACH = 9;

  /** Ink is darker than print: no dot counts for more than so much. */
  private static final double MOST = 60;

  /** Parts that agree less say nothing. */
  private static final double LEAST = 0.25;

  /** What a part that agrees wholly weighs against a point of a code. */
  private static final double WEIGHT = 3;

  private final GreyPicture lines;
  private final double[][] darkness;

  /** Of the darkness and of its squares, so that those of any part are known at once. */
  private final double[][] sums;

  private final double[][] squares;

  private Registration(GreyPicture lines, GreyPicture flat) {
    this.lines = lines;
    this.darkness = darkness(flat);
    this.sums = sums(darkness, dark -> dark);
    this.squares = sums(darkness, dark -> dark * dark);
  }

  /** Where the parts of a sheet lie that was laid flat at {@link #DOTS}. */
  static List<Shift> of(Template template, GreyPicture flat) {
    Registration registration = new Registration(template.drawn(), flat);
    List<Shift> shifts = new ArrayList<>();
    for (Patch patch : template.patches()) {
      registration.shift(patch, shifts);
    }
    return shifts;
  }

  /** How much darker than the paper about it each dot is. */
  private static double[][] darkness(GreyPicture flat) {
    Paper paper = new Paper(flat, (int) (6 * DOTS));
    double[][] darkness = new double[flat.height()][flat.width()];
    for (int y = 0; y < flat.height(); y++) {
      for (int x = 0; x < flat.width(); x++) {
        double white = Math.max(40, paper.at(x, y));
        darkness[y][x] =
            Math.min(
                MOST, Math.max(0, 255 * (1 - (flat.grey()[y * flat.width() + x] & 0xFF) / white)));
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

  /** A part of the sheet by the dots of its lines: most of it is paper. */
  private record Part(int left, int top, int right, int bottom, int[] columns, int[] rows) {}

  private Part part(Patch patch) {
    int left = Math.max(0, (int) Math.round(patch.left() * DOTS));
    int top = Math.max(0, (int) Math.round(patch.top() * DOTS));
    int right = Math.min(lines.width(), (int) Math.round(patch.right() * DOTS));
    int bottom = Math.min(lines.height(), (int) Math.round(patch.bottom() * DOTS));
    int[] dots =
        IntStream.range(0, Math.max(0, (right - left) * (bottom - top)))
            .filter(dot -> lines.at(left + dot % (right - left), top + dot / (right - left)) > 0)
            .toArray();
    return new Part(
        left,
        top,
        right,
        bottom,
        Arrays.stream(dots).map(dot -> left + dot % (right - left)).toArray(),
        Arrays.stream(dots).map(dot -> top + dot / (right - left)).toArray());
  }

  /**
   * How well the lines agree with the picture so many dots aside: 1 for wholly, 0 for not at all.
   */
  private double agreement(Part part, int x, int y) {
    int fromY = Math.max(part.top(), -y);
    int toY = Math.min(part.bottom(), darkness.length - y);
    int fromX = Math.max(part.left(), -x);
    int toX = Math.min(part.right(), darkness[0].length - x);
    if (fromY >= toY || fromX >= toX) {
      return 0;
    }
    double lineSum = 0;
    double lineSquares = 0;
    double products = 0;
    for (int dot = 0; dot < part.columns().length; dot++) {
      int column = part.columns()[dot];
      int row = part.rows()[dot];
      if (row >= fromY && row < toY && column >= fromX && column < toX) {
        double line = lines.grey()[row * lines.width() + column] & 0xFF;
        lineSum += line;
        lineSquares += line * line;
        products += line * darkness[row + y][column + x];
      }
    }
    int count = (toY - fromY) * (toX - fromX);
    double darkSum = sum(sums, fromX + x, fromY + y, toX + x, toY + y);
    double darkSquares = sum(squares, fromX + x, fromY + y, toX + x, toY + y);
    double spread =
        (lineSquares - lineSum * lineSum / count) * (darkSquares - darkSum * darkSum / count);
    return spread <= 0 ? 0 : (products - lineSum * darkSum / count) / Math.sqrt(spread);
  }

  /** For each dot the sum of all values above it and to its left. */
  private static double[][] sums(double[][] values, DoubleUnaryOperator of) {
    double[][] sums = new double[values.length + 1][values[0].length + 1];
    for (int y = 0; y < values.length; y++) {
      double row = 0;
      for (int x = 0; x < values[0].length; x++) {
        row += of.applyAsDouble(values[y][x]);
        sums[y + 1][x + 1] = sums[y][x + 1] + row;
      }
    }
    return sums;
  }

  private static double sum(double[][] sums, int left, int top, int right, int bottom) {
    return sums[bottom][right] - sums[top][right] - sums[bottom][left] + sums[top][left];
  }
}
