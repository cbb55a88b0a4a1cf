package bemble.app.scan.standin;

import bemble.app.scan.sight.GreyPicture;
import java.util.Random;

/**
 * The wear of a sheet before it is seen: a fold, print on its back, a thumb that holds it. Some
 * sheets have none of these.
 */
public final class Wear {
  private static final double FOLDED = 0.35;
  private static final double SHOWS_THROUGH = 0.4;
  private static final double HELD = 0.3;

  /** The greys of a thumb, which is no darker than a pen. */
  private static final int THUMB = 120;

  private final GreyPicture sheet;
  private final Random random;

  /** Dots a millimetre. */
  private final double dots;

  private Wear(GreyPicture sheet, double dots, Random random) {
    this.sheet = sheet;
    this.dots = dots;
    this.random = random;
  }

  /**
   * A sheet that was carried about, and is held where it is photographed.
   *
   * @param dots a millimetre of it takes
   */
  public static GreyPicture worn(GreyPicture sheet, double dots, boolean isHeld, Random random) {
    Wear wear =
        new Wear(
            new GreyPicture(sheet.width(), sheet.height(), sheet.grey().clone()), dots, random);
    if (random.nextDouble() < SHOWS_THROUGH) {
      wear.showThrough(sheet, 0.03 + 0.07 * random.nextDouble());
    }
    if (random.nextDouble() < FOLDED) {
      wear.fold(random.nextBoolean());
    }
    if (isHeld && random.nextDouble() < HELD) {
      wear.hold();
    }
    return wear.sheet;
  }

  /** The back is printed alike and seen the wrong way round. */
  private void showThrough(GreyPicture front, double share) {
    for (int y = 0; y < sheet.height(); y++) {
      for (int x = 0; x < sheet.width(); x++) {
        darken(x, y, share * (255 - front.at(sheet.width() - 1 - x, y + (int) (3 * dots))));
      }
    }
  }

  /** Light falls differently behind a fold, and its edge is a little dark. */
  private void fold(boolean isUpright) {
    int length = isUpright ? sheet.width() : sheet.height();
    int at = (int) (length * (0.45 + 0.1 * random.nextDouble()));
    double darker = 14 * random.nextDouble();
    double edge = 10 + 20 * random.nextDouble();
    for (int y = 0; y < sheet.height(); y++) {
      for (int x = 0; x < sheet.width(); x++) {
        int behind = (isUpright ? x : y) - at;
        double near = Math.max(0, 1 - Math.abs(behind) / (0.4 * dots));
        darken(x, y, (behind > 0 ? darker : 0) + edge * near);
      }
    }
  }

  /** Over the margin, and sometimes over a mark in it. */
  private void hold() {
    boolean isLeft = random.nextBoolean();
    double right = isLeft ? 0 : sheet.width();
    double down = sheet.height() * (0.25 + 0.7 * random.nextDouble());
    double deep = (6 + 8 * random.nextDouble()) * dots;
    double wide = 9 * dots;
    for (int y = 0; y < sheet.height(); y++) {
      for (int x = 0; x < sheet.width(); x++) {
        double far = Math.hypot((x - right) / deep, (y - down) / wide);
        if (far < 1) {
          sheet.grey()[y * sheet.width() + x] = (byte) THUMB;
        }
      }
    }
  }

  private void darken(int x, int y, double by) {
    int at = y * sheet.width() + x;
    sheet.grey()[at] = (byte) Math.max(0, (sheet.grey()[at] & 0xFF) - by);
  }
}
