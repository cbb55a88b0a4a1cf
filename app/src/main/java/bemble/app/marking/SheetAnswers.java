package bemble.app.marking;

import bemble.notation.Notation;
import bemble.procedure.Answer;
import bemble.style.Choice;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** The right answers on the sheets of a handout, and how they are typed in its grid. */
@Service
public class SheetAnswers {
  private final Handouts handouts;

  SheetAnswers(Handouts handouts) {
    this.handouts = handouts;
  }

  /**
   * The answers to a sum: the right one and those of slips.
   *
   * @param slipped the wrong answers that slips give
   */
  public record DueAnswer(Answer right, Set<Answer> slipped) {}

  /**
   * The answers to all sums of a handout.
   *
   * @param remainder the sign between a quotient and its remainder, as it is typed
   * @param point the mark before the tenths, as it is typed
   */
  public record DueAnswers(List<DueAnswer> sums, String remainder, char point) {}

  /** The right answers in the current style of the class. */
  public DueAnswers of(long handout) {
    Marker marker = handouts.marker(handouts.find(handout));
    return new DueAnswers(
        IntStream.range(0, marker.items().size())
            .mapToObj(sum -> new DueAnswer(marker.right(sum), marker.slipped(sum)))
            .toList(),
        Notation.of(marker.style()).text("remainder.letter"),
        marker.style().has(Choice.DecimalMark.COMMA) ? ',' : '.');
  }
}
