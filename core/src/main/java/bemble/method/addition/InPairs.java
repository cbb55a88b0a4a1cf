package bemble.method.addition;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Decimals;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.List;

/** The first two addends as a column sum, then the running total and the next, and so on. */
public final class InPairs implements Method<Addition> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.ADDITION, "in-pairs").slips(AdditionLayout.SLIPS);

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Addition sum, Script script) {
    Style style = script.style();
    AdditionLayout layout = AdditionLayout.of(sum);
    script.step(Section.SET_OUT);
    layout.heads(script);
    script.say(() -> AdditionRemarks.first(sum.addends().get(0)));
    WrittenRow running = layout.copy(script, firstRow(style), sum.addends().get(0), null);
    for (int pair = 1; pair < sum.addends().size(); pair++) {
      running = addNext(script, layout, style, running, pair, sum);
    }
    int end = running.row() + 1;
    script.step(Section.ANSWER);
    layout.rule(script, end);
    Numeral total = Decimals.answer(script, running);
    script.say(() -> AdditionRemarks.readOff(sum, total));
    int last = style.has(Choice.CarryPosition.BELOW) ? end : running.row();
    Area extent = new Area(new Square(0, 0), new Square(last, layout.lastColumn()));
    return script.finish(sum, id(), new Answer.One(total), extent, layout.columns().ones());
  }

  private static int firstRow(Style style) {
    return style.has(Choice.CarryPosition.ABOVE) ? 2 : 1;
  }

  /** Writes an addend under the running total and adds the two. */
  private static WrittenRow addNext(
      Script script,
      AdditionLayout layout,
      Style style,
      WrittenRow running,
      int pair,
      Addition sum) {
    boolean above = style.has(Choice.CarryPosition.ABOVE);
    boolean below = style.has(Choice.CarryPosition.BELOW);
    boolean first = pair == 1;
    boolean last = pair == sum.addends().size() - 1;
    // The small carries of a stage need a row of their own, above its total or below the one
    // before.
    int row = running.row() + (below && !first ? 2 : 1);
    int answerRow = row + (above && !last ? 2 : 1);
    Numeral addend = sum.addends().get(pair);
    script.step(first ? Section.SET_OUT : Section.pair(pair));
    script.say(
        () ->
            first
                ? AdditionRemarks.second(
                    addend, Decimals.linedUpBy(style, layout.lowest()), layout.lowest())
                : AdditionRemarks.nextPair(running.read(), addend));
    WrittenRow next = layout.copy(script, row, addend, running);
    layout.signAndRule(script, row + 1);
    int top = running.row() - 1;
    return ColumnAdder.styled(style, layout.columns(), top, answerRow, top)
        .add(script, List.of(running, next));
  }
}
