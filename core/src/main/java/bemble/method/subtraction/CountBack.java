package bemble.method.subtraction;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.method.PageForm;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.problem.Subtraction;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.FactSlips;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A number line from the minuend back by a small subtrahend in friendly hops. */
public final class CountBack implements Method<Subtraction> {
  private static final int MOST_DIGITS = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "count-back")
          .form(PageForm.FRAMED)
          .slips(List.of(FactSlips.FACT_ONE_OUT));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Subtraction sum) {
    boolean small = sum.subtrahend().isWhole() && sum.subtrahend().length() <= MOST_DIGITS;
    return small ? Optional.empty() : Optional.of(Misfit.SUBTRAHEND_BELOW_100);
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    if (Ruler.isFor(sum)) {
      return Ruler.countBack(sum, script, id());
    }
    int scale = sum.minuend().scale();
    NumberLine line = new NumberLine(script, scale, sum.minuend().length(), mostHops(sum));
    script.step(Section.SET_OUT);
    line.start(sum.minuend());
    Slot slot = Slot.small(Role.GIVEN, -scale, new Square(0, 0));
    Entry whole = script.copy(slot, sum.subtrahend().padded(scale).unscaled(), value -> List.of());
    script.say(
        () ->
            Remark.of(RemarkKind.START_BACK)
                .with("from", sum.minuend())
                .with("back", sum.subtrahend()));
    BigInteger gone = BigInteger.ZERO;
    while (gone.compareTo(whole.value()) < 0) {
      List<Entry> reads = new ArrayList<>(List.of(line.at(), whole));
      reads.addAll(line.hops());
      BigInteger before = gone;
      line.hop(Rule.of(Rule.Kind.STOP_BACK), reads, RemarkKind.HOP_BACK);
      gone = gone.add(line.hops().get(line.hops().size() - 1).value());
      if (gone.equals(before)) {
        break; // Only a page with a wrong stop comes here: there is nothing to go back from.
      }
    }
    line.ruleLine();
    Answer answer = new Answer.One(line.numeral(line.at().value()));
    script.step(Section.ANSWER);
    script.say(
        () ->
            Remark.of(RemarkKind.READ_DIFFERENCE)
                .with("problem", sum)
                .with("answer", answer.value()));
    line.ringLast(script);
    Area extent =
        new Area(
            new Square(0, line.firstColumn()),
            new Square(NumberLine.HOP_ROW + 2, line.lastColumn()));
    return script.finish(sum, id(), answer, extent, null);
  }

  @Override
  public List<Shape> ruled(Subtraction sum, Style style, Area sheet) {
    return Ruler.isFor(sum)
        ? Ruler.ruled(sum)
        : NumberLine.ruled(sheet, sum.minuend().length(), mostHops(sum));
  }

  /**
   * How far to the left the line may go: to a whole ten or hundred before each figure, and from it.
   */
  private static int mostHops(Subtraction sum) {
    return 2 * (sum.subtrahend().length() + sum.minuend().scale());
  }
}
