package bemble.app.export;

import bemble.app.export.PdfBook.Frame;
import bemble.app.export.PdfBook.Shown;
import bemble.app.working.WorkingWords;
import bemble.method.Sum;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Puts many sums on paper at once. */
@Service
public class SetSheets {
  private static final PdfRequest.Tiling FOUR = new PdfRequest.Tiling(2, 2);

  /** Every sum worked, four to a sheet. */
  public byte[] workedOut(List<Sum> sums, PdfRequest.Size size) {
    List<Frame> frames = new ArrayList<>();
    for (Sum sum : sums) {
      Working working = sum.work();
      List<Step> steps = working.steps();
      WorkingWords words = WorkingWords.of(sum.style());
      String heading = frames.size() + 1 + ".  " + words.problem(sum.problem());
      String last = words.wording().say(steps.get(steps.size() - 1).remark());
      frames.add(new Frame(heading, List.of(Shown.at(working, steps.size() - 1)), last));
    }
    try (PdfBook book = new PdfBook(size)) {
      book.strip(frames, FOUR);
      return book.bytes();
    }
  }

  /** Lines of words. */
  public byte[] lines(String heading, List<String> lines, PdfRequest.Size size, int columns) {
    try (PdfBook book = new PdfBook(size)) {
      book.lines(heading, lines, columns);
      return book.bytes();
    }
  }

  /** Lines below a heading, on a page of their own. */
  public record Letter(String heading, List<String> lines) {}

  /** Some letters, each beginning a page. */
  public byte[] letters(List<Letter> letters, PdfRequest.Size size) {
    try (PdfBook book = new PdfBook(size)) {
      letters.forEach(letter -> book.lines(letter.heading(), letter.lines(), 1));
      return book.bytes();
    }
  }

  /** A list to be marked by: a row a pupil, a column a sum, with its right answer above. */
  public byte[] markingList(
      String heading, List<MarkingList.Row> rows, List<String> answers, PdfRequest.Size size) {
    try (PdfBook book = new PdfBook(size)) {
      MarkingList.draw(book, heading, rows, answers);
      return book.bytes();
    }
  }

  /** Small cards, thirty to a sheet, to be cut out. */
  public byte[] cutOuts(List<CutOut> cards, PdfRequest.Size size) {
    try (PdfBook book = new PdfBook(size)) {
      CutOut.draw(book, cards);
      return book.bytes();
    }
  }
}
