package bemble.procedure;

import java.math.BigInteger;
import java.util.List;
import java.util.function.Function;

/** Fills the slots of a procedure. */
@FunctionalInterface
public interface Hand {
  /** The hand that writes the value of the rule. */
  Hand TRUE =
      new Hand() {
        @Override
        public Fill fill(Asked asked) {
          return Fill.of(asked.due());
        }

        // The value of copying, without an entry to read it from.
        @Override
        public Fill copy(Section section, Slot slot, BigInteger number) {
          return Fill.of(number);
        }
      };

  /**
   * Fills a slot. This hand wrote the entries that it reads before, so a procedure goes on from a
   * wrong figure as its writer would.
   */
  Fill fill(Asked asked);

  /** Fills a slot to which a number of the sum is copied. */
  default Fill copy(Section section, Slot slot, BigInteger number) {
    // A copied number stands in the sum, not on the paper: an entry without marks.
    Entry printed = new Entry(slot, Rule.COPY, List.of(), number, List.of());
    return fill(new Asked(section, slot, Rule.COPY, List.of(printed)));
  }

  /** A hand that leaves nothing blank, by the number it writes in each slot. */
  static Hand writing(Function<Asked, BigInteger> number) {
    return asked -> Fill.of(number.apply(asked));
  }

  /** Whether this hand makes a move in a section. */
  default boolean makes(Move move, Section section, int place) {
    return true;
  }

  /** How many places off this hand writes, where {@code usual} is right. */
  default int places(Shift shift, Section section, int place, int usual) {
    return usual;
  }
}
