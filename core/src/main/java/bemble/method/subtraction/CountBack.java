package bemble.method.subtraction;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.method.PageForm;
import bemble.method.column.Layout;
import bemble.paper.Role;
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
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A number line from the minuend back by a small subtrahend in friendly hops. */
public final class CountBack implements Method<Subtraction> {
  private static final int MOST_DIGITS = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "count-back").form(PageForm.DRAWN);

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
    NumberLine line = new NumberLine(script, scale, sum.minuend().length(), hops(sum));
    script.step(Section.SET_OUT);
    line.start(sum.minuend());
    Slot slot = Slot.small(Role.STOP, -scale, new Square(0, 0));
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
    return script.finish(
        sum, id(), answer, Layout.upTo(NumberLine.HOP_ROW + 2, line.lastColumn()), null);
  }

  /** How many hops it takes, which is how far to the left the line goes. */
  private static int hops(Subtraction sum) {
    BigInteger at = sum.minuend().unscaled();
    BigInteger whole = sum.subtrahend().padded(sum.minuend().scale()).unscaled();
    BigInteger gone = BigInteger.ZERO;
    int hops = 0;
    for (; gone.compareTo(whole) < 0; hops++) {
      BigInteger to = Rule.of(Rule.Kind.STOP_BACK).apply(List.of(at, whole, gone));
      gone = gone.add(at.subtract(to));
      at = to;
    }
    return hops;
  }
}
