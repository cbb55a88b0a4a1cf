package bemble.app.scan.sight;

/** How light the paper itself is in each part of a picture, whatever is written on it. */
final class PaperLight {
  /** Dots in a row between which the light goes straight on. */
  private static final int RUN = 8;

  private final int width;
  private final int part;
  private final int columns;
  private final int rows;
  private final double[] light;

  /**
   * The paper of a picture.
   *
   * @param part the side of a part, in dots: wider than any stroke
   */
  PaperLight(GreyPicture picture, int part) {
    width = picture.width();
    this.part = part;
    columns = (picture.width() + part - 1) / part;
    rows = (picture.height() + part - 1) / part;
    double[] own = new double[columns * rows];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        own[row * columns + column] = own(picture, column * part, row * part);
      }
    }
    light = smooth(own);
  }

  /** The shade of the paper in a part: a fifth of its dots are lighter. */
  private int own(GreyPicture picture, int left, int top) {
    int right = Math.min(picture.width(), left + part);
    int bottom = Math.min(picture.height(), top + part);
    int[] dots = new int[256];
    byte[] of = picture.grey();
    for (int y = top; y < bottom; y++) {
      int row = y * picture.width();
      for (int at = row + left; at < row + right; at++) {
        dots[of[at] & 0xFF]++;
      }
    }
    int darker = (right - left) * (bottom - top) * 4 / 5;
    int grey = 0;
    while ((darker -= dots[grey]) >= 0) {
      grey++;
    }
    return grey;
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

  /** The light at each dot of a row. */
  double[] row(int y) {
    double[] row = new double[width];
    double here = at(0, y);
    for (int left = 0; left < width; left += RUN) {
      double next = at(left + RUN, y);
      for (int x = left; x < Math.min(width, left + RUN); x++) {
        row[x] = here + (x - left) * (next - here) / RUN;
      }
      here = next;
    }
    return row;
  }

  /** The light at a dot, between the middles of the parts. */
  private double at(int x, int y) {
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
