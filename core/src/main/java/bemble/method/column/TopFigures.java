package bemble.method.column;

import bemble.procedure.Entry;
import java.util.OptionalInt;

/** The top figures of a subtraction as they stand while they are rewritten, place by place. */
public final class TopFigures {
  private final Entry[] entries;
  private final int lowest;

  /** Empty places from {@code highest} down to {@code lowest}. */
  public TopFigures(int highest, int lowest) {
    this.entries = new Entry[highest - lowest + 1];
    this.lowest = lowest;
  }

  /** Puts an entry at a place, instead of the one before. */
  public void put(int place, Entry entry) {
    entries[place - lowest] = entry;
  }

  /** The entry at a place where one was put. */
  public Entry at(int place) {
    return entries[place - lowest];
  }

  /**
   * The first place to the left of {@code place} that has anything to give in an exchange; empty
   * where nobody has, which happens only on a page with a wrong figure.
   */
  public OptionalInt payerFor(int place) {
    for (int payer = place + 1; payer < lowest + entries.length; payer++) {
      if (at(payer).value().signum() > 0) {
        return OptionalInt.of(payer);
      }
    }
    return OptionalInt.empty();
  }
}
