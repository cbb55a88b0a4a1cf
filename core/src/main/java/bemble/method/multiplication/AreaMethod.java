package bemble.method.multiplication;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Beats;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Figures;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Adding;
import bemble.remark.Mention;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.MultiplyingSlips;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Both factors in expanded form along the sides of a ruled box, a product in each part, a total for
 * each row, and the rows' totals added.
 */
public final class AreaMethod implements Method<Multiplication> {
  private static final int TOP = 1;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.MULTIPLICATION, "area")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  MultiplyingSlips.ZERO_TIMES_GIVES_THE_NUMBER,
                  MultiplyingSlips.BOX_LEFT_OUT,
                  MultiplyingSlips.ZEROS_LOST_IN_BOX,
                  MultiplyingSlips.ALL_ZEROS_LOST_IN_BOX,
                  MultiplyingSlips.ROWS_ADDED_WRONGLY))
          .sampleLines(List.of("57 × 38"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Multiplication sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Multiplication sum;
    private final Style style;
    private final Script script;
    private final int width;
    private final int side;
    private final PlaceColumns columns;

    Page(Multiplication sum, Script script) {
      this.sum = sum;
      this.style = script.style();
      this.script = script;
      int longest = sum.multiplicand().length() + sum.multiplier().length();
      this.width = Shape.Small.squares(longest) + 1;
      this.side = Shape.Small.squares(sum.multiplier().length());
      this.columns = new PlaceColumns(side + width * sum.multiplicand().length() + longest + 1);
    }

    Working work() {
      script.step(Section.SET_OUT);
      ruleBox(sum.multiplicand().length(), sum.multiplier().length());
      script.say(
          () ->
              Remark.of(RemarkKind.SET_OUT_BOX)
                  .with("multiplicand", sum.multiplicand())
                  .with("multiplier", sum.multiplier()));
      List<Entry> across = parts(sum.multiplicand(), true);
      List<Entry> down = parts(sum.multiplier(), false);
      return addTotals(
          style.has(Choice.BoxOrder.ROW_BY_ROW)
              ? rowByRow(across, down)
              : allBoxesFirst(across, down));
    }

    private List<WrittenRow> rowByRow(List<Entry> across, List<Entry> down) {
      List<WrittenRow> totals = new ArrayList<>();
      for (int row = 0; row < down.size(); row++) {
        totals.add(rowTotal(row, Section.row(row + 1), cells(row, across, down)));
      }
      return totals;
    }

    private List<WrittenRow> allBoxesFirst(List<Entry> across, List<Entry> down) {
      List<List<Entry>> rows = new ArrayList<>();
      for (int row = 0; row < down.size(); row++) {
        rows.add(cells(row, across, down));
      }
      List<WrittenRow> totals = new ArrayList<>();
      for (int row = 0; row < down.size(); row++) {
        totals.add(rowTotal(row, Section.TOTALS, rows.get(row)));
      }
      return totals;
    }

    private List<Entry> cells(int row, List<Entry> across, List<Entry> down) {
      List<Entry> cells = new ArrayList<>();
      for (int column = 0; column < across.size(); column++) {
        cells.add(cell(row, column, across.get(column), down.get(row)));
      }
      return List.copyOf(cells);
    }

    /** A factor's parts from its highest place, each a whole number: 57 gives 50 and 7. */
    private List<Entry> parts(Numeral factor, boolean across) {
      List<Entry> parts = new ArrayList<>();
      for (int place = factor.highestPlace(); place >= 0; place--) {
        BigInteger part =
            BigInteger.valueOf(factor.digitAt(place)).multiply(Whole.powerOfTen(place));
        Square square =
            across ? new Square(0, middle(parts.size())) : new Square(TOP + parts.size(), side / 2);
        Beats.alone(script, square, Quantity.of(factor, place), Numeral.of(part));
        parts.add(script.copy(Slot.small(Role.GIVEN, 0, square), part));
      }
      return parts;
    }

    private int middle(int column) {
      return side + column * width + width / 2;
    }

    private void ruleBox(int acrossCount, int downCount) {
      int right = side + acrossCount * width;
      for (int row = 0; row <= downCount; row++) {
        line(new Square(TOP + row, side), new Square(TOP + row, right));
      }
      for (int column = 0; column <= acrossCount; column++) {
        int at = side + column * width;
        line(new Square(TOP, at), new Square(TOP + downCount, at));
      }
    }

    private void line(Square from, Square to) {
      script.draw(Role.RULE, new Shape.Line(from, to));
    }

    private Entry cell(int row, int column, Entry across, Entry down) {
      int left = side + column * width;
      script.step(
          Section.row(row + 1),
          new Area(new Square(TOP + row, left), new Square(TOP + row, left + width - 1)));
      Slot slot = Slot.small(Role.PRODUCT, 0, new Square(TOP + row, middle(column)));
      Entry product = script.write(slot, Rule.of(Rule.Kind.PRODUCT), List.of(across, down));
      script.use(() -> Fact.multiply(down.value(), across.value()));
      script.say(
          () ->
              Remark.of(RemarkKind.FILL_BOX)
                  .with("zeros", zeros(across) + zeros(down))
                  .with("one", down.value())
                  .with("other", across.value())
                  .with("product", product.value()));
      return product;
    }

    private static int zeros(Entry part) {
      return part.value().signum() == 0 ? 0 : Figures.of(part.value()).length() - 1;
    }

    private WrittenRow rowTotal(int row, Section section, List<Entry> cells) {
      int paperRow = TOP + row;
      script.step(
          section, new Area(new Square(paperRow, side), new Square(paperRow, columns.ones())));
      WrittenRow written = new WrittenRow(paperRow);
      BigInteger total = Rule.TOTAL.applyTo(cells);
      int length = Figures.of(total).length();
      for (int place = 0; place < length; place++) {
        Slot slot = Slot.full(Role.PARTIAL, place, columns.at(paperRow, place));
        written.put(place, script.write(slot, Rule.figureOfTotal(place), cells));
      }
      ColumnAdder.useSum(script, cells);
      script.say(
          () ->
              Remark.of(cells.size() > 1 ? RemarkKind.ROW_TOTAL : RemarkKind.ROW_OF_ONE)
                  .with("adding", Adding.of(mentions(cells), Mention.of(total)))
                  .with("total", total));
      return written;
    }

    private static List<Mention> mentions(List<Entry> cells) {
      return cells.stream().map(cell -> Mention.of(cell.value())).toList();
    }

    private Working addTotals(List<WrittenRow> totals) {
      WrittenRow answer = totals.get(0);
      int answerRow = TOP + totals.size();
      int last = answerRow;
      if (totals.size() > 1) {
        int highest = WrittenRow.highest(totals);
        script.step(Section.TOTALS);
        Layout.sign(script, columns.at(answerRow - 1, highest + 1), "+");
        Layout.rule(script, answerRow, columns.of(highest + 1), columns.ones());
        script.say(() -> Remark.of(RemarkKind.ADD_ROWS).with("count", totals.size()));
        ColumnAdder adder = ColumnAdder.styled(style, columns, 0, answerRow, 0);
        answer = adder.add(script, totals);
        last = answerRow + 1;
      }
      script.step(Section.ANSWER);
      Answer product = new Answer.One(answer.read());
      Layout.rule(script, answer.row() + 1, columns.of(answer.highest()), columns.ones());
      script.say(
          () ->
              Remark.of(RemarkKind.READ_PRODUCT)
                  .with("problem", sum)
                  .with("answer", product.value()));
      return script.finish(sum, id(), product, Layout.upTo(last, columns.ones()), null);
    }
  }
}
