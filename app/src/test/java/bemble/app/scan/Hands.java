package bemble.app.scan;

import bemble.app.reader.FigureSet;
import bemble.app.reader.FontHand;
import bemble.app.scan.standin.StandInHand;
import bemble.app.scan.standin.WritingHand;
import java.awt.Font;
import java.util.List;
import java.util.Random;

/**
 * Those whose writing is read in an exam, in turn: of three families that nothing was learnt from.
 */
final class Hands {
  /** The grey from which a pen is pale: about half of the pens, which are from 20 to 110. */
  private static final int PALE = 65;

  private final FigureSet set;
  private final List<Font> fonts;

  /** How a sheet was written. */
  record Writer(String family, WritingHand hand) {
    /** The family, and how dark the pen is. */
    String told() {
      return family + (hand.grey() < PALE ? ", dark pen" : ", pale pen");
    }
  }

  Hands(FigureSet set, List<Font> fonts) {
    this.set = set;
    this.fonts = fonts;
  }

  Writer writer(int page, Random random) {
    return switch (page % 3) {
      case 0 -> new Writer("strokes", new StandInHand(random.nextInt(1 << 20)));
      case 1 -> new Writer("set", new SetHand(set, random.nextLong()));
      default -> {
        Font font = fonts.get(random.nextInt(fonts.size()));
        yield new Writer("font", new FontHand(font, random.nextLong()));
      }
    };
  }
}
