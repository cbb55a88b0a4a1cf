package bemble.app.reader;

import bemble.app.scan.standin.WritingHand;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.Random;

/** One writer, with the figures of a font that was drawn after somebody's handwriting. */
public final class FontHand implements WritingHand {
  private static final FontRenderContext PLAIN = new FontRenderContext(null, true, true);

  private final Font font;
  private final Random random;
  private final double size;
  private final double slant;
  private final int grey;

  public FontHand(Font font, long seed) {
    this.font = font;
    random = new Random(seed);
    size = 0.5 + 0.25 * random.nextDouble();
    slant = 0.15 * random.nextGaussian();
    grey = 20 + random.nextInt(90);
  }

  @Override
  public void write(Graphics2D sheet, char figure, double left, double top, double side) {
    Shape outline = font.createGlyphVector(PLAIN, String.valueOf(figure)).getOutline();
    Rectangle2D box = outline.getBounds2D();
    double scale = side * size * (1 + 0.06 * random.nextGaussian()) / high();
    AffineTransform place =
        AffineTransform.getTranslateInstance(
            left + side / 2 + side * 0.05 * random.nextGaussian(),
            top + side / 2 + side * 0.05 * random.nextGaussian());
    place.rotate(0.05 * random.nextGaussian());
    place.shear(slant + 0.04 * random.nextGaussian(), 0);
    place.scale(scale * (1 + 0.06 * random.nextGaussian()), scale);
    place.translate(-box.getCenterX(), -box.getCenterY());
    sheet.setColor(new Color(grey, grey, grey));
    sheet.fill(place.createTransformedShape(outline));
  }

  /** The height of its figures, so that they keep their sizes to one another. */
  private double high() {
    return font.createGlyphVector(PLAIN, "0123456789").getOutline().getBounds2D().getHeight();
  }

  @Override
  public int grey() {
    return grey;
  }
}
