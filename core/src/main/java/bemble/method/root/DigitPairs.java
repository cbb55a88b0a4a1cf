package bemble.method.root;

import bemble.method.Method;
import bemble.method.PageForm;
import bemble.plan.Hand;
import bemble.plan.Working;
import bemble.problem.Operation;
import bemble.problem.Root;
import bemble.style.Style;

/**
 * The root figure by figure from pairs of figures, counted both ways from the point. Each further
 * figure x is the largest for which (leading part followed by x) × x is not above what stands, the
 * leading part being twice the root so far: (10 r + x)² = 100 r² + (20 r + x) x.
 */
public final class DigitPairs implements Method<Root> {
  @Override
  public PageForm form() {
    return PageForm.FRAMED;
  }

  @Override
  public Operation operation() {
    return Operation.ROOT;
  }

  @Override
  public String id() {
    return "digit-pairs";
  }

  @Override
  public Working work(Root sum, Style style, Hand hand) {
    return new RootPage(sum, style, hand).work(id());
  }
}
