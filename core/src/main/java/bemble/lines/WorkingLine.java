package bemble.lines;

import bemble.paper.Role;
import bemble.procedure.Slot;

/**
 * A number in one row of a page, as a reader would read it out: a partial product, a remainder, the
 * answer.
 *
 * @param role its purpose
 * @param row the row of the page in which it stands
 * @param ones the column of its ones where a row may hold several, as with parts; else 0
 */
public record WorkingLine(Role role, int row, int ones) {
  static WorkingLine of(Slot slot) {
    boolean isPart = slot.role() == Role.PARTIAL;
    int ones = isPart ? slot.square().column() + slot.place() : 0;
    return new WorkingLine(slot.role(), slot.square().row(), ones);
  }

  /** A short name: {@code ANSWER-4}. */
  public String key() {
    return role.name() + "-" + row + (ones == 0 ? "" : "-" + ones);
  }
}
