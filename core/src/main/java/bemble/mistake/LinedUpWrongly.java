package bemble.mistake;

import bemble.method.PageForm;
import bemble.method.Sum;
import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Subtraction;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Working;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A sum in columns whose last number stands one column too far to the left, with everything that
 * follows: 34 + 21 gives 244.
 *
 * @param page the page, worked truly from there on
 * @param number the number that stands in the wrong columns
 */
public record LinedUpWrongly(Working page, Numeral number) {
  /** The page of a sum; empty where the sum is not set out so, or cannot be worked then. */
  public static Optional<LinedUpWrongly> of(Sum sum) {
    List<Numeral> numbers = sum.problem().numbers();
    boolean lined = sum.problem() instanceof Addition || sum.problem() instanceof Subtraction;
    if (!lined || sum.method().form() != PageForm.COLUMNS) {
      return Optional.empty();
    }
    Numeral last = numbers.get(numbers.size() - 1);
    boolean taken = sum.problem() instanceof Subtraction;
    if (last.isZero()
        || (taken && last.value().movePointRight(1).compareTo(numbers.get(0).value()) > 0)) {
      return Optional.empty();
    }
    // Of a subtraction only the number below is lined up with another.
    Working page = sum.work(new LastOneLeft(taken ? 1 : numbers.size()));
    return page.answer().equals(sum.answer(Hand.TRUE))
        ? Optional.empty()
        : Optional.of(new LinedUpWrongly(withoutCrowdedSigns(page), last));
  }

  /** Where the moved number takes the square of a sign, the sign is left out. */
  private static Working withoutCrowdedSigns(Working page) {
    Set<Square> figures =
        page.paper().marks().stream()
            .filter(mark -> mark.role() != Role.SIGN && mark.shape() instanceof Shape.Figure)
            .map(mark -> ((Shape.Figure) mark.shape()).at())
            .collect(Collectors.toSet());
    List<Mark> marks =
        page.paper().marks().stream()
            .filter(
                mark ->
                    mark.role() != Role.SIGN
                        || !(mark.shape() instanceof Shape.Figure sign)
                        || !figures.contains(sign.at()))
            .toList();
    Paper paper = new Paper(page.paper().extent(), page.paper().onesColumn(), marks);
    return new Working(page.problem(), page.method(), page.answer(), paper, page.steps());
  }

  /** A hand that is true but for the number that it lines up last. */
  private static final class LastOneLeft implements Hand {
    private final int last;
    private int linedUp;

    LastOneLeft(int last) {
      this.last = last;
    }

    @Override
    public Fill fill(Asked asked) {
      return TRUE.fill(asked);
    }

    @Override
    public int places(Shift shift, Section section, int place, int usual) {
      boolean here = shift == Shift.SET_OUT_LEFT && ++linedUp == last;
      return here ? usual + 1 : usual;
    }
  }
}
