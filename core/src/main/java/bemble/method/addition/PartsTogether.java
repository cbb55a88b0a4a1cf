package bemble.method.addition;

import bemble.fact.Fact;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Square;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.remark.Adding;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Adds parts to one another in the head: at once as far as no place makes a ten, and one that makes
 * a ten in a step of its own.
 *
 * @param script where the totals are written
 * @param columns the columns of the totals
 * @param lowest the lowest place of the sum
 * @param begin the first square of the line of parts
 * @param lastColumn the last column of that line
 */
record PartsTogether(
    Script script, PlaceColumns columns, int lowest, Square begin, int lastColumn) {
  /**
   * Writes the sum under the line, and before it the totals on the way there where the class does
   * so; else they are kept in the head. A single part is the sum already.
   *
   * @param opening draws the marks before the first of them
   */
  WrittenRow add(List<WrittenRow> parts, int firstRow, Runnable opening) {
    boolean all = script.style().has(Choice.PartialSums.LINE_AND_TOTALS);
    WrittenRow total = parts.get(0);
    int row = firstRow;
    int next = 1;
    while (next < parts.size()) {
      List<WrittenRow> group = new ArrayList<>(List.of(total, parts.get(next++)));
      Optional<Integer> ten = placeThatMakesTen(group);
      while (ten.isEmpty() && next < parts.size() && staysBelowTen(group, parts.get(next))) {
        group.add(parts.get(next++));
      }
      boolean last = next == parts.size();
      int at = last && !all ? firstRow : row;
      script.step(Section.TOTALS, new Area(begin, new Square(at, lastColumn)));
      if (row == firstRow) {
        opening.run();
      }
      total = last || all ? written(group, at, last) : kept(group, at);
      say(last || all ? RemarkKind.JOIN_PARTS : RemarkKind.KEEP_PARTS, ten, group, total);
      row++;
    }
    return total;
  }

  private WrittenRow written(List<WrittenRow> group, int row, boolean last) {
    int from = last ? lowest : lowest(group);
    return new RunningTotals(script, columns)
        .write(row, WrittenRow.highest(group), from, place -> RunningTotals.at(place, group));
  }

  private WrittenRow kept(List<WrittenRow> group, int row) {
    return new RunningTotals(script, columns)
        .keep(
            row, WrittenRow.highest(group), lowest(group), place -> RunningTotals.at(place, group));
  }

  private void say(
      RemarkKind kind, Optional<Integer> ten, List<WrittenRow> group, WrittenRow total) {
    List<Numeral> parts = group.stream().map(WrittenRow::read).toList();
    script.use(() -> Fact.add(inOnePlace(parts)));
    script.say(
        () -> {
          int place = ten.orElse(0);
          return Remark.of(ten.isPresent() ? RemarkKind.ADD_PART : kind)
              .with("place", new Place(place))
              .with("made", new Quantity(BigInteger.ONE, place + 1))
              .with("parts", parts)
              .with("adding", Adding.of(parts, total.read()))
              .with("total", total.read());
        });
  }

  /** Numbers counted in the lowest place that any of them has. */
  private static List<BigInteger> inOnePlace(List<Numeral> numbers) {
    int places = numbers.stream().mapToInt(Numeral::scale).max().orElse(0);
    return numbers.stream().map(number -> number.padded(places).unscaled()).toList();
  }

  private static boolean staysBelowTen(List<WrittenRow> group, WrittenRow next) {
    List<WrittenRow> more = new ArrayList<>(group);
    more.add(next);
    return placeThatMakesTen(more).isEmpty();
  }

  /** The lowest place at which the figures of some numbers make ten or more. */
  private static Optional<Integer> placeThatMakesTen(List<WrittenRow> numbers) {
    for (int place = lowest(numbers); place <= WrittenRow.highest(numbers); place++) {
      BigInteger total = Rule.TOTAL.applyTo(RunningTotals.at(place, numbers));
      if (total.compareTo(BigInteger.TEN) >= 0) {
        return Optional.of(place);
      }
    }
    return Optional.empty();
  }

  private static int lowest(List<WrittenRow> numbers) {
    return numbers.stream().mapToInt(WrittenRow::lowest).min().orElse(0);
  }
}
