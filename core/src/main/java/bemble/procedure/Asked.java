package bemble.procedure;

import java.math.BigInteger;
import java.util.List;

/**
 * A slot that waits for its value.
 *
 * @param section the section that it belongs to
 * @param slot the place and purpose of the value
 * @param rule the rule by which it should follow from the entries that are read
 * @param reads the entries it is read from, written by the same hand before
 */
public record Asked(Section section, Slot slot, Rule rule, List<Entry> reads) {
  /** The value by the rule, from the entries that were written before. */
  public BigInteger due() {
    return rule.applyTo(reads);
  }
}
