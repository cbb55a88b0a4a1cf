package bemble.app.scan;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is said of filled sheets on HTTP. */
final class ScanJson {
  private ScanJson() {}

  /** The number of a pile that is being read. */
  record ScanNumber(long scan) {}

  /** Whether pages are still to be read. */
  enum ScanState {
    READING,
    READ,
    /** Bemble was stopped while it read; what was read stays. */
    STOPPED
  }

  /**
   * A pile of filled sheets.
   *
   * @param expected how many pages its files have
   * @param writers those who have the handout, with the numbers that they write on their sheets
   */
  record ScanView(
      long id,
      long handout,
      ScanState state,
      int expected,
      List<ScanPageView> pages,
      List<WriterView> writers) {}

  /**
   * A pupil who may have written on a sheet.
   *
   * @param number in the class, from 1
   */
  record WriterView(long pupil, int number, String name) {}

  /**
   * A page of a pile.
   *
   * @param file the name of its file
   * @param number of the page in its file, from 1
   * @param problem why it cannot be used, as a sentence
   * @param pupil whose it is; left out where nobody has said so yet
   */
  record ScanPageView(
      long id,
      String file,
      int number,
      @Nullable String problem,
      @Nullable Long pupil,
      List<ScanAnswerView> answers) {}

  /**
   * An answer on a page.
   *
   * @param sum its number in the handout, from 0
   * @param text what was settled, as it is typed in the grid; left out while it is to be settled
   */
  record ScanAnswerView(int sum, @Nullable String text) {}

  /**
   * An answer as somebody read it.
   *
   * @param text as it is typed in the grid; left out to settle it anew
   */
  record SettledAnswer(
      long page, int sum, @Size(max = 80, message = "{valid.given}") @Nullable String text) {}

  /** Whose a page is. */
  record WriterRequest(@NotNull(message = "{valid.pupil}") Long pupil) {}
}
