package bemble.method.addition;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.ColumnAdder;
import bemble.method.column.PlaceColumns;
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
import bemble.slip.Slip;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;

/**
 * All addends under one another, right-aligned by place; the ones are added first, a column's ones
 * stand under the rule and its tens are carried. The last column's total is written out whole.
 */
public final class ColumnAddition implements Method<Addition> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.ADDITION, "column")
          .slips(slipsHere())
          .partner("in-pairs")
          .sampleLines(List.of("378 + 256"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  private static List<Slip> slipsHere() {
    // Only here are several numbers added at once, so that more than one may be carried, and only
    // here does another operation fit the page.
    List<Slip> slips = new ArrayList<>(AdditionLayout.SLIPS);
    slips.addAll(
        slips.indexOf(Slip.FACT_ONE_OUT),
        List.of(
            Slip.CARRY_ALWAYS_ONE,
            Slip.FIGURE_SKIPPED,
            Slip.CARRY_WITHOUT_NEED,
            Slip.TAKEN_INSTEAD));
    return List.copyOf(slips);
  }

  @Override
  public Working work(Addition sum, Script script) {
    Style style = script.style();
    AdditionLayout layout = AdditionLayout.of(sum);
    PlaceColumns columns = layout.columns();
    int first = style.has(Choice.CarryPosition.ABOVE) ? 2 : 1;
    int answerRow = first + sum.addends().size();

    script.step(Section.SET_OUT);
    layout.heads(script);
    List<WrittenRow> rows = layout.setOut(script, sum, first);

    script.step(Section.SET_OUT);
    layout.signAndRule(script, answerRow);
    script.say(() -> AdditionRemarks.startAt(layout.lowest()));

    WrittenRow answer =
        ColumnAdder.styled(style, columns, first - 1, answerRow, 0).add(script, rows);

    script.step(Section.ANSWER);
    layout.rule(script, answerRow + 1);
    Numeral total = answer.read();
    script.say(() -> AdditionRemarks.readOff(sum, total));
    Area extent = new Area(new Square(0, 0), new Square(answerRow + 1, layout.lastColumn()));
    return script.finish(sum, id(), new Answer.One(total), extent, columns.ones());
  }
}
