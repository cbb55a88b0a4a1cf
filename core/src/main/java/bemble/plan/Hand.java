package bemble.plan;

import bemble.wording.Section;
import java.math.BigInteger;

/** Whoever fills in the slots of a plan. */
@FunctionalInterface
public interface Hand {
  /** The hand that writes what the rule says. */
  Hand TRUE = Asked::due;

  /** Given for a value, it leaves the square blank, which counts as zero from then on. */
  BigInteger NOTHING = BigInteger.valueOf(-1);

  /**
   * What is written in a slot: not negative, or {@link #NOTHING}. What is read was written by this
   * hand before, so a plan goes on from a wrong figure as its writer would.
   */
  BigInteger fill(Asked asked);

  /** How this hand decides, where {@code usual} is how it should. */
  default int decide(Decision decision, Section section, int place, int usual) {
    return usual;
  }
}
