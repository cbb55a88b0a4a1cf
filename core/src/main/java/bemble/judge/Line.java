package bemble.judge;

import bemble.paper.Role;

/**
 * A number in one row of a page, as somebody would read it out: a partial product, a remainder, the
 * answer.
 *
 * @param role what it is for
 * @param row the row of the page in which it stands
 */
public record Line(Role role, int row) {
  /** A short name: {@code PARTIAL-4}. */
  public String key() {
    return role.name() + "-" + row;
  }
}
