package bemble.app.scan.sight;

import bemble.app.scan.sight.SheetMap.Shift;
import bemble.app.scan.sight.Template.Patch;
import java.util.ArrayList;
import java.util.List;

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

  private Registration(GreyPicture lines, GreyPicture flat) {
    this.lines = lines;
    this.darkness = darkness(flat);
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
        darkness[y][x] = Math.min(MOST, Math.max(0, 255 * (1 - flat.at(x, y) / white)));
      }
    }
    return darkness;
  }

  private void shift(Patch patch, List<Shift> shifts) {
    int left = (int) Math.round(patch.left() * DOTS);
    int top = (int) Math.round(patch.top() * DOTS);
    int right = (int) Math.round(patch.right() * DOTS);
    int bottom = (int) Math.round(patch.bottom() * DOTS);
    double[][] agreed = new double[2 * REACH + 1][2 * REACH + 1];
    int bestX = 0;
    int bestY = 0;
    for (int y = -REACH; y <= REACH; y++) {
      for (int x = -REACH; x <= REACH; x++) {
        agreed[y + REACH][x + REACH] = agreement(left, top, right, bottom, x, y);
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
   * How well the lines agree with the picture so many dots aside: 1 for wholly, 0 for not at all.
   */
  private double agreement(int left, int top, int right, int bottom, int x, int y) {
    double lineSum = 0;
    double darkSum = 0;
    double lineSquares = 0;
    double darkSquares = 0;
    double products = 0;
    int count = 0;
    int fromY = Math.max(top, Math.max(0, -y));
    int toY = Math.min(bottom, Math.min(lines.height(), darkness.length - y));
    int fromX = Math.max(left, Math.max(0, -x));
    int toX = Math.min(right, Math.min(lines.width(), darkness[0].length - x));
    for (int row = fromY; row < toY; row++) {
      double[] darks = darkness[row + y];
      for (int column = fromX; column < toX; column++) {
        double line = lines.at(column, row);
        double dark = darks[column + x];
        lineSum += line;
        darkSum += dark;
        lineSquares += line * line;
        darkSquares += dark * dark;
        products += line * dark;
        count++;
      }
    }
    double spread =
        (lineSquares - lineSum * lineSum / count) * (darkSquares - darkSum * darkSum / count);
    return count == 0 || spread <= 0
        ? 0
        : (products - lineSum * darkSum / count) / Math.sqrt(spread);
  }
}
