package bemble.app.scan;

import bemble.app.slate.JudgedPageView;
import bemble.ink.RowReading.Granted;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of filled sheets. */
final class ScanJson {
  private ScanJson() {}

  /** The number of a pile that is being read. */
  record ScanNumber(long scan) {}

  /** Whether pages are still to be read. */
  enum ScanState {
    READING,
    READ,
    /** Bemble was stopped while it read; the pages read so far stay. */
    STOPPED
  }

  /**
   * A pile of filled sheets.
   *
   * @param expected how many pages its files have
   * @param writers those who have the handout, with the numbers that they write on their sheets
   * @param lookedThrough the figures that a teacher has looked at side by side
   */
  record ScanView(
      long id,
      long handout,
      ScanState state,
      int expected,
      List<ScanPageView> pages,
      List<WriterView> writers,
      List<Integer> lookedThrough) {}

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
   * @param text the settled text, as it is typed in the grid; left out while it is to be settled
   * @param state the reading of its ink
   * @param read as it is typed, as far as it could be read
   * @param why it is asked, as words
   * @param unread how many squares of its working could not be read; left out where no working was
   */
  record ScanAnswerView(
      int sum,
      @Nullable String text,
      Granted state,
      @Nullable String read,
      @Nullable String why,
      @Nullable Long unread) {}

  /**
   * The working of an answer as far as it is read, judged, and the part of the paper in its
   * picture.
   */
  record ReadWorking(JudgedPageView page, int firstRow, int firstColumn, int rows, int columns) {}

  /**
   * The figure that a teacher sees in a square of a working.
   *
   * @param figure left out where nobody can read it
   * @param blank whether nothing stands there
   */
  record SettledSquare(
      int row,
      int column,
      @Min(value = 0, message = "{valid.figure}") @Max(value = 9, message = "{valid.figure}")
          @Nullable Integer figure,
      @Nullable Boolean blank) {}

  /**
   * A figure that was taken for sure. All lengths are squares of the cut-out of its answer.
   *
   * @param left from the edge of the cut-out to its square
   * @param top the same downwards
   * @param across the whole cut-out
   * @param down the same downwards
   */
  record WallFigure(long page, int sum, double left, double top, double across, double down) {}

  /**
   * An answer as a teacher read it.
   *
   * @param text as it is typed in the grid; left out to settle it anew
   */
  record SettledAnswer(
      long page, int sum, @Size(max = 80, message = "{valid.given}") @Nullable String text) {}

  /**
   * Where an answer stands on its sheet, as shares of the sheet's picture.
   *
   * @param sum its number in the handout, from 0
   */
  record PlacedAnswer(int sum, double left, double top, double right, double bottom) {}

  /** The things that a frame of a camera can show. */
  enum FrameSeen {
    NOTHING,
    /** A sheet of another handout or another Bemble. */
    OTHER,
    /** A sheet of which not enough is seen. */
    PART,
    WHOLE
  }

  /**
   * A frame of a camera.
   *
   * @param code the text of its sheet's code
   * @param number of the pupil in the class, from 1; left out for a sheet that is nobody's yet
   * @param x where the code lies, as a share of the frame's width
   * @param y the same of its height
   */
  record FrameView(
      FrameSeen seen, @Nullable String code, @Nullable Integer number, double x, double y) {}

  /** A sheet of a pupil whose answers are taken; its picture is kept until the end of a day. */
  record KeptSheet(long page, long pupil, LocalDate until) {}

  /** Whose a page is. */
  record WriterRequest(@NotNull(message = "{valid.pupil}") Long pupil) {}
}
