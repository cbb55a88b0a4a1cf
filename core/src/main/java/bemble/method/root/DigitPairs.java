package bemble.method.root;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.problem.Operation;
import bemble.problem.Root;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.slip.DividingSlips;
import java.util.List;

/**
 * The root figure by figure from pairs of figures, counted both ways from the point. Each further
 * figure x is the largest for which (leading part followed by x) × x is not above the remaining
 * number, the leading part being twice the root so far: (10 r + x)² = 100 r² + (20 r + x) x.
 */
public final class DigitPairs implements Method<Root> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.ROOT, "digit-pairs")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  DividingSlips.SUBTRACTION_SLIP,
                  DividingSlips.TRIAL_TOO_SMALL,
                  DividingSlips.TRIAL_TOO_LARGE,
                  DividingSlips.PAIRS_FROM_WRONG_END,
                  DividingSlips.PAIRS_FROM_LEFT,
                  DividingSlips.PAIRS_FROM_LEFT_FILLED_UP,
                  DividingSlips.NOT_DOUBLED,
                  DividingSlips.LAST_FIGURE_DOUBLED,
                  DividingSlips.DIGIT_NOT_BESIDE,
                  DividingSlips.ZERO_LEFT_OUT_OF_ROOT,
                  DividingSlips.POINT_MISPLACED,
                  DividingSlips.ONE_DIGIT_DOWN))
          .sampleLines(List.of("√94249"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Root sum, Script script) {
    return new RootPage(sum, script).work(id());
  }
}
