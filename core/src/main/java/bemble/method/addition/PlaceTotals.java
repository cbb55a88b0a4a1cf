package bemble.method.addition;

import bemble.method.column.ColumnAdder;
import bemble.method.column.SaidAddends;
import bemble.method.column.WrittenRow;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * The total so far after each place with figures to add, the highest place first.
 *
 * @param script where the totals are written or kept
 * @param parts the total of each place
 * @param row the row of the first total that is written
 * @param onlyTheSum whether all totals but the last are kept in the head
 */
record PlaceTotals(Script script, PlaceParts parts, int row, boolean onlyTheSum) {
  /** Adds place after place. */
  WrittenRow add() {
    AdditionLayout layout = parts.layout();
    List<Integer> places = parts.places();
    WrittenRow total = null;
    for (int place = layout.highest(); place >= layout.lowest(); place--) {
      if (places.contains(place)) {
        boolean last = place == places.get(places.size() - 1);
        total = add(place, last, total);
      } else if (total == null) {
        parts.skip(place);
      } else {
        script.step(Section.column(place), parts.focus().apply(place));
        say(RemarkKind.KEEP_SAME_TOTAL, place, total, total);
      }
    }
    return Objects.requireNonNull(total);
  }

  private WrittenRow add(int place, boolean last, @Nullable WrittenRow before) {
    script.step(Section.column(place), parts.focus().apply(place));
    int highest = Math.max(0, before == null ? place : Math.max(place, before.highest()));
    int lowest = last ? parts.layout().lowest() : Math.min(place, 0);
    IntFunction<List<Entry>> reads = at -> added(at, place, before);
    RunningTotals totals = new RunningTotals(script, parts.layout().columns());
    WrittenRow total;
    if (onlyTheSum) {
      // Totals in the head have no row; they are told apart by their place.
      total =
          last
              ? totals.write(row, highest, lowest, reads)
              : totals.keep(row + 1 + parts.layout().highest() - place, highest, lowest, reads);
    } else {
      total = totals.write(before == null ? row : before.row() + 1, highest, lowest, reads);
    }
    ColumnAdder.useSum(script, parts.at(place));
    RemarkKind kind = before == null ? RemarkKind.KEEP_TOTAL : RemarkKind.KEEP_NEXT_TOTAL;
    say(kind, place, before == null ? total : before, total);
    return total;
  }

  /**
   * The entries that come together at a place: that of the total before, and the parts of the
   * place.
   */
  private List<Entry> added(int at, int place, @Nullable WrittenRow before) {
    List<Entry> added = new ArrayList<>();
    if (before != null) {
      before.at(at).ifPresent(added::add);
    }
    added.addAll(at == place ? parts.at(place) : List.of());
    return added;
  }

  private void say(RemarkKind kind, int place, WrittenRow before, WrittenRow total) {
    List<Entry> reads = parts.at(place);
    Quantity more = new Quantity(Rule.TOTAL.applyTo(reads), place);
    script.say(
        () -> {
          SaidAddends said = parts.said(reads);
          return Remark.of(kind)
              .with("place", new Place(place))
              .with("parts", said.parts(place))
              .with("adding", said.adding(more))
              .with("before", before.read())
              .with("more", more.worth())
              .with("total", total.read());
        });
  }
}
