package bemble.method.addition;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Decimals;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Working;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.AddingSlips;
import bemble.slip.FactSlips;
import bemble.slip.OperationSlips;
import bemble.slip.Slip;
import bemble.style.Choice;
import bemble.style.NumberMarks;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

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
        slips.indexOf(FactSlips.FACT_ONE_OUT),
        List.of(
            AddingSlips.CARRY_ALWAYS_ONE,
            AddingSlips.FIGURE_SKIPPED,
            AddingSlips.CARRY_WITHOUT_NEED,
            OperationSlips.TAKEN_INSTEAD));
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

    int end = style.has(Choice.SplitAddends.BESIDE) ? splitBeside(sum, script, layout, first) : 0;
    WrittenRow answer =
        ColumnAdder.styled(style, columns, first - 1, answerRow, 0).add(script, rows);

    script.step(Section.ANSWER);
    layout.rule(script, answerRow + 1);
    Numeral total = Decimals.answer(script, answer);
    script.say(() -> AdditionRemarks.readOff(sum, total));
    Area extent =
        new Area(new Square(0, 0), new Square(answerRow + 1, Math.max(end, layout.lastColumn())));
    return script.finish(sum, id(), new Answer.One(total), extent, columns.ones());
  }

  /** Writes each addend in its parts behind its row; gives the last column that they take. */
  private static int splitBeside(Addition sum, Script script, AdditionLayout layout, int firstRow) {
    NumberMarks marks = script.style().marks();
    int column = layout.lastColumn() + 2;
    int end = column;
    List<String> splits = new ArrayList<>();
    script.step(Section.SET_OUT);
    for (Numeral addend : sum.addends()) {
      String parts = parts(addend).stream().map(marks::apart).collect(Collectors.joining(" + "));
      Square at = new Square(firstRow + splits.size(), column);
      script.draw(Role.NOTE, new Shape.Words(at, Shape.Side.FROM_LEFT, parts));
      splits.add(marks.apart(addend) + " = " + parts);
      end = Math.max(end, column + Shape.Small.squares(parts.length()));
    }
    script.say(() -> Remark.of(RemarkKind.SPLIT_ADDENDS).with("splits", splits));
    return end;
  }

  /** The values of its figures, largest first, without zeros. */
  private static List<Numeral> parts(Numeral number) {
    List<Numeral> parts = new ArrayList<>();
    for (int place = number.highestPlace(); place >= number.lowestPlace(); place--) {
      int figure = number.digitAt(place);
      if (figure > 0) {
        parts.add(new Quantity(BigInteger.valueOf(figure), place).worth());
      }
    }
    return parts.isEmpty() ? List.of(Numeral.of(0)) : parts;
  }
}
