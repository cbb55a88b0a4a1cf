package bemble.method.multiplication;

import bemble.method.column.PlaceColumns;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The small carries of the rows of products: where they go, and when they are struck. */
final class RowCarries {
  private final Script script;
  private final PlaceColumns columns;
  private final int multiplicandRow;
  private final boolean oneRow;
  private final boolean struck;
  private final List<Entry> standing = new ArrayList<>();

  RowCarries(Script script, PlaceColumns columns, int multiplicandRow, boolean oneRow) {
    this.script = script;
    this.columns = columns;
    this.multiplicandRow = multiplicandRow;
    this.oneRow = oneRow;
    this.struck = script.style().has(Choice.UsedCarries.STRUCK);
  }

  /** How many rows above the multiplicand the carries need for so many rows of products. */
  static int rowsAbove(Style style, int rowCount) {
    boolean standing = style.has(Choice.UsedCarries.STANDING);
    return style.has(Choice.CarryPosition.ABOVE) && standing ? rowCount : 1;
  }

  /** Writes the carry into a place of the multiplicand, where there is any. */
  Optional<Entry> write(ProductRow row, int place, List<Entry> reads) {
    Optional<Entry> carry =
        script
            .meant(slot(row, place), Rule.of(Rule.Kind.TENS_OF_PAIRS), reads)
            .map(Script.Meant::write);
    carry.ifPresent(standing::add);
    return carry;
  }

  /** Above the multiplicand, under the row, or on the row itself. */
  private Slot slot(ProductRow row, int place) {
    int paperRow = row.written().row();
    int ahead = place + row.held();
    return switch (script.style().choice(Choice.CarryPosition.class)) {
      case ABOVE -> {
        int carryRow = multiplicandRow - 1 - (struck ? 0 : row.index());
        Square square = columns.at(carryRow, place);
        yield new Slot(Role.CARRY, place, square, Spot.SMALL, row.index());
      }
      case BELOW ->
          oneRow
              ? Slot.small(Role.CARRY, ahead, columns.at(paperRow + 1, ahead))
              : new Slot(Role.CARRY, ahead, columns.at(paperRow, ahead), Spot.LOWER_LEFT);
      case ON_LINE, KEPT_IN_MIND ->
          new Slot(Role.CARRY, ahead, columns.at(paperRow, ahead), Spot.UPPER_LEFT);
    };
  }

  /** Whether carries of the row before stand that the class strikes. */
  boolean areToBeStruck() {
    return struck && standing.stream().anyMatch(carry -> !carry.marks().isEmpty());
  }

  /** Strikes the carries of the row before, where the class does so. */
  void strikeUsed() {
    if (struck) {
      standing.forEach(script::strike);
    }
    standing.clear();
  }
}
