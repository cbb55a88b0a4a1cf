package bemble.method.subtraction;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
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
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;

/** A number line from the subtrahend to the minuend in friendly hops; the hops are added. */
public final class CountUp implements Method<Subtraction> {
  private static final int HOPS_ROW = 5;

  /** On a sheet for a writer, above the small carries. */
  private static final int HEADS_ROW = HOPS_ROW - 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.SUBTRACTION, "count-up")
          .form(PageForm.FRAMED)
          .slips(List.of(AddingSlips.CARRY_NOT_ADDED, FactSlips.FACT_ONE_OUT))
          .sampleLines(List.of("403 − 187"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Subtraction sum, Script script) {
    if (Ruler.isFor(sum)) {
      return Ruler.countUp(sum, script, id());
    }
    Style style = script.style();
    int scale = scale(sum);
    NumberLine line = new NumberLine(script, scale, longest(sum), 0);
    script.step(Section.SET_OUT);
    line.start(sum.subtrahend());
    Slot goal = Slot.small(Role.GIVEN, -scale, new Square(0, 0));
    Entry target = script.copy(goal, sum.minuend().padded(scale).unscaled(), value -> List.of());
    script.say(
        () ->
            Remark.of(RemarkKind.START_LINE)
                .with("from", sum.subtrahend())
                .with("to", sum.minuend()));
    boolean onward = true;
    while (onward && line.at().value().compareTo(target.value()) < 0) {
      Entry before = line.at();
      line.hop(Rule.of(Rule.Kind.NEXT_STOP), List.of(before, target), RemarkKind.HOP_UP);
      onward = line.at().value().compareTo(before.value()) > 0;
    }
    line.ruleLine();
    return addHops(script, sum, style, line, scale);
  }

  @Override
  public List<Shape> ruled(Subtraction sum, Style style, Area sheet) {
    if (Ruler.isFor(sum)) {
      return Ruler.ruled(sum);
    }
    List<Shape> ruled = new ArrayList<>(NumberLine.ruled(sheet, longest(sum), 0));
    PlaceColumns columns = columns(sum);
    ruled.addAll(columns.heads(style, HEADS_ROW, sum.minuend().highestPlace(), -scale(sum)));
    return List.copyOf(ruled);
  }

  private static int scale(Subtraction sum) {
    return Math.max(sum.minuend().scale(), sum.subtrahend().scale());
  }

  private static int longest(Subtraction sum) {
    return sum.minuend().padded(scale(sum)).length();
  }

  private static PlaceColumns columns(Subtraction sum) {
    return new PlaceColumns(2 + sum.minuend().highestPlace());
  }

  private Working addHops(Script script, Subtraction sum, Style style, NumberLine line, int scale) {
    PlaceColumns columns = columns(sum);
    List<WrittenRow> rows = new ArrayList<>();
    script.step(Section.TOTALS);
    for (Entry hop : line.hops()) {
      rows.add(hopRow(script, columns, HOPS_ROW + rows.size(), hop, scale));
    }
    Answer answer;
    int end = HOPS_ROW + rows.size();
    if (rows.size() < 2) {
      answer = new Answer.One(rows.isEmpty() ? nothing(script, columns) : rows.get(0).read());
      script.say(() -> Remark.of(RemarkKind.ONE_HOP).with("answer", answer.value()));
    } else {
      Layout.sign(script, columns.at(end - 1, sum.minuend().highestPlace() + 1), "+");
      Layout.rule(script, end, 0, columns.of(-scale));
      script.say(() -> Remark.of(RemarkKind.ADD_HOPS));
      ColumnAdder adder = ColumnAdder.styled(style, columns, HOPS_ROW - 1, end, HOPS_ROW - 1);
      answer = new Answer.One(adder.add(script, rows).read());
    }
    script.step(Section.ANSWER);
    script.say(
        () -> Remark.of(RemarkKind.READ_HOPS).with("problem", sum).with("answer", answer.value()));
    int lastColumn = Math.max(line.lastColumn(), columns.of(-scale));
    return script.finish(sum, id(), answer, Layout.upTo(end + 1, lastColumn), null);
  }

  /** Equal numbers need no hop: the difference is nothing. */
  private static Numeral nothing(Script script, PlaceColumns columns) {
    Slot slot = Slot.full(Role.ANSWER, 0, columns.at(HOPS_ROW, 0));
    return Numeral.of(script.write(slot, Rule.of(Rule.Kind.ZERO), List.of()).value());
  }

  /** Copies the length of a hop figure by figure from under the line. */
  private static WrittenRow hopRow(
      Script script, PlaceColumns columns, int row, Entry hop, int scale) {
    WrittenRow written = new WrittenRow(row);
    int length = Math.max(hop.value().toString().length(), scale + 1);
    for (int n = 0; n < length; n++) {
      int place = n - scale;
      Slot slot = Slot.full(Role.PARTIAL, place, columns.at(row, place));
      written.put(place, script.write(slot, Rule.figureOfTotal(n), List.of(hop)));
    }
    written.point(script, columns);
    return written;
  }
}
