package bemble.app.export;

import bemble.app.export.SheetTable.Part;
import bemble.app.export.SheetTable.ReadSquare;
import bemble.method.AnswerSquares;
import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The squares of an exercise that are to be read: where its page has the answer, or side by side in
 * a row. There is one more than any answer to numbers of these lengths needs, where there is room.
 */
final class AnswerStrip {
  /** The square between a quotient and its remainder, for the letter that is printed there. */
  private static final int LETTER = 1;

  private AnswerStrip() {}

  /** The squares on the page of the sum. */
  static List<ReadSquare> onPage(Working working, Sum sum) {
    List<ReadSquare> squares = new ArrayList<>();
    AnswerSquares.Open before = null;
    for (AnswerSquares.Open open : AnswerSquares.placed(working, sum.style())) {
      if (before != null
          && before.at().row() != open.at().row()
          && sum.method().form() == PageForm.COLUMNS) {
        squares.add(read(leftOf(before), Part.ANSWER));
      }
      squares.add(read(open, Part.ANSWER));
      before = open;
    }
    if (before != null && sum.method().form() == PageForm.COLUMNS) {
      squares.add(read(leftOf(before), Part.ANSWER));
    }
    return squares;
  }

  private static AnswerSquares.Open leftOf(AnswerSquares.Open open) {
    return new AnswerSquares.Open(open.at().moved(0, -1), open.place() + 1);
  }

  private static ReadSquare read(AnswerSquares.Open open, Part part) {
    return new ReadSquare(open.at().row(), open.at().column(), part, open.place());
  }

  /** The squares of an answer in a row that begins in a square; the letter has its own. */
  static List<ReadSquare> inRow(Square from, Working working, Part answer, Part remainder) {
    Problem problem = working.problem();
    int figures = AnswerSquares.most(problem) + 1;
    int lowest =
        problem instanceof Root root ? -root.places() : working.answer().value().lowestPlace();
    List<ReadSquare> squares = new ArrayList<>(row(from, figures, lowest, answer));
    if (hasRemainder(working)) {
      squares.addAll(remainder(from.moved(0, figures + LETTER), (Division) problem, remainder));
    }
    return squares;
  }

  /** The squares of the remainder. */
  static List<ReadSquare> remainder(Square from, Division division, Part part) {
    return row(from, division.divisor().length() + 1, 0, part);
  }

  private static List<ReadSquare> row(Square from, int figures, int lowest, Part part) {
    return IntStream.range(0, figures)
        .mapToObj(
            right ->
                new ReadSquare(
                    from.row(), from.column() + right, part, lowest + figures - 1 - right))
        .toList();
  }

  /** Whether the operation can leave a remainder, whatever the numbers are. */
  static boolean hasRemainder(Working working) {
    return working.answer() instanceof Answer.Quotient;
  }
}
