package bemble.app.scan.standin;

import bemble.app.scan.sight.GreyPicture;
import java.util.Random;

/** A camera that is made up: it sees a printed sheet as a real one might. */
public final class Camera {
  private static final double NEWTON = 4;

  private final View view;
  private final double width;
  private final double height;
  private final int columns;
  private final int rows;
  private final double focus;
  private final Turn across;
  private final Turn along;
  private final Turn turn;
  private final Turn curl;

  /** An angle by its sine and cosine, which every dot needs. */
  private record Turn(double sine, double cosine) {
    static Turn by(double angle) {
      return new Turn(Math.sin(angle), Math.cos(angle));
    }
  }

  /**
   * A camera above a sheet.
   *
   * @param width of the sheet, in millimetres
   * @param height of the sheet, in millimetres
   */
  public Camera(View view, double width, double height) {
    this.view = view;
    this.width = width;
    this.height = height;
    across = Turn.by(view.sheet().tiltAcross());
    along = Turn.by(view.sheet().tiltAlong());
    turn = Turn.by(view.lens().turn());
    curl = Turn.by(view.sheet().curlTurn());
    double shape = height / width;
    boolean lies = Math.abs(Math.sin(view.lens().turn())) > Math.sqrt(0.5);
    double longer = Math.sqrt(view.dots().megapixels() * 1e6 * shape);
    rows = (int) (lies ? longer / shape : longer);
    columns = (int) (lies ? longer : longer / shape);
    // Turned by an eighth a sheet needs more room than lying straight.
    double straight =
        Math.max(Math.abs(Math.sin(view.lens().turn())), Math.abs(Math.cos(view.lens().turn())));
    double turned = Math.sqrt(1 - straight * straight);
    double needed = straight + turned / shape * 1.05;
    double wide = straight / shape + turned;
    double room = Math.min(longer / needed, longer / shape / wide);
    focus = view.lens().fill() * room / height * view.lens().distance();
  }

  /** Columns of its picture. */
  public int columns() {
    return columns;
  }

  /** Rows of its picture. */
  public int rows() {
    return rows;
  }

  /** Where it sees a point of the sheet, which is so far from its upper left corner: x, y. */
  public double[] see(double x, double y) {
    double right = x - width / 2;
    double down = y - height / 2;
    double bend = (right * curl.cosine() + down * curl.sine()) / (height / 2);
    double rise = view.sheet().curl() * bend * bend;
    double x1 = right * across.cosine() + rise * across.sine();
    double z1 = rise * across.cosine() - right * across.sine();
    double y2 = down * along.cosine() + z1 * along.sine();
    double z2 = z1 * along.cosine() - down * along.sine();
    double far = view.lens().distance() - z2;
    double u = focus * x1 / far;
    double v = focus * y2 / far;
    double radius = (u * u + v * v) / (columns * (double) columns / 4);
    double bent = 1 + view.lens().bend() * radius;
    return new double[] {
      columns / 2.0 + bent * (u * turn.cosine() - v * turn.sine()),
      rows / 2.0 + bent * (u * turn.sine() + v * turn.cosine())
    };
  }

  /**
   * The picture that it takes.
   *
   * @param sheet the sheet as it is printed and filled in
   */
  public GreyPicture take(GreyPicture sheet, Random random) {
    float[] seen = new float[columns * rows];
    double scale = sheet.width() / width;
    double shadeTurn = random.nextDouble() * 2 * Math.PI;
    double edge = (random.nextDouble() - 0.5) * columns;
    double[] guess = new double[2];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double[] at = column == 0 ? new double[] {guess[0], guess[1]} : guess;
        double[] on = sheetAt(column + 0.5, row + 0.5, at);
        if (column == 0) {
          guess = on.clone();
        }
        boolean isPaper = on[0] >= 0 && on[0] < width && on[1] >= 0 && on[1] < height;
        double tone =
            isPaper
                ? view.light().white() * sheet.between(on[0] * scale, on[1] * scale) / 255
                : view.light().desk() + 8 * Math.sin(column * 0.02) * Math.cos(row * 0.013);
        double side =
            ((column - columns / 2.0) * Math.cos(shadeTurn)
                    + (row - rows / 2.0) * Math.sin(shadeTurn))
                / columns;
        double lit = 1 - view.light().slope() * (0.5 + side * 0.7);
        double soft = 1 / (1 + Math.exp((side * columns - edge) / (columns * 0.01)));
        seen[row * columns + column] = (float) (tone * lit * (1 - view.light().shadow() * soft));
        guess = on;
      }
      guess = sheetAt(0.5, row + 1.5, guess);
    }
    return developed(blurred(seen), random);
  }

  /** The point of the sheet that is seen at a dot, from a guess, by Newton's steps. */
  private double[] sheetAt(double column, double row, double[] guess) {
    double[] at = guess.clone();
    for (int step = 0; step < NEWTON; step++) {
      double[] here = see(at[0], at[1]);
      double x = column - here[0];
      double y = row - here[1];
      if (Math.abs(x) + Math.abs(y) < 0.02) {
        break;
      }
      double[] right = see(at[0] + 0.5, at[1]);
      double[] down = see(at[0], at[1] + 0.5);
      double ax = 2 * (right[0] - here[0]);
      double ay = 2 * (right[1] - here[1]);
      double bx = 2 * (down[0] - here[0]);
      double by = 2 * (down[1] - here[1]);
      double area = ax * by - ay * bx;
      at[0] += (x * by - y * bx) / area;
      at[1] += (ax * y - ay * x) / area;
    }
    return at;
  }

  /** Each dot spread over its neighbours, row by row and then column by column, in place. */
  private float[] blurred(float[] seen) {
    float near = (float) Math.exp(-0.5 / (view.dots().blur() * view.dots().blur()));
    float far = (float) Math.exp(-2 / (view.dots().blur() * view.dots().blur()));
    float all = 1 + 2 * near + 2 * far;
    float[] once = new float[seen.length];
    for (int row = 0; row < rows; row++) {
      int at = row * columns;
      for (int column = 0; column < columns; column++) {
        float beside = seen[at + near(column, -1, columns)] + seen[at + near(column, 1, columns)];
        float apart = seen[at + near(column, -2, columns)] + seen[at + near(column, 2, columns)];
        once[at + column] = (seen[at + column] + near * beside + far * apart) / all;
      }
    }
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        float beside =
            once[near(row, -1, rows) * columns + column]
                + once[near(row, 1, rows) * columns + column];
        float apart =
            once[near(row, -2, rows) * columns + column]
                + once[near(row, 2, rows) * columns + column];
        seen[row * columns + column] =
            (once[row * columns + column] + near * beside + far * apart) / all;
      }
    }
    return seen;
  }

  private static int near(int at, int by, int end) {
    return Math.max(0, Math.min(end - 1, at + by));
  }

  private GreyPicture developed(float[] seen, Random random) {
    byte[] grey = new byte[seen.length];
    for (int i = 0; i < seen.length; i++) {
      double noisy = seen[i] + view.dots().noise() * random.nextGaussian();
      grey[i] = (byte) Math.max(0, Math.min(255, Math.round(noisy)));
    }
    return new GreyPicture(columns, rows, grey);
  }
}
