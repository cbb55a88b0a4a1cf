package bemble.app.scan.sight;

import java.util.Arrays;

/** How light the paper itself is in each part of a picture, whatever is written on it. */
final class Paper {
  private final int part;
  private final int columns;
  private final int rows;
  private final double[] light;

  /**
   * The paper of a picture.
   *
   * @param part the side of a part, in dots: wider than any stroke
   */
  Paper(GreyPicture picture, int part) {
    this.part = part;
    columns = (picture.width() + part - 1) / part;
    rows = (picture.height() + part - 1) / part;
    double[] own = new double[columns * rows];
    int[] dots = new int[part * part];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        int count = 0;
        for (int y = row * part; y < Math.min(picture.height(), row * part + part); y++) {
          for (int x = column * part; x < Math.min(picture.width(), column * part + part); x++) {
            dots[count++] = picture.at(x, y);
          }
        }
        Arrays.sort(dots, 0, count);
        own[row * columns + column] = dots[count * 4 / 5];
      }
    }
    light = smooth(own);
  }

  private double[] smooth(double[] own) {
    double[] smooth = new double[own.length];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double sum = 0;
        int count = 0;
        for (int y = Math.max(0, row - 1); y <= Math.min(rows - 1, row + 1); y++) {
          for (int x = Math.max(0, column - 1); x <= Math.min(columns - 1, column + 1); x++) {
            sum += own[y * columns + x];
            count++;
          }
        }
        smooth[row * columns + column] = sum / count;
      }
    }
    return smooth;
  }

  /** The light at a dot, between the middles of the parts. */
  double at(int x, int y) {
    double across = Math.max(0, Math.min(columns - 1.0, (x + 0.5) / part - 0.5));
    double down = Math.max(0, Math.min(rows - 1.0, (y + 0.5) / part - 0.5));
    int column = Math.min((int) across, Math.max(0, columns - 2));
    int row = Math.min((int) down, Math.max(0, rows - 2));
    double right = across - column;
    double below = down - row;
    int nextColumn = Math.min(columns - 1, column + 1);
    int nextRow = Math.min(rows - 1, row + 1);
    return (light[row * columns + column] * (1 - right) + light[row * columns + nextColumn] * right)
            * (1 - below)
        + (light[nextRow * columns + column] * (1 - right)
                + light[nextRow * columns + nextColumn] * right)
            * below;
  }
}
