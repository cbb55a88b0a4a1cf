package bemble.diagnosis;

import bemble.procedure.Answer;
import bemble.slip.Slip;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What may be behind a pupil's answers.
 *
 * @param slips none, one or two
 * @param rate how often they are made where they can be
 * @param prior how likely this is before anything was answered
 */
record Hypothesis(List<Slip> slips, double rate, double prior) {
  Hypothesis {
    slips = List.copyOf(slips);
  }

  /** The answers that are to be expected where no fact is missed, with their probabilities. */
  Map<Answer, Double> expected(Foreseen sum) {
    Map<Answer, Double> expected = new LinkedHashMap<>();
    double not = 1 - rate;
    if (slips.isEmpty()) {
      expected.put(sum.right(), 1.0);
    } else if (slips.size() == 1) {
      expected.merge(sum.with(slips), rate, Double::sum);
      expected.merge(sum.right(), not, Double::sum);
    } else {
      expected.merge(sum.with(slips), rate * rate, Double::sum);
      expected.merge(sum.with(slips.subList(0, 1)), rate * not, Double::sum);
      expected.merge(sum.with(slips.subList(1, 2)), rate * not, Double::sum);
      expected.merge(sum.right(), not * not, Double::sum);
    }
    return expected;
  }
}
