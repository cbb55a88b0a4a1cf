package bemble.method;

import bemble.plan.Hand;
import bemble.plan.Working;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.style.Style;
import java.util.Optional;

/**
 * A school's way of working a sum: the only description of it that there is.
 *
 * @param <P> the sums that it works
 */
public interface Method<P extends Problem> {
  /** The operation that it belongs to. */
  Operation operation();

  /** Its name within the operation, stable for storage: {@code in-pairs}. */
  String id();

  /** How its page is laid out. */
  default PageForm form() {
    return PageForm.COLUMNS;
  }

  /** Why it cannot be used for a sum of its operation; empty where it can. */
  default Optional<Misfit> misfit(P problem) {
    return Optional.empty();
  }

  /** The sum, which it fits, worked by {@code hand} in the conventions of {@code style}. */
  Working work(P problem, Style style, Hand hand);
}
