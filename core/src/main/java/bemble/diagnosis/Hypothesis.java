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
 * @param rate how often they are made at each of their chances
 * @param prior how likely this is before anything was answered
 */
record Hypothesis(List<Slip> slips, double rate, double prior) {
  Hypothesis {
    slips = List.copyOf(slips);
  }

  /** The answers that are to be expected where no fact is missed, with their probabilities. */
  Map<Answer, Double> expected(Foreseen sum) {
    Map<Answer, Double> expected = new LinkedHashMap<>();
    if (slips.isEmpty()) {
      expected.put(sum.right(), 1.0);
    } else if (slips.size() == 1) {
      sum.partly(slips.get(0)).forEach(each -> add(expected, each, 1));
    } else {
      // One of the two alone, at any of its chances, or else both wherever they can be made.
      double noOther = none(sum, slips.get(1));
      double noOne = none(sum, slips.get(0));
      sum.partly(slips.get(0)).forEach(each -> add(expected, each, noOther));
      sum.partly(slips.get(1)).stream()
          .filter(each -> each.made() > 0)
          .forEach(each -> add(expected, each, noOne));
      expected.merge(sum.with(slips), (1 - noOther) * (1 - noOne), Double::sum);
    }
    return expected;
  }

  private void add(Map<Answer, Double> expected, Partly each, double times) {
    expected.merge(each.answer(), times * each.chance(rate), Double::sum);
  }

  /** How likely a slip is made at none of its chances. */
  private double none(Foreseen sum, Slip slip) {
    return sum.partly(slip).stream()
        .filter(each -> each.made() == 0)
        .mapToDouble(each -> each.chance(rate))
        .sum();
  }
}
