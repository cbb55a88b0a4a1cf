package bemble.method.division;

import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Remaining;
import bemble.method.column.WrittenRow;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.procedure.Entry;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.remark.Place;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;

/** A dividend under its bracket with the divisor in front of it, as long divisions begin. */
final class Bracket {
  private final Division sum;
  private final Script script;
  private final int row;
  private final int width;
  private final PlaceColumns columns;
  private WrittenRow dividend;
  private Entry divisor;

  /**
   * A bracket over the dividend in {@code row}; the heads of the columns stand in the first row.
   */
  @SuppressWarnings("NullAway.Init")
  Bracket(Division sum, Script script, int row) {
    this.sum = sum;
    this.script = script;
    this.row = row;
    this.width = sum.divisor().length();
    this.columns = new PlaceColumns(width + sum.dividend().length() - 1);
  }

  PlaceColumns columns() {
    return columns;
  }

  /** The figure of the dividend at a place, as it was written. */
  Entry figure(int place) {
    return dividend.at(place).orElseThrow();
  }

  int highest() {
    return dividend.highest();
  }

  Entry divisor() {
    return divisor;
  }

  /** Writes both numbers and rules the bracket, in one step. */
  void setOut(RemarkKind kind) {
    script.step(Section.SET_OUT);
    columns.heads(script, 0, sum.dividend().highestPlace(), 0);
    script.say(
        () -> Remark.of(kind).with("dividend", sum.dividend()).with("divisor", sum.divisor()));
    dividend = WrittenRow.copy(script, columns, row, sum.dividend());
    Slot slot = Slot.full(Role.DIVISOR, 0, new Square(row, width - 1));
    divisor = script.copy(slot, sum.divisor().unscaled());
    Layout.bracket(script, row, width, columns.ones());
  }

  /** Takes figures from the left until the divisor goes in; gives the place of the last. */
  int takeFirst(Remaining remaining) {
    int place = dividend.highest() + 1;
    do {
      place--;
      remaining.take(figure(place));
    } while (place > 0 && remaining.value().compareTo(divisor.value()) < 0);
    Place last = new Place(place);
    Square first = columns.at(row, dividend.highest());
    script.step(Section.round(1), new Area(first, columns.at(row, place)));
    BigInteger stands = remaining.value();
    RemarkKind kind = taken(stands, remaining.parts().size() > 1);
    script.say(
        () ->
            Remark.of(kind)
                .with("divisor", sum.divisor())
                .with("first", figure(dividend.highest()).value())
                .with("standing", stands)
                .with("place", last));
    return place;
  }

  /** How the first figures are taken; all of them may be too few. */
  private RemarkKind taken(BigInteger stands, boolean several) {
    if (stands.compareTo(divisor.value()) < 0) {
      return RemarkKind.TAKE_TOO_FEW;
    }
    return several ? RemarkKind.TAKE_MORE_FIGURES : RemarkKind.TAKE_FIRST;
  }
}
