package bemble.method.column;

import bemble.fact.Fact;
import bemble.number.Figures;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Adds rows column by column, ones first, with carries. Serves every method in which numbers that
 * stand under one another are added.
 *
 * @param columns the place columns
 * @param carryRow the row for small carries
 * @param carrySpot where in its square a carry stands
 * @param answerRow the row for the sum
 * @param headRow the first row of the columns, for the squares at work
 */
public record ColumnAdder(
    PlaceColumns columns, int carryRow, Spot carrySpot, int answerRow, int headRow) {
  /** What is added at a place: the figures and the carry, beside so many blank squares. */
  private record Column(int place, List<Entry> reads, int blanks, BigInteger total) {}

  /** The adder whose carries stand where the style has them; {@code above} is the row for them. */
  public static ColumnAdder styled(
      Style style, PlaceColumns columns, int above, int answerRow, int headRow) {
    return style.has(Choice.CarryPosition.ABOVE)
        ? new ColumnAdder(columns, above, Spot.SMALL, answerRow, headRow)
        : crowded(style, columns, answerRow, headRow);
  }

  /** The adder for rows with no room above them: the carries stand below or on the line. */
  public static ColumnAdder crowded(Style style, PlaceColumns columns, int answerRow, int headRow) {
    return style.has(Choice.CarryPosition.ON_LINE)
        ? new ColumnAdder(columns, answerRow, Spot.UPPER_LEFT, answerRow, headRow)
        : new ColumnAdder(columns, answerRow + 1, Spot.SMALL, answerRow, headRow);
  }

  /** Adds the rows and gives the row of the sum; writes its steps into the script. */
  public WrittenRow add(Script script, List<WrittenRow> rows) {
    int highest = WrittenRow.highest(rows);
    int lowest = 0;
    for (WrittenRow row : rows) {
      lowest = Math.min(lowest, row.lowest());
    }
    Decimals.markFirst(script, columns, answerRow, lowest);
    WrittenRow answer = new WrittenRow(answerRow);
    Optional<Entry> carry = Optional.empty();
    int wide = 0;
    for (int place = lowest; place <= highest; place++) {
      List<Entry> reads = reads(script.style(), rows, place, carry);
      BigInteger total = Rule.TOTAL.applyTo(reads);
      boolean whole = false;
      if (place < highest && total.compareTo(BigInteger.TEN) >= 0) {
        whole = !script.makes(Move.CARRY, Section.column(place), place);
      }
      int blanks = rows.size() + (carry.isPresent() ? 1 : 0) - reads.size();
      Column column = new Column(place, reads, blanks, total);
      if (whole || wide > 0) {
        wide += wholeTotal(script, column, wide, answer);
        carry = Optional.empty();
      } else {
        carry = work(script, column, answer, place == highest);
      }
    }
    return answer;
  }

  /** How many columns of some rows carry when they are added. */
  public static int carries(List<WrittenRow> rows) {
    int lowest = rows.stream().mapToInt(WrittenRow::lowest).min().orElse(0);
    BigInteger carry = BigInteger.ZERO;
    int carries = 0;
    for (int place = lowest; place < WrittenRow.highest(rows); place++) {
      BigInteger total = carry;
      for (WrittenRow row : rows) {
        total = total.add(row.at(place).map(Entry::value).orElse(BigInteger.ZERO));
      }
      carry = Whole.tens(total);
      carries += carry.signum();
    }
    return carries;
  }

  /** The figures that are added in a column, in the class's order. */
  private static List<Entry> reads(
      Style style, List<WrittenRow> rows, int place, Optional<Entry> carry) {
    List<Entry> figures = new ArrayList<>(rows.size() + 1);
    for (WrittenRow row : rows) {
      row.at(place).ifPresent(figures::add);
    }
    if (carry.isPresent() && looksForTens(style)) {
      // Figures that make ten are looked for among all addends.
      figures.add(style.has(Choice.CarryTurn.FIRST) ? 0 : figures.size(), carry.get());
      return List.copyOf(ColumnOrder.of(style, figures));
    }
    List<Entry> reads = ColumnOrder.of(style, figures);
    if (carry.isPresent()) {
      reads.add(style.has(Choice.CarryTurn.FIRST) ? 0 : reads.size(), carry.get());
    }
    return List.copyOf(reads);
  }

  private static boolean looksForTens(Style style) {
    return style.has(Choice.AddingOrder.TENS_FIRST)
        || style.has(Choice.AddingOrder.LARGEST_AND_TENS);
  }

  /**
   * Writes a column's total whole although columns follow, so that all later figures stand further
   * left; gives by how many places more.
   */
  private int wholeTotal(Script script, Column column, int wide, WrittenRow answer) {
    int place = column.place();
    List<Entry> reads = column.reads();
    script.step(Section.column(place), focus(place));
    sayTotal(script, column, true);
    Slot slot = Slot.full(Role.ANSWER, place + wide, columns.at(answerRow, place + wide));
    Entry total = script.write(slot, Rule.TOTAL, reads);
    answer.put(place + wide, total);
    return Figures.of(total.value()).length() - 1;
  }

  /** Works one column; gives the carry into the next, if there is one. */
  private Optional<Entry> work(Script script, Column column, WrittenRow answer, boolean last) {
    int place = column.place();
    List<Entry> reads = column.reads();
    BigInteger total = column.total();
    Area focus = focus(place);
    script.step(Section.column(place), focus);
    sayTotal(script, column, last && total.compareTo(BigInteger.TEN) >= 0);
    Slot slot = Slot.full(Role.ANSWER, place, columns.at(answerRow, place));
    Script.Meant ones = script.means(slot, Rule.ONES_OF_TOTAL, reads);
    if (last) {
      answer.put(place, ones.write());
      Slot front = Slot.full(Role.ANSWER, place + 1, columns.at(answerRow, place + 1));
      script
          .meant(front, Rule.TENS_OF_TOTAL, reads)
          .ifPresent(tens -> answer.put(place + 1, tens.write()));
      return Optional.empty();
    }
    Slot small = new Slot(Role.CARRY, place + 1, columns.at(carryRow, place + 1), carrySpot);
    Optional<Script.Meant> tens = script.meant(small, Rule.TENS_OF_TOTAL, reads);
    if (tens.isEmpty()) {
      if (Questions.canTenBeMade(script, focus, total, place)) {
        script.step(Section.column(place), focus);
        script.say(
            () ->
                Remark.of(RemarkKind.WRITE_TOTAL)
                    .with("total", new Quantity(total, place))
                    .with("place", new Place(place)));
      }
      answer.put(place, ones.write());
      return Optional.empty();
    }
    // The question comes before either figure is written.
    Questions.canTenBeMade(script, focus, total, place);
    script.step(Section.column(place), focus);
    Entry carry = WritingOrder.write(script, ones, tens.get(), figure -> answer.put(place, figure));
    script.say(
        () ->
            Remark.of(RemarkKind.CARRY)
                .with("order", WritingOrder.of(script))
                .with("total", new Quantity(total, place))
                .with("ten", new Quantity(Whole.product(Whole.tens(total), BigInteger.TEN), place))
                .with("carried", new Quantity(Whole.tens(total), place + 1))
                .with("moved", new Quantity(Whole.tens(total), place + 1))
                .with("left", new Quantity(Whole.ones(total), place)));
    return Optional.of(carry);
  }

  private static void sayTotal(Script script, Column column, boolean whole) {
    List<Entry> reads = column.reads();
    script.say(
        () -> {
          int place = column.place();
          SaidAddends addends = SaidAddends.of(script.style(), reads, column.blanks());
          Quantity total = new Quantity(column.total(), place);
          return Remark.of(whole ? RemarkKind.ADD_LAST_COLUMN : addends.kind())
              .with("parts", addends.parts(place))
              .with("adding", addends.adding(total))
              .with("tens", looksForTens(script.style()) ? addends.tens() : 0)
              .with("total", total)
              .with("place", new Place(place));
        });
    useSum(script, reads);
  }

  /** Notes the addition fact of some entries; fewer than two addends make no fact. */
  public static void useSum(Script script, List<Entry> reads) {
    if (countOfAddends(reads) > 1) {
      script.use(
          () -> Fact.add(reads.stream().filter(ColumnAdder::adds).map(Entry::value).toList()));
    }
  }

  private static int countOfAddends(List<Entry> reads) {
    int count = 0;
    for (Entry read : reads) {
      count += adds(read) ? 1 : 0;
    }
    return count;
  }

  private static boolean adds(Entry read) {
    return read.value().signum() > 0;
  }

  private Area focus(int place) {
    return new Area(columns.at(headRow, place), columns.at(Math.max(answerRow, carryRow), place));
  }
}
