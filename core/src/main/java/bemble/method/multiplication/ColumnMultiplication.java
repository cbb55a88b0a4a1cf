package bemble.method.multiplication;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.column.ColumnAdder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.plan.Answer;
import bemble.plan.Decision;
import bemble.plan.Entry;
import bemble.plan.Rule;
import bemble.plan.Script;
import bemble.plan.Slot;
import bemble.plan.Working;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.slip.Slip;
import bemble.style.Choice;
import bemble.style.Setting;
import bemble.style.Style;
import bemble.wording.Place;
import bemble.wording.Quantity;
import bemble.wording.Remark;
import bemble.wording.RemarkKind;
import bemble.wording.Section;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A row for each figure of the multiplier, ones first, with a placeholder zero for each place the
 * figure stands for; small carries, struck before the next row; the rows added with carries of
 * their own. A zero in the multiplier gives no row, its place being kept by the next row's zeros,
 * or a row of zeros, as the class has it.
 */
public final class ColumnMultiplication implements Method<Multiplication> {
  private static final int HEADS = 1;

  @Override
  public Operation operation() {
    return Operation.MULTIPLICATION;
  }

  @Override
  public String id() {
    return "column";
  }

  @Override
  public List<Slip> slips() {
    return List.of(
        Slip.NO_PLACEHOLDER,
        Slip.ROW_LEFT_OUT,
        Slip.MATCHING_PLACES_ONLY,
        Slip.ZERO_TIMES_GIVES_THE_NUMBER,
        Slip.MULTIPLIED_CARRY_NOT_ADDED,
        Slip.CARRY_ADDED_FIRST,
        Slip.CARRY_OF_ROW_BEFORE,
        Slip.ROWS_ADDED_WRONGLY,
        Slip.FACT_ONE_OUT);
  }

  @Override
  public List<Setting> schools() {
    return List.of(Setting.PLACEHOLDER, Setting.ZERO_DIGIT);
  }

  @Override
  public Optional<String> partner() {
    return Optional.of("crosswise");
  }

  @Override
  public List<String> trialLines() {
    return List.of("34 × 203");
  }

  @Override
  public Working work(Multiplication sum, Script script) {
    return new Page(sum, script).work();
  }

  /** A row being written: its section, its figures' role, its place and its multiplier figure. */
  private record RowInWork(
      Section section, WrittenRow row, Role role, int index, int place, Entry figure) {}

  private final class Page {
    private final Multiplication sum;
    private final Script script;
    private final PlaceColumns columns;
    private final Style style;
    private final int rowCount;
    private final int multiplicandRow;
    private final int firstRow;
    private WrittenRow multiplicand;
    private final List<Entry> standingCarries = new ArrayList<>();

    Page(Multiplication sum, Script script) {
      this.sum = sum;
      this.style = script.style();
      this.script = script;
      this.columns = new PlaceColumns(sum.multiplicand().length() + sum.multiplier().length());
      String figures = sum.multiplier().figures();
      boolean nothing = sum.multiplicand().isZero() || sum.multiplier().isZero();
      boolean skipping = style.has(Choice.ZeroDigit.SKIPPED);
      this.rowCount =
          nothing ? 1 : (int) figures.chars().filter(c -> c != '0' || !skipping).count();
      // Carries that stay standing need a row for each row of products.
      boolean standing = style.has(Choice.UsedCarries.STANDING);
      int above = style.has(Choice.CarryPosition.ABOVE) && standing ? rowCount : 1;
      this.multiplicandRow = HEADS + above;
      this.firstRow = multiplicandRow + 2;
    }

    Working work() {
      WrittenRow multiplier = setOut();
      List<WrittenRow> rows = new ArrayList<>();
      if (!sum.multiplicand().isZero() && !sum.multiplier().isZero()) {
        for (int place = 0; place <= multiplier.highest(); place++) {
          Entry figure = multiplier.at(place).orElseThrow();
          if (rows.size() == rowCount) {
            break; // Only a multiplier copied with a zero too few comes here: there is no room.
          }
          Section section = Section.row(rows.size() + 1);
          if (!script.makes(Decision.ROW_WRITTEN, section, place)) {
            continue;
          }
          if (figure.value().signum() > 0) {
            rows.add(row(rows.size(), place, figure));
          } else if (style.has(Choice.ZeroDigit.SKIPPED)) {
            skip(rows, place, figure);
          } else {
            rows.add(zeros(rows.size(), place, figure));
          }
        }
      }
      if (rows.isEmpty()) {
        rows.add(nothing(multiplier));
      }
      return addRows(rows);
    }

    private WrittenRow setOut() {
      script.step(Section.SET_OUT, null);
      Numeral one = sum.multiplicand();
      Numeral other = sum.multiplier();
      int highest = Math.max(one.highestPlace(), other.highestPlace());
      columns.heads(script, 0, highest, 0);
      multiplicand = WrittenRow.copy(script, columns, multiplicandRow, one);
      WrittenRow multiplier = WrittenRow.copy(script, columns, multiplicandRow + 1, other);
      script.say(() -> Remark.of(RemarkKind.SET_OUT_FACTORS));
      script.step(Section.SET_OUT, null);
      Layout.sign(script, columns.at(multiplicandRow + 1, highest + 1), "×");
      Layout.rule(script, firstRow, columns.of(highest + 1), columns.of(0));
      script.say(
          () ->
              Remark.of(RemarkKind.START_MULTIPLYING)
                  .with("multiplicand", one)
                  .with("figure", new Quantity(BigInteger.valueOf(other.digitAt(0)), 0)));
      return multiplier;
    }

    private WrittenRow nothing(WrittenRow multiplier) {
      script.step(Section.row(1), null);
      WrittenRow row = new WrittenRow(firstRow);
      List<Entry> reads = List.of(multiplicand.at(0).orElseThrow(), multiplier.at(0).orElseThrow());
      Slot slot = Slot.full(Role.ANSWER, 0, columns.at(firstRow, 0));
      row.put(0, script.write(slot, Rule.of(Rule.Kind.ZERO), reads));
      script.say(() -> Remark.of(RemarkKind.TIMES_NOTHING));
      return row;
    }

    private void skip(List<WrittenRow> rows, int place, Entry figure) {
      script.step(Section.row(rows.size() + 1), focus(figure));
      script.say(
          () ->
              Remark.of(RemarkKind.SKIP_ROW)
                  .with("figure", new Quantity(figure.value(), place))
                  .with("place", new Place(place)));
    }

    /** Writes the row for one figure of the multiplier. */
    private WrittenRow row(int index, int worth, Entry figure) {
      Role role = rowCount == 1 ? Role.ANSWER : Role.PARTIAL;
      Section section = Section.row(index + 1);
      int place = worth == 0 ? 0 : script.decide(Decision.PLACES_HELD, section, worth, worth);
      WrittenRow row = new WrittenRow(firstRow + index);
      if (worth > 0 || index > 0) {
        script.step(section, focus(figure));
        strikeUsed();
        boolean blank = rowCount > 1 && style.has(Choice.Placeholder.BLANK);
        if (!blank) {
          holdPlaces(row, place);
        }
        script.say(
            () ->
                Remark.of(blank ? RemarkKind.LEAVE_BLANK : RemarkKind.PLACEHOLDER)
                    .with("figure", new Quantity(figure.value(), worth))
                    .with("count", place));
      }
      Optional<Entry> carry = Optional.empty();
      for (int p = 0; p <= multiplicand.highest(); p++) {
        carry = product(new RowInWork(section, row, role, index, place, figure), p, carry);
      }
      return row;
    }

    /** Writes the row of zeros for a zero of the multiplier. */
    private WrittenRow zeros(int index, int place, Entry figure) {
      WrittenRow row = new WrittenRow(firstRow + index);
      script.step(Section.row(index + 1), focus(figure));
      strikeUsed();
      if (style.has(Choice.Placeholder.ZERO)) {
        holdPlaces(row, place);
      }
      for (int p = 0; p <= multiplicand.highest(); p++) {
        List<Entry> reads = List.of(multiplicand.at(p).orElseThrow(), figure);
        Slot slot = Slot.full(Role.PARTIAL, p + place, columns.at(row.row(), p + place));
        row.put(p + place, script.write(slot, Rule.of(Rule.Kind.FIGURE_OF_PAIRS), reads));
      }
      script.say(
          () ->
              Remark.of(RemarkKind.ROW_OF_ZEROS)
                  .with("figure", new Quantity(figure.value(), place)));
      return row;
    }

    private void holdPlaces(WrittenRow row, int place) {
      for (int p = 0; p < place; p++) {
        Slot slot = Slot.full(Role.PLACEHOLDER, p, columns.at(row.row(), p));
        row.put(p, script.write(slot, Rule.of(Rule.Kind.ZERO), List.of()));
      }
    }

    private void strikeUsed() {
      if (style.has(Choice.UsedCarries.STRUCK)) {
        standingCarries.forEach(script::strike);
      }
      standingCarries.clear();
    }

    /** Where a carry of a row goes: above the multiplicand, under the row, or on the row itself. */
    private Slot carrySlot(RowInWork work, int p) {
      int row = work.row().row();
      int ahead = p + work.place();
      return switch (style.choice(Choice.CarryPosition.class)) {
        case ABOVE -> {
          boolean standing = style.has(Choice.UsedCarries.STANDING);
          int carryRow = multiplicandRow - 1 - (standing ? work.index() : 0);
          yield Slot.small(Role.CARRY, p, columns.at(carryRow, p));
        }
        case BELOW ->
            rowCount == 1
                ? Slot.small(Role.CARRY, ahead, columns.at(row + 1, ahead))
                : new Slot(Role.CARRY, ahead, columns.at(row, ahead), Spot.LOWER_LEFT);
        case ON_LINE -> new Slot(Role.CARRY, ahead, columns.at(row, ahead), Spot.UPPER_LEFT);
      };
    }

    /** Writes one figure of a row; gives the carry into the next. */
    private Optional<Entry> product(RowInWork work, int p, Optional<Entry> carry) {
      WrittenRow row = work.row();
      int place = work.place();
      Entry figure = work.figure();
      Entry top = multiplicand.at(p).orElseThrow();
      List<Entry> reads = new ArrayList<>(List.of(top, figure));
      carry.ifPresent(reads::add);
      BigInteger times = top.value().multiply(figure.value());
      BigInteger total = carry.map(Entry::value).orElse(BigInteger.ZERO).add(times);
      boolean last = p == multiplicand.highest();

      script.step(work.section(), new Area(columns.at(HEADS, p), columns.at(row.row(), p)));
      Slot slot = Slot.full(work.role(), p + place, columns.at(row.row(), p + place));
      row.put(p + place, script.write(slot, Rule.of(Rule.Kind.FIGURE_OF_PAIRS), reads));
      use(top, figure, times, carry);
      script.say(
          () ->
              Remark.of(carry.isPresent() ? RemarkKind.MULTIPLY_AND_ADD : RemarkKind.MULTIPLY)
                  .with("figure", figure.value())
                  .with("top", new Quantity(top.value(), p))
                  .with("times", new Quantity(times, p))
                  .with("carried", carry.map(Entry::value).orElse(BigInteger.ZERO))
                  .with("total", new Quantity(total, p))
                  .with("tens", last ? BigInteger.ZERO : total.divide(BigInteger.TEN))
                  .with("write", last ? total : total.mod(BigInteger.TEN)));
      if (total.compareTo(BigInteger.TEN) < 0) {
        return Optional.empty();
      }
      if (last) {
        Slot front = Slot.full(work.role(), p + place + 1, columns.at(row.row(), p + place + 1));
        row.put(p + place + 1, script.write(front, Rule.of(Rule.Kind.TENS_OF_PAIRS), reads));
        return Optional.empty();
      }
      Slot small = carrySlot(work, p + 1);
      Entry next = script.write(small, Rule.of(Rule.Kind.TENS_OF_PAIRS), reads);
      standingCarries.add(next);
      return Optional.of(next);
    }

    private void use(Entry top, Entry figure, BigInteger times, Optional<Entry> carry) {
      script.use(() -> Fact.multiply(top.value(), figure.value()));
      carry.ifPresent(added -> script.use(() -> Fact.add(List.of(times, added.value()))));
    }

    private Area focus(Entry figure) {
      return new Area(figure.slot().square(), figure.slot().square());
    }

    private Working addRows(List<WrittenRow> rows) {
      int answerRow = firstRow + rows.size();
      WrittenRow answer = rows.get(0);
      int last = answer.row();
      if (rows.size() > 1) {
        script.step(Section.TOTALS, null);
        int highest = rows.stream().mapToInt(WrittenRow::highest).max().orElseThrow();
        Layout.sign(script, columns.at(answerRow - 1, highest + 1), "+");
        Layout.rule(script, answerRow, columns.of(highest + 1), columns.of(0));
        script.say(() -> Remark.of(RemarkKind.ADD_ROWS).with("count", rows.size()));
        answer = ColumnAdder.crowded(style, columns, answerRow, firstRow).add(script, rows);
        last = answerRow;
      }
      script.step(Section.ANSWER, null);
      Answer product = new Answer.One(answer.read());
      Layout.rule(script, answer.row() + 1, columns.of(answer.highest()), columns.of(0));
      script.say(
          () ->
              Remark.of(RemarkKind.READ_PRODUCT)
                  .with("problem", sum)
                  .with("answer", product.value()));
      Area extent = Layout.upTo(last + 1, columns.of(0));
      return script.finish(sum, id(), product, extent, columns.ones());
    }
  }
}
