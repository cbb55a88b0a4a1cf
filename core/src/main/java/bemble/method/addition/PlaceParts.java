package bemble.method.addition;

import bemble.method.column.ColumnAdder;
import bemble.method.column.ColumnOrder;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.SaidAddends;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * The totals of the figures of each place, the highest place first.
 *
 * @param script where it is written
 * @param layout the places of the addends
 * @param addends the addends
 * @param focus the squares of the addends' figures of a place
 */
record PlaceParts(
    Script script, AdditionLayout layout, List<WrittenRow> addends, IntFunction<Area> focus) {
  /**
   * Writes the total of each place that has figures to add.
   *
   * @param firstSign the sign before the first of them, if there is room for one
   */
  List<WrittenRow> write(String firstSign, List<Integer> places, List<PartsLayout.Block> blocks) {
    List<WrittenRow> parts = new ArrayList<>();
    for (int place = layout.highest(); place >= layout.lowest(); place--) {
      if (places.contains(place)) {
        PartsLayout.Block block = blocks.get(parts.size());
        parts.add(part(place, places, block.row(), block.columns()));
        String sign = parts.size() == 1 ? firstSign : "+";
        block.sign().ifPresent(at -> Layout.sign(script, at, sign));
      } else {
        skip(place);
      }
    }
    return parts;
  }

  /** The places at which numbers are added, the highest first; the ones if there is none. */
  List<Integer> places() {
    List<Integer> places = new ArrayList<>();
    for (int place = layout.highest(); place >= layout.lowest(); place--) {
      if (Rule.TOTAL.applyTo(at(place)).signum() > 0) {
        places.add(place);
      }
    }
    return places.isEmpty() ? List.of(0) : places;
  }

  /** Says that nothing is added at a place. */
  void skip(int place) {
    script.step(Section.column(place), focus.apply(place));
    script.say(() -> Remark.of(RemarkKind.ADD_NO_PLACE).with("place", new Place(place)));
  }

  /**
   * Writes the total of one place, with its zeros: down to the ones. If it is the only part, it is
   * the answer and goes down to the lowest place of the addends.
   */
  private WrittenRow part(int place, List<Integer> places, int row, PlaceColumns columns) {
    List<Entry> reads = at(place);
    script.step(Section.column(place), focus.apply(place));
    WrittenRow part = new WrittenRow(row);
    boolean alone = places.size() == 1;
    Role zeros = alone ? Role.ANSWER : Role.PLACEHOLDER;
    Role figures = alone ? Role.ANSWER : Role.PARTIAL;
    // From the right, so that the whole part can be typed in one go.
    for (int under = alone ? layout.lowest() : 0; under < place; under++) {
      part.put(under, zero(zeros, under, columns.at(row, under)));
    }
    int length = Rule.TOTAL.applyTo(reads).toString().length();
    for (int n = 0; n < length; n++) {
      Slot slot = Slot.full(figures, place + n, columns.at(row, place + n));
      part.put(place + n, script.write(slot, Rule.figureOfTotal(n), reads));
    }
    for (int above = place + length; above <= 0; above++) {
      part.put(above, zero(zeros, above, columns.at(row, above)));
    }
    part.point(script, columns);
    sayPart(place, reads, part.read());
    return part;
  }

  private Entry zero(Role role, int place, Square at) {
    return script.write(Slot.full(role, place, at), Rule.of(Rule.Kind.ZERO), List.of());
  }

  private void sayPart(int place, List<Entry> reads, Numeral worth) {
    ColumnAdder.useSum(script, reads);
    script.say(
        () -> {
          SaidAddends said = said(reads);
          Quantity total = new Quantity(Rule.TOTAL.applyTo(reads), place);
          return Remark.of(said.isSingle() ? RemarkKind.ADD_SINGLE_PLACE : RemarkKind.ADD_PLACE)
              .with("parts", said.parts(place))
              .with("adding", said.adding(total))
              .with("total", total)
              .with("worth", worth);
        });
  }

  /** The figures of a place as they are said. */
  SaidAddends said(List<Entry> reads) {
    return SaidAddends.of(script.style(), reads, addends.size() - reads.size());
  }

  /** The figures of a place, in the class's order. */
  List<Entry> at(int place) {
    return ColumnOrder.of(script.style(), RunningTotals.at(place, addends));
  }
}
