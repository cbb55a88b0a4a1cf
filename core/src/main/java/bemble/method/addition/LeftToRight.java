package bemble.method.addition;

import bemble.method.Method;
import bemble.method.column.AddingOrder;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.WrittenRow;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.plan.Answer;
import bemble.plan.Entry;
import bemble.plan.Rule;
import bemble.plan.Script;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.slip.Slip;
import bemble.style.Style;
import bemble.wording.Place;
import bemble.wording.Quantity;
import bemble.wording.Remark;
import bemble.wording.RemarkKind;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Hundreds with hundreds, tens with tens, ones with ones, the highest place first; each partial sum
 * is written with its zeros, one to a line; then the partial sums are added.
 */
public final class LeftToRight implements Method<Addition> {
  @Override
  public Operation operation() {
    return Operation.ADDITION;
  }

  @Override
  public String id() {
    return "left-to-right";
  }

  @Override
  public List<Slip> slips() {
    return AdditionLayout.SLIPS;
  }

  @Override
  public List<String> trialLines() {
    return List.of("364 + 228");
  }

  @Override
  public Working work(Addition sum, Script script) {
    Style style = script.style();
    AdditionLayout layout = AdditionLayout.of(sum);
    script.step(Section.SET_OUT, null);
    layout.heads(script);
    List<WrittenRow> addends = layout.copyAddends(script, sum, 1);
    int row = 1 + addends.size();
    layout.signAndRule(script, row);
    script.say(() -> Remark.of(RemarkKind.START_LEFT).with("place", new Place(layout.highest())));
    List<WrittenRow> parts = new ArrayList<>();
    for (int place = layout.highest(); place >= layout.lowest(); place--) {
      List<Entry> reads = new ArrayList<>();
      for (WrittenRow addend : addends) {
        addend.at(place).ifPresent(reads::add);
      }
      List<Entry> ordered = AddingOrder.of(style, reads);
      parts.add(part(script, layout, place, ordered, row + parts.size()));
    }
    return addParts(script, sum, style, layout, parts);
  }

  /** Writes what one place comes to, with its zeros. */
  private static WrittenRow part(
      Script script, AdditionLayout layout, int place, List<Entry> reads, int row) {
    Area focus = new Area(layout.columns().at(1, place), layout.columns().at(row, place));
    script.step(Section.column(place), focus);
    WrittenRow part = new WrittenRow(row);
    List<BigInteger> values = reads.stream().map(Entry::value).toList();
    BigInteger total = Rule.TOTAL.apply(values);
    int length = total.toString().length();
    for (int n = 0; n < Math.max(length, 1 - place); n++) {
      write(script, layout, part, place + n, n < length ? Rule.figureOfTotal(n) : null, reads);
    }
    for (int zero = place - 1; zero >= 0; zero--) {
      write(script, layout, part, zero, null, reads);
    }
    if (part.lowest() < 0) {
      part.point(script, layout.columns());
    }
    ColumnAdder.useSum(script, reads);
    List<Object> added = ColumnAdder.parts(reads, place);
    script.say(
        () ->
            Remark.of(added.size() > 1 ? RemarkKind.ADD_PLACE : RemarkKind.ADD_SINGLE_PLACE)
                .with("parts", added)
                .with("adding", ColumnAdder.adding(reads, new Quantity(total, place)))
                .with("total", new Quantity(total, place))
                .with("worth", part.read()));
    return part;
  }

  private static void write(
      Script script,
      AdditionLayout layout,
      WrittenRow part,
      int place,
      Rule rule,
      List<Entry> reads) {
    boolean zero = rule == null;
    Role role = zero ? Role.PLACEHOLDER : Role.PARTIAL;
    Slot slot = Slot.full(role, place, layout.columns().at(part.row(), place));
    Rule used = zero ? Rule.of(Rule.Kind.ZERO) : rule;
    part.put(place, script.write(slot, used, zero ? List.of() : reads));
  }

  private Working addParts(
      Script script, Addition sum, Style style, AdditionLayout layout, List<WrittenRow> parts) {
    WrittenRow answer = parts.get(0);
    int end = answer.row() + 1;
    if (parts.size() > 1) {
      int answerRow = answer.row() + parts.size();
      script.step(Section.TOTALS, null);
      layout.signAndRule(script, answerRow);
      List<WrittenRow> rows = parts;
      script.say(() -> Remark.of(RemarkKind.ADD_PARTS).with("carries", ColumnAdder.carries(rows)));
      answer =
          ColumnAdder.crowded(style, layout.columns(), answerRow, parts.get(0).row())
              .add(script, parts);
      end = answerRow + 1;
    }
    script.step(Section.ANSWER, null);
    layout.rule(script, answer.row() + 1);
    Answer total = new Answer.One(answer.read());
    script.say(() -> AdditionRemarks.readOff(sum, total.value()));
    return script.finish(
        sum, id(), total, Layout.upTo(end, layout.lastColumn()), layout.columns().ones());
  }
}
