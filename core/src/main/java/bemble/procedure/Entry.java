package bemble.procedure;

import bemble.paper.Role;
import java.math.BigInteger;
import java.util.List;

/**
 * A value written in a slot, with its rule and the entries that it came from. Two entries are equal
 * only when they are the same piece of writing.
 */
public final class Entry {
  private final Slot slot;
  private final Rule rule;
  private final List<Entry> reads;
  private final BigInteger value;
  private final List<Integer> marks;

  /**
   * A piece of writing.
   *
   * @param slot where it stands
   * @param rule the rule by which it should follow from the entries that are read
   * @param reads the entries it is read from
   * @param value the value that the hand wrote, in units of the slot's place
   * @param marks the ids of the marks that show it, ones first
   */
  public Entry(Slot slot, Rule rule, List<Entry> reads, BigInteger value, List<Integer> marks) {
    this.slot = slot;
    this.rule = rule;
    this.reads = List.copyOf(reads);
    this.value = value;
    this.marks = List.copyOf(marks);
  }

  /** Where it stands. */
  public Slot slot() {
    return slot;
  }

  /** The rule by which the value should follow from the entries that are read. */
  public Rule rule() {
    return rule;
  }

  /** The entries it is read from. */
  public List<Entry> reads() {
    return reads;
  }

  /** The value that the hand wrote, in units of the slot's place. */
  public BigInteger value() {
    return value;
  }

  /** The ids of the marks that show it, ones first. */
  public List<Integer> marks() {
    return marks;
  }

  /** Whether it stands there already when a sum is set out for its writer. */
  public boolean isSetOut() {
    return slot.role().kind() == Role.Kind.GIVEN && reads.isEmpty();
  }

  @Override
  public String toString() {
    return value + " by " + rule + " in " + slot;
  }
}
