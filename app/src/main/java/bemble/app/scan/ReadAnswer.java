package bemble.app.scan;

import bemble.app.export.SheetTable.ReadSquare;
import bemble.ink.RowReading.Granted;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An answer as its ink was read.
 *
 * @param text as it is typed in the grid; for one that is asked, the likeliest text, if any
 * @param why it is asked
 * @param sure the figures that were taken for sure, where it is not asked
 */
record ReadAnswer(
    Granted granted, @Nullable String text, @Nullable AskedWhy why, List<SureFigure> sure) {
  /** A figure and its square. */
  record SureFigure(int figure, ReadSquare square) {}

  /** The same answer, now to be asked. */
  ReadAnswer asked(AskedWhy why) {
    return asked(text, why);
  }

  static ReadAnswer asked(@Nullable String text, AskedWhy why) {
    return new ReadAnswer(Granted.ASK, text, why, List.of());
  }
}
