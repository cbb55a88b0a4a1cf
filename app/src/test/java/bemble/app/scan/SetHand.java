package bemble.app.scan;

import bemble.app.reader.FigureSet;
import bemble.app.scan.standin.WritingHand;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Random;

/** Writes figures of a set, which many hands have written. */
final class SetHand implements WritingHand {
  /** The height of a figure within its picture. */
  private static final double FIGURE = 20;

  private final FigureSet set;
  private final Random random;
  private final double size;
  private final double wide;
  private final int grey;

  SetHand(FigureSet set, long seed) {
    this.set = set;
    random = new Random(seed);
    size = 0.5 + 0.3 * random.nextDouble();
    wide = 0.8 + 0.3 * random.nextDouble();
    grey = 20 + random.nextInt(90);
  }

  @Override
  public void write(Graphics2D sheet, char figure, double left, double top, double side) {
    BufferedImage ink =
        new BufferedImage(FigureSet.SIDE, FigureSet.SIDE, BufferedImage.TYPE_INT_ARGB);
    byte[] dots = set.any(figure - '0', random);
    for (int i = 0; i < dots.length; i++) {
      int dark = dots[i] & 0xFF;
      ink.setRGB(
          i % FigureSet.SIDE, i / FigureSet.SIDE, dark << 24 | grey << 16 | grey << 8 | grey);
    }
    double scale = side * size * (1 + 0.06 * random.nextGaussian()) / FIGURE;
    double x = left + side / 2 + side * 0.05 * random.nextGaussian();
    double y = top + side / 2 + side * 0.05 * random.nextGaussian();
    AffineTransform place = AffineTransform.getTranslateInstance(x, y);
    place.shear(0.12 * random.nextGaussian(), 0);
    place.scale(scale * wide, scale);
    place.translate(-FigureSet.SIDE / 2.0, -FigureSet.SIDE / 2.0);
    sheet.drawImage(ink, place, null);
  }

  @Override
  public int grey() {
    return grey;
  }
}
