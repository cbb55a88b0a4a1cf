package bemble.plan;

import bemble.paper.Paper;
import bemble.problem.Problem;
import java.util.List;

/**
 * A sum worked to its end: the unfolded plan of a method, filled in by a hand.
 *
 * @param problem the sum
 * @param method the id of the method
 * @param answer what the page gives, right or not
 * @param paper all marks
 * @param steps the moves in order; a mark's step counts in this list
 */
public record Working(
    Problem problem, String method, Answer answer, Paper paper, List<Step> steps) {
  /** Keeps a copy of the steps. */
  public Working {
    steps = List.copyOf(steps);
  }
}
