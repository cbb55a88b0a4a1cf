package bemble.procedure;

import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.problem.Operation;
import bemble.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A sum worked to its end: the unfolded procedure of a method, filled in by a hand.
 *
 * @param problem the sum
 * @param method the id of the method
 * @param answer the answer that stands on the page, right or not
 * @param paper all marks
 * @param steps the moves in order; a mark's step counts in this list
 */
public record Working(
    Problem problem, String method, Answer answer, Paper paper, List<Step> steps) {
  /** Keeps a copy of the steps. */
  public Working {
    steps = List.copyOf(steps);
  }

  /** The same page, whose remarks name the sum in another order of its numbers. */
  public Working named(Problem other) {
    List<Step> said =
        steps.stream()
            .map(step -> step.saying(remark -> remark.replacing(problem, other)))
            .toList();
    return new Working(problem, method, answer, paper, said);
  }

  /** The first figure that the page gives as its answer; empty on a page without one. */
  public Optional<Entry> firstOfAnswer() {
    return steps.stream()
        .flatMap(step -> step.entries().stream())
        .filter(entry -> entry.slot().role().kind() == Role.Kind.ANSWER)
        .findFirst();
  }

  /** Whether a mark is written while the sum is set out. */
  public boolean opensWith(Mark mark) {
    return steps.get(mark.step()).section().equals(Section.SET_OUT);
  }

  /**
   * The marks that stand there when the sum is set out for its writer: its numbers in their places,
   * with signs and rules; in an addition also those that are added later.
   */
  public List<Mark> setOut() {
    Set<Integer> written = new HashSet<>();
    for (Step step : steps) {
      step.entries().forEach(entry -> written.addAll(entry.marks()));
    }
    return paper.marks().stream()
        .filter(mark -> isSetOut(mark, written.contains(mark.id())))
        .toList();
  }

  private boolean isSetOut(Mark mark, boolean written) {
    return switch (mark.role()) {
      case GIVEN -> true;
      case POINT -> !written && isThereFirst(mark);
      case SIGN, RULE -> isThereFirst(mark);
      case MULTIPLE, PARTIAL, FOUND, NOTE -> false;
      default -> opensWith(mark);
    };
  }

  private boolean isThereFirst(Mark mark) {
    return opensWith(mark) || problem.operation() == Operation.ADDITION;
  }
}
