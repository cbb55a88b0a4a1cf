package bemble.method.drawing;

import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Shape.Thing;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.procedure.Script;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.Optional;

/**
 * Two-by-five frames filled from both addends, place by place: a full frame is the ten that was
 * made. Things of the second addend are drawn open.
 */
public final class DotFrames extends CountedAddition {
  private static final int FRAME_ROWS = 2;
  private static final int FRAMES = 2;
  private static final int MOST_DIGITS = 2;

  private static final MethodHead HEAD = counted("dot-frames");

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Addition sum) {
    boolean small =
        sum.addends().size() == 2
            && sum.addends().stream().allMatch(a -> a.isWhole() && a.length() <= MOST_DIGITS);
    return small ? Optional.empty() : Optional.of(Misfit.TWO_ADDENDS_BELOW_100);
  }

  @Override
  Thing thing(int place, int addend, Style style) {
    boolean dots = place == 0 || style.has(Choice.FrameCounters.DOTS);
    if (addend == 0) {
      return dots ? Thing.DOT : CounterBoard.thing(place);
    }
    return dots ? Thing.OPEN_DOT : Thing.OPEN_STICK;
  }

  @Override
  boolean fillsFrames() {
    return true;
  }

  @Override
  void prepare(Script script, CounterBoard board, int highest) {
    heads(script, board, highest);
    for (int place = Math.min(highest, 1); place >= 0; place--) {
      for (int frame = 0; frame < FRAMES; frame++) {
        frame(script, new Square(TOP + frame * FRAME_ROWS, board.left(place)));
      }
    }
  }

  private static void frame(Script script, Square corner) {
    int right = CounterBoard.WIDTH;
    line(script, corner, corner.moved(0, right));
    line(script, corner.moved(FRAME_ROWS, 0), corner.moved(FRAME_ROWS, right));
    line(script, corner, corner.moved(FRAME_ROWS, 0));
    line(script, corner.moved(0, right), corner.moved(FRAME_ROWS, right));
  }

  private static void line(Script script, Square from, Square to) {
    script.draw(Role.RULE, new Shape.Line(from, to));
  }
}
