package bemble.procedure;

import bemble.paper.Role;
import java.math.BigInteger;
import java.util.List;

/**
 * A value written in a slot, and what it came from.
 *
 * @param slot where it stands
 * @param rule how it should come from what is read
 * @param reads the entries it is read from
 * @param value what the hand wrote, in units of the slot's place
 * @param marks the ids of the marks that show it, ones first
 */
public record Entry(
    Slot slot, Rule rule, List<Entry> reads, BigInteger value, List<Integer> marks) {
  /** Keeps copies of the lists. */
  public Entry {
    reads = List.copyOf(reads);
    marks = List.copyOf(marks);
  }

  /** Whether it stands there already when a sum is set out for its writer. */
  public boolean isSetOut() {
    return slot.role().kind() == Role.Kind.GIVEN && reads.isEmpty();
  }

  /** Two entries are equal only when they are the same piece of writing. */
  @Override
  public boolean equals(Object other) {
    return this == other;
  }

  @Override
  public int hashCode() {
    return System.identityHashCode(this);
  }
}
