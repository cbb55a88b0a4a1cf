package bemble.method.addition;

import bemble.method.column.PlaceColumns;
import bemble.method.column.WrittenRow;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/**
 * Totals so far, one under another in the columns of the addends. Their carries are not written:
 * they are kept in the head.
 *
 * @param script where they are written
 * @param columns the columns of the addends
 */
record RunningTotals(Script script, PlaceColumns columns) {
  /**
   * Writes a total in the open step.
   *
   * @param reads the entries that are added at a place; none where a zero fills up the number
   */
  WrittenRow write(int row, int highest, int lowest, IntFunction<List<Entry>> reads) {
    WrittenRow total = new WrittenRow(row, highest + 1, lowest);
    List<Entry> added = List.of();
    Optional<Entry> carry = Optional.empty();
    for (int place = lowest; place <= highest; place++) {
      added = with(carry, reads.apply(place));
      Rule rule = added.isEmpty() ? Rule.of(Rule.Kind.ZERO) : Rule.ONES_OF_TOTAL;
      total.put(place, script.write(slot(row, place), rule, added));
      carry = place < highest ? tens(Role.CARRY, row, place + 1, added) : Optional.empty();
    }
    // Where no place is left, the tens of the last one stand in front.
    script
        .meant(slot(row, highest + 1), Rule.TENS_OF_TOTAL, added)
        .ifPresent(tens -> total.put(highest + 1, tens.write()));
    total.point(script, columns);
    return total;
  }

  /** Keeps a total in the head; {@code row} tells it from others that are kept. */
  WrittenRow keep(int row, int highest, int lowest, IntFunction<List<Entry>> reads) {
    WrittenRow total = new WrittenRow(row, highest + 1, lowest);
    Optional<Entry> carry = Optional.empty();
    for (int place = lowest; place <= highest; place++) {
      List<Entry> added = with(carry, reads.apply(place));
      Slot mind = Slot.small(Role.ANSWER, place, columns.at(row, place));
      total.put(place, script.keepInMind(mind, Rule.ONES_OF_TOTAL, added));
      carry = tens(place < highest ? Role.CARRY : Role.ANSWER, row, place + 1, added);
    }
    carry.ifPresent(tens -> total.put(highest + 1, tens));
    return total;
  }

  private static List<Entry> with(Optional<Entry> carry, List<Entry> figures) {
    List<Entry> added = new ArrayList<>(figures);
    carry.ifPresent(added::add);
    return added;
  }

  /** Carries are not written either. */
  private Optional<Entry> tens(Role role, int row, int place, List<Entry> added) {
    if (Rule.TOTAL.applyTo(added).compareTo(BigInteger.TEN) < 0) {
      return Optional.empty();
    }
    Slot mind = Slot.small(role, place, columns.at(row, place));
    return Optional.of(script.keepInMind(mind, Rule.TENS_OF_TOTAL, added));
  }

  private Slot slot(int row, int place) {
    return Slot.full(Role.ANSWER, place, columns.at(row, place));
  }

  /** The figures of some numbers at a place. */
  static List<Entry> at(int place, List<WrittenRow> numbers) {
    return numbers.stream().flatMap(number -> number.at(place).stream()).toList();
  }
}
