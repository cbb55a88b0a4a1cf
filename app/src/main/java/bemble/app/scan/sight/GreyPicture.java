package bemble.app.scan.sight;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/**
 * A picture in greys, row by row from the upper left.
 *
 * @param grey 0 for black to 255 for white, unsigned
 */
public record GreyPicture(int width, int height, byte[] grey) {
  /** Places are counted in so many parts of a dot: whole numbers are faster than fractions. */
  private static final int FIXED = 1 << 16;

  /**
   * A picture may be narrower and lower than so many dots, or its places do not fit into an int.
   */
  private static final int FIXED_WIDEST = 1 << 15;

  private static final int SHARES = 1 << 8;

  /** The greys of any picture; transparent dots become white. */
  public static GreyPicture of(BufferedImage image) {
    BufferedImage grey = image;
    if (image.getType() != BufferedImage.TYPE_BYTE_GRAY) {
      grey = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
      Graphics2D pen = grey.createGraphics();
      pen.setColor(Color.WHITE);
      pen.fillRect(0, 0, image.getWidth(), image.getHeight());
      pen.drawImage(image, 0, 0, null);
      pen.dispose();
    }
    byte[] dots = ((DataBufferByte) grey.getRaster().getDataBuffer()).getData();
    return new GreyPicture(grey.getWidth(), grey.getHeight(), dots);
  }

  /** The same to draw on, with dots of its own. */
  public BufferedImage image() {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
    byte[] dots = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    System.arraycopy(grey, 0, dots, 0, dots.length);
    return image;
  }

  /** The dot of a column and a row; the nearest one outside the picture. */
  public int at(int x, int y) {
    int column = Math.max(0, Math.min(width - 1, x));
    int row = Math.max(0, Math.min(height - 1, y));
    return grey[row * width + column] & 0xFF;
  }

  /** The grey between dots; the middle of the first one is at 0.5, 0.5. */
  public double between(double x, double y) {
    double across = x - 0.5;
    double along = y - 0.5;
    if (across < 0 || along < 0 || across >= width - 1 || along >= height - 1) {
      return atEdge(across, along);
    }
    int column = (int) across;
    int row = (int) along;
    int from = row * width + column;
    double right = across - column;
    double down = along - row;
    double above = (grey[from] & 0xFF) * (1 - right) + (grey[from + 1] & 0xFF) * right;
    int next = from + width;
    double below = (grey[next] & 0xFF) * (1 - right) + (grey[next + 1] & 0xFF) * right;
    return above * (1 - down) + below * down;
  }

  /**
   * The greys of dots in a straight line, rounded.
   *
   * @param from the middle of the first dot
   * @param right how far each is from the one before, and {@code down} likewise
   * @param to takes so many greys, beginning at a place
   */
  void line(Dot from, double right, double down, byte[] to, int place, int many) {
    Dot last = from.plus(right * (many - 1), down * (many - 1));
    boolean isSmall = width < FIXED_WIDEST && height < FIXED_WIDEST;
    if (!isSmall || !isInside(from) || !isInside(last)) {
      for (int i = 0; i < many; i++) {
        to[place + i] = (byte) (between(from.x() + i * right, from.y() + i * down) + 0.5);
      }
      return;
    }
    int across = (int) ((from.x() - 0.5) * FIXED);
    int along = (int) ((from.y() - 0.5) * FIXED);
    int stepRight = (int) Math.round(right * FIXED);
    int stepDown = (int) Math.round(down * FIXED);
    for (int i = 0; i < many; i++) {
      to[place + i] = (byte) between(across + i * stepRight, along + i * stepDown);
    }
  }

  private boolean isInside(Dot dot) {
    return dot.x() >= 1 && dot.y() >= 1 && dot.x() < width - 1 && dot.y() < height - 1;
  }

  /** The grey between dots, whose places are given in parts of {@link #FIXED} to a dot. */
  private int between(int across, int along) {
    int from = (along / FIXED) * width + across / FIXED;
    int right = across % FIXED / (FIXED / SHARES);
    int down = along % FIXED / (FIXED / SHARES);
    int above = (grey[from] & 0xFF) * (SHARES - right) + (grey[from + 1] & 0xFF) * right;
    int next = from + width;
    int below = (grey[next] & 0xFF) * (SHARES - right) + (grey[next + 1] & 0xFF) * right;
    return (above * (SHARES - down) + below * down + SHARES * SHARES / 2) / (SHARES * SHARES);
  }

  private double atEdge(double across, double along) {
    int column = (int) Math.floor(across);
    int row = (int) Math.floor(along);
    double right = across - column;
    double down = along - row;
    double above = at(column, row) * (1 - right) + at(column + 1, row) * right;
    double below = at(column, row + 1) * (1 - right) + at(column + 1, row + 1) * right;
    return above * (1 - down) + below * down;
  }

  /** The same with one dot for each square of so many. */
  public GreyPicture shrunk(int by) {
    if (by <= 1) {
      return this;
    }
    int columns = width / by;
    int rows = height / by;
    byte[] dots = new byte[columns * rows];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        int sum = 0;
        for (int y = row * by; y < row * by + by; y++) {
          for (int x = column * by; x < column * by + by; x++) {
            sum += grey[y * width + x] & 0xFF;
          }
        }
        dots[row * columns + column] = (byte) (sum / (by * by));
      }
    }
    return new GreyPicture(columns, rows, dots);
  }

  /** The same with two dots for one, both ways. */
  public GreyPicture enlarged() {
    byte[] dots = new byte[width * height * 4];
    for (int row = 0; row < 2 * height; row++) {
      for (int column = 0; column < 2 * width; column++) {
        double grey = between((column + 0.5) / 2, (row + 0.5) / 2);
        dots[row * 2 * width + column] = (byte) Math.round(grey);
      }
    }
    return new GreyPicture(2 * width, 2 * height, dots);
  }

  /** A part of the picture, cut off at its edges. */
  public GreyPicture part(int left, int top, int right, int bottom) {
    int from = Math.max(0, left);
    int upper = Math.max(0, top);
    int columns = Math.max(1, Math.min(width, right) - from);
    int rows = Math.max(1, Math.min(height, bottom) - upper);
    byte[] dots = new byte[columns * rows];
    for (int row = 0; row < rows; row++) {
      int place = Math.min(height - 1, upper + row) * width + Math.min(width - 1, from);
      System.arraycopy(grey, place, dots, row * columns, columns);
    }
    return new GreyPicture(columns, rows, dots);
  }
}
