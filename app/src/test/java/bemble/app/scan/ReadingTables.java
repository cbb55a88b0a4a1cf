package bemble.app.scan;

import bemble.app.reader.FigureSet;
import bemble.app.reader.HandFonts;
import bemble.app.reader.SquareExam;
import java.awt.Font;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * How well filled sheets are read, on figures and hands that nothing was learnt from and no
 * threshold set on. Run by {@code ./bemble reading}, which takes an hour; each run is a look at the
 * exam and is noted in docs/reading.md.
 */
class ReadingTables {
  private static final int EXAM = 10_000;
  private static final int FIGURES = 20_000;
  private static final int ANSWERS = 10_000;
  private static final long SEED = 7001;

  @Test
  void prints() throws IOException {
    FigureSet set = new FigureSet(Path.of(System.getProperty("figures")), "t10k", 0, EXAM);
    List<Font> fonts = HandFonts.in(Path.of(System.getProperty("fonts")));
    Hands hands = new Hands(set, fonts);
    SquareExam squares = SquareExam.shipped(set, fonts, SEED);
    System.out.println(squares.table(FIGURES, ANSWERS));
    PageExam pages = new PageExam(hands);
    pages.run(Integer.getInteger("pages", 400), SEED);
    System.out.println(pages.table());
    WorkingExam workings = new WorkingExam(hands);
    workings.run(Integer.getInteger("workings", 300), SEED);
    System.out.println(workings.table());
  }
}
