package bemble.method.drawing;

import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.number.Numeral;
import bemble.paper.Shape.Thing;
import bemble.problem.Addition;
import bemble.procedure.Script;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;

/** Each addend drawn as stacks, flats, sticks and dots. */
public final class BlocksAddition extends CountedAddition {
  private static final BigInteger MOST = BigInteger.valueOf(9_999);

  private static final MethodHead HEAD = counted("blocks").sampleLines(List.of("145 + 138"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Addition sum) {
    boolean drawable = sum.addends().stream().allMatch(BlocksAddition::drawable);
    return drawable ? Optional.empty() : Optional.of(Misfit.WHOLE_UP_TO_9999);
  }

  /** Whether a number can be drawn in blocks. */
  static boolean drawable(Numeral number) {
    return number.isWhole() && number.unscaled().compareTo(MOST) <= 0;
  }

  @Override
  Thing thing(int place, int addend, Style style) {
    return CounterBoard.thing(place);
  }

  @Override
  boolean fillsFrames() {
    return false;
  }

  @Override
  void prepare(Script script, CounterBoard board, int highest) {
    heads(script, board, highest);
  }
}
