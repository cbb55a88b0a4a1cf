package bemble.method.multiplication;

import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.problem.Multiplication;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** The page of a multiplication in columns: the factors, the rows of products, their sum. */
final class ColumnPage {
  private static final int HEADS = 1;

  private final Multiplication sum;
  private final Script script;
  private final Style style;
  private final PlaceColumns columns;
  private final int rowCount;
  private final int multiplicandRow;
  private final int firstRow;
  private final RowCarries carries;

  ColumnPage(Multiplication sum, Script script) {
    this.sum = sum;
    this.script = script;
    this.style = script.style();
    this.columns = new PlaceColumns(sum.multiplicand().length() + sum.multiplier().length());
    this.rowCount = rowCount();
    this.multiplicandRow = HEADS + RowCarries.rowsAbove(style, rowCount);
    this.firstRow = multiplicandRow + 2;
    this.carries = new RowCarries(script, columns, multiplicandRow, rowCount == 1);
  }

  private boolean isNothing() {
    return sum.multiplicand().isZero() || sum.multiplier().isZero();
  }

  private int rowCount() {
    if (isNothing()) {
      return 1;
    }
    int skipped = style.has(Choice.ZeroDigit.SKIPPED) ? sum.multiplier().zeros() : 0;
    return sum.multiplier().length() - skipped;
  }

  Working work(String method) {
    script.step(Section.SET_OUT);
    int highest = Math.max(sum.multiplicand().highestPlace(), sum.multiplier().highestPlace());
    columns.heads(script, 0, highest, 0);
    script.say(() -> setOut(RemarkKind.SET_OUT_FACTORS, sum));
    WrittenRow multiplicand = WrittenRow.copy(script, columns, multiplicandRow, sum.multiplicand());
    WrittenRow multiplier =
        WrittenRow.copyUnder(script, columns, multiplicandRow + 1, sum.multiplier(), multiplicand);
    signAndRule(highest + 1);

    List<WrittenRow> rows = isNothing() ? List.of() : rows(multiplicand, multiplier);
    WrittenRow answer;
    if (rows.isEmpty()) {
      answer = nothing(multiplicand, multiplier);
    } else {
      answer = rows.size() == 1 ? rows.get(0) : added(rows);
    }
    return readOff(answer, method);
  }

  static Remark setOut(RemarkKind kind, Multiplication sum) {
    return Remark.of(kind)
        .with("multiplicand", sum.multiplicand())
        .with("multiplier", sum.multiplier())
        .with("longer", givesFewerRows(sum) ? 1 : 0)
        .with("mirror", sum.multiplicand().length() > 1 && sum.multiplier().length() > 1 ? 1 : 0);
  }

  /** Whether the factors the other way round would need more rows, whatever a zero does. */
  private static boolean givesFewerRows(Multiplication sum) {
    Numeral above = sum.multiplicand();
    Numeral below = sum.multiplier();
    return above.length() > below.length()
        && above.length() - above.zeros() > below.length() - below.zeros();
  }

  private void signAndRule(int signPlace) {
    script.step(Section.SET_OUT);
    Layout.sign(script, columns.at(multiplicandRow + 1, signPlace), "×");
    Layout.rule(script, firstRow, columns.of(signPlace), columns.of(0));
    script.say(
        () ->
            Remark.of(RemarkKind.START_MULTIPLYING)
                .with("figures", sum.multiplier().length())
                .with("multiplicand", sum.multiplicand())
                .with("figure", new Quantity(BigInteger.valueOf(sum.multiplier().digitAt(0)), 0)));
  }

  private List<WrittenRow> rows(WrittenRow multiplicand, WrittenRow multiplier) {
    if (multiplier.highest() > 0
        && !script.makes(Move.ROW_FOR_EACH_FIGURE, Section.row(1), multiplier.highest())) {
      return List.of(ProductRow.ofLikePlaces(script, columns, firstRow, multiplicand, multiplier));
    }
    List<WrittenRow> rows = new ArrayList<>();
    int leftOut = 0;
    for (int place = 0; place <= multiplier.highest(); place++) {
      Entry figure = multiplier.at(place).orElseThrow();
      if (rows.size() == rowCount) {
        break; // Only a multiplier copied with a zero too few comes here: there is no room.
      }
      int index = rows.size();
      // After a row that was left out the next one stands in its squares, but is another row.
      if (!script.makes(Move.WRITE_ROW, Section.row(index + leftOut + 1), place)) {
        leftOut++;
        continue;
      }
      if (figure.value().signum() > 0) {
        rows.add(products(index, place, figure, multiplicand));
      } else if (style.has(Choice.ZeroDigit.SKIPPED)) {
        skip(index, place, figure);
      } else {
        rows.add(zeros(index, place, figure, multiplicand));
      }
    }
    return rows;
  }

  private void skip(int index, int place, Entry figure) {
    script.step(Section.row(index + 1), focus(figure));
    script.say(
        () ->
            Remark.of(RemarkKind.SKIP_ROW)
                .with("figure", new Quantity(figure.value(), place))
                .with("place", new Place(place)));
  }

  /** Writes the row for one figure of the multiplier. */
  private WrittenRow products(int index, int worth, Entry figure, WrittenRow multiplicand) {
    Role role = rowCount == 1 ? Role.ANSWER : Role.PARTIAL;
    Section section = Section.row(index + 1);
    int held = worth == 0 ? 0 : script.places(Shift.PLACES_HELD, section, worth, worth);
    ProductRow row = new ProductRow(new WrittenRow(firstRow + index), index, held, role, figure);
    if (worth > 0 || index > 0) {
      strikeUsed(section);
      script.step(section, focus(figure));
      boolean blank = rowCount > 1 && style.has(Choice.Placeholder.BLANK);
      if (!blank) {
        row.holdPlaces(script, columns);
      }
      script.say(
          () ->
              Remark.of(blank ? RemarkKind.LEAVE_BLANK : RemarkKind.PLACEHOLDER)
                  .with("figure", new Quantity(figure.value(), worth))
                  .with("count", held)
                  .with("times", Whole.powerOfTen(worth)));
    }
    row.multiply(script, columns, multiplicand, carries);
    if (rowCount > 1) {
      script.step(section);
      BigInteger times = Whole.product(figure.value(), Whole.powerOfTen(worth));
      Numeral total = row.written().read();
      script.say(
          () ->
              Remark.of(RemarkKind.CLOSE_ROW)
                  .with("multiplicand", sum.multiplicand())
                  .with("times", times)
                  .with("total", total));
    }
    return row.written();
  }

  /** The carries of the row before are struck in a step of their own. */
  private void strikeUsed(Section section) {
    if (carries.areToBeStruck()) {
      script.step(section);
      script.say(() -> Remark.of(RemarkKind.STRIKE_CARRIES));
    }
    carries.strikeUsed();
  }

  /** Writes the row of zeros for a zero of the multiplier. */
  private WrittenRow zeros(int index, int place, Entry figure, WrittenRow multiplicand) {
    ProductRow row =
        new ProductRow(new WrittenRow(firstRow + index), index, place, Role.PARTIAL, figure);
    strikeUsed(row.section());
    script.step(row.section(), focus(figure));
    if (style.has(Choice.Placeholder.ZERO)) {
      row.holdPlaces(script, columns);
    }
    row.zeros(script, columns, multiplicand);
    script.say(
        () ->
            Remark.of(RemarkKind.ROW_OF_ZEROS).with("figure", new Quantity(figure.value(), place)));
    return row.written();
  }

  private WrittenRow nothing(WrittenRow multiplicand, WrittenRow multiplier) {
    script.step(Section.row(1));
    WrittenRow row = new WrittenRow(firstRow);
    List<Entry> reads = List.of(multiplicand.at(0).orElseThrow(), multiplier.at(0).orElseThrow());
    Slot slot = Slot.full(Role.ANSWER, 0, columns.at(firstRow, 0));
    row.put(0, script.write(slot, Rule.ZERO, reads));
    script.say(() -> Remark.of(RemarkKind.TIMES_NOTHING));
    return row;
  }

  private WrittenRow added(List<WrittenRow> rows) {
    script.step(Section.TOTALS);
    int answerRow = firstRow + rows.size();
    int signPlace = WrittenRow.highest(rows) + 1;
    Layout.sign(script, columns.at(answerRow - 1, signPlace), "+");
    Layout.rule(script, answerRow, columns.of(signPlace), columns.of(0));
    script.say(() -> Remark.of(RemarkKind.ADD_ROWS).with("count", rows.size()));
    return ColumnAdder.crowded(style, columns, answerRow, firstRow).add(script, rows);
  }

  private Working readOff(WrittenRow answer, String method) {
    script.step(Section.ANSWER);
    Answer product = new Answer.One(answer.read());
    Layout.rule(script, answer.row() + 1, columns.of(answer.highest()), columns.of(0));
    script.say(
        () ->
            Remark.of(RemarkKind.READ_PRODUCT)
                .with("problem", sum)
                .with("answer", product.value()));
    Area extent = Layout.upTo(answer.row() + 1, columns.of(0));
    return script.finish(sum, method, product, extent, columns.ones());
  }

  private static Area focus(Entry figure) {
    return new Area(figure.slot().square(), figure.slot().square());
  }
}
