package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.List;

/**
 * A hypothesis about a pupil's answers.
 *
 * @param slips none, one or two
 * @param rate how often they are made at each of their chances
 * @param unforeseen how often an answer is given that nothing explains
 * @param prior how likely this is before anything was answered
 */
record Hypothesis(List<Slip> slips, double rate, double unforeseen, double prior) {
  Hypothesis {
    slips = List.copyOf(slips);
  }

  /** Whether the pupil works by a rule that is not known. */
  boolean isOwn() {
    return slips.isEmpty() && rate > 0;
  }
}
