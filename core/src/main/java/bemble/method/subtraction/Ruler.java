package bemble.method.subtraction;

import bemble.method.column.Layout;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
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
import org.jspecify.annotations.Nullable;

/** A ruler from 0 to the minuend on which single steps are counted, up or back. */
final class Ruler {
  /** The longest ruler on which each step is one. */
  private static final BigInteger LONGEST = BigInteger.valueOf(20);

  private static final int STEP_ROW = 1;

  private final Script script;
  private final Subtraction sum;
  private final boolean up;
  private final List<Entry> landed = new ArrayList<>();

  private Ruler(Subtraction sum, Script script, boolean up) {
    this.sum = sum;
    this.script = script;
    this.up = up;
  }

  /** Whether the numbers of a sum are so small that its steps are counted one by one. */
  static boolean isFor(Subtraction sum) {
    return sum.numbers().stream().allMatch(Numeral::isWhole)
        && sum.minuend().unscaled().compareTo(LONGEST) <= 0;
  }

  /** Counts from the subtrahend up to the minuend: the count is the difference. */
  static Working countUp(Subtraction sum, Script script, String method) {
    return new Ruler(sum, script, true).work(method);
  }

  /** Counts from the minuend back by the subtrahend, and ends at the difference. */
  static Working countBack(Subtraction sum, Script script, String method) {
    return new Ruler(sum, script, false).work(method);
  }

  private Working work(String method) {
    Numeral from = up ? sum.subtrahend() : sum.minuend();
    Numeral other = up ? sum.minuend() : sum.subtrahend();
    BigInteger steps = up ? other.unscaled().subtract(from.unscaled()) : other.unscaled();
    script.step(Section.SET_OUT);
    for (Shape shape : ruled(sum)) {
      script.draw(shape instanceof Shape.Line ? Role.RULE : Role.HEAD, shape);
    }
    Entry start = script.copy(stop(from.unscaled()), from.unscaled(), value -> List.of());
    script.say(
        () ->
            Remark.of(up ? RemarkKind.START_RULER : RemarkKind.START_RULER_BACK)
                .with("from", from)
                .with("to", other)
                .with("steps", steps.intValue()));
    Entry at = start;
    Entry count = null;
    for (int step = 0; step < steps.intValue(); step++) {
      count = step(at);
      at = landed.get(step);
    }
    return read(method, start, at, count);
  }

  /** Takes one step; gives how many there are by now. */
  private Entry step(Entry from) {
    Square here = square(from.value());
    BigInteger next = up ? from.value().add(BigInteger.ONE) : from.value().subtract(BigInteger.ONE);
    Square left = up ? here : square(next);
    Square below = new Square(STEP_ROW + 2, left.column() + 1);
    script.step(Section.HOPS, new Area(new Square(0, left.column()), below));
    Rule one = Rule.of(up ? Rule.Kind.ONE_MORE : Rule.Kind.ONE_LESS);
    Entry to = script.enter(stop(next), one, List.of(from), value -> List.of());
    landed.add(to);
    Square there = square(to.value());
    Slot slot = Slot.small(Role.HOP, 0, there.moved(-1, 0));
    Entry count =
        script.enter(
            slot,
            Rule.of(Rule.Kind.COUNT),
            landed,
            value -> List.of(new Shape.Hop(here, there, value.toString())));
    script.say(
        () ->
            Remark.of(up ? RemarkKind.COUNT_ONE_UP : RemarkKind.COUNT_ONE_BACK)
                .with("from", Numeral.of(from.value()))
                .with("to", Numeral.of(to.value()))
                .with("count", count.value()));
    return count;
  }

  private Working read(String method, Entry start, Entry at, @Nullable Entry count) {
    script.step(Section.ANSWER);
    BigInteger steps = count == null ? BigInteger.ZERO : count.value();
    Answer answer = new Answer.One(Numeral.of(up ? steps : at.value()));
    Square last = new Square(STEP_ROW + 1, square(at.value()).column());
    script.draw(Role.DRAWING, new Shape.Ring(last, last));
    script.say(
        () ->
            Remark.of(up ? RemarkKind.READ_RULER : RemarkKind.READ_DIFFERENCE)
                .with("from", Numeral.of(start.value()))
                .with("to", Numeral.of(at.value()))
                .with("problem", sum)
                .with("steps", steps.intValue())
                .with("answer", answer.value()));
    return script.finish(sum, method, answer, Layout.upTo(STEP_ROW + 2, lastColumn(sum)), null);
  }

  private Slot stop(BigInteger number) {
    return Slot.small(Role.STOP, 0, new Square(STEP_ROW + 1, column(number.intValue())));
  }

  private static Square square(BigInteger number) {
    return new Square(STEP_ROW, column(number.intValue()));
  }

  private static int column(int number) {
    return number + 1;
  }

  /** The ruler with its numbers. */
  static List<Shape> ruled(Subtraction sum) {
    List<Shape> ruled = new ArrayList<>();
    for (int number = 0; number <= sum.minuend().unscaled().intValue(); number++) {
      Square at = new Square(STEP_ROW + 1, column(number));
      ruled.add(new Shape.Small(at, Spot.SMALL, String.valueOf(number)));
    }
    Square end = new Square(STEP_ROW + 1, lastColumn(sum) + 1);
    ruled.add(new Shape.Line(new Square(STEP_ROW + 1, 0), end));
    return ruled;
  }

  private static int lastColumn(Subtraction sum) {
    return column(sum.minuend().unscaled().intValue()) + 1;
  }
}
