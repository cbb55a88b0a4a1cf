package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.diagnosis.AnswerSpace.Seen;
import bemble.slip.Slip;
import java.util.Arrays;
import java.util.List;

/** How likely hypotheses are after the answers of a pupil, by Bayes' rule. */
final class Posterior {
  private final Rates rates;
  private final List<Hypothesis> hypotheses;

  /** By the writer's care, and the hypotheses. */
  private final double[][] logs;

  private Posterior(List<Hypothesis> hypotheses, Rates rates) {
    this.rates = rates;
    this.hypotheses = hypotheses;
    logs = new double[rates.cares().size()][hypotheses.size()];
    for (int c = 0; c < logs.length; c++) {
      for (int h = 0; h < hypotheses.size(); h++) {
        logs[c][h] = Math.log(rates.cares().get(c).share() * hypotheses.get(h).prior());
      }
    }
  }

  /** How likely each hypothesis is, all together being 1. */
  static double[] of(
      List<Hypothesis> hypotheses, List<Foreseen> sums, List<AnswerSpace> given, Rates rates) {
    Posterior posterior = new Posterior(hypotheses, rates);
    for (int i = 0; i < given.size(); i++) {
      if (given.get(i) instanceof Answered answered) {
        posterior.answer(sums.get(i), answered.reply());
      } else if (given.get(i) instanceof Seen page) {
        posterior.page(sums.get(i), page);
      }
    }
    return posterior.likely();
  }

  private void answer(Foreseen sum, Reply reply) {
    AnswerChances[] expected = new AnswerChances[hypotheses.size()];
    for (int h = 0; h < expected.length; h++) {
      expected[h] = AnswerChances.of(hypotheses.get(h), sum);
    }
    List<Deviation> deviations = sum.deviations(reply);
    double missed = sum.missed(reply);
    for (int c = 0; c < logs.length; c++) {
      Care care = rates.cares().get(c);
      double[] written =
          deviations.stream().mapToDouble(each -> each.chance(care.figure())).toArray();
      for (int h = 0; h < expected.length; h++) {
        double unforeseen = hypotheses.get(h).unforeseen();
        double meant = Math.max(0, 1 - care.fact() - unforeseen) * expected[h].chance(written);
        double chance = meant + care.fact() * missed + unforeseen / rates.unforeseen().among();
        logs[c][h] += Math.log(chance);
      }
    }
  }

  private void page(Foreseen sum, Seen page) {
    for (int c = 0; c < logs.length; c++) {
      Care care = rates.cares().get(c);
      double amiss = rates.unforeseen().rate() + care.figure() * rates.seenAmiss();
      for (int h = 0; h < hypotheses.size(); h++) {
        logs[c][h] += Math.log(chance(hypotheses.get(h), sum, page, amiss));
      }
    }
  }

  /** The probability of the page, if a slip is misread at that rate. */
  private static double chance(Hypothesis hypothesis, Foreseen sum, Seen page, double amiss) {
    double chance = 1;
    int expected = 0;
    for (Slip slip : hypothesis.slips()) {
      boolean seen = page.slips().contains(slip.named());
      double made = Math.max(amiss, (1 - amiss) * sum.isMade(slip, hypothesis.rate()));
      chance *= seen ? made : 1 - made;
      expected += seen ? 1 : 0;
    }
    return chance * Math.pow(amiss, page.slips().size() - expected);
  }

  private double[] likely() {
    double most = Arrays.stream(logs).flatMapToDouble(Arrays::stream).max().orElseThrow();
    double[] likely = new double[hypotheses.size()];
    for (double[] care : logs) {
      for (int h = 0; h < likely.length; h++) {
        likely[h] += Math.exp(care[h] - most);
      }
    }
    double sum = Arrays.stream(likely).sum();
    return Arrays.stream(likely).map(each -> each / sum).toArray();
  }
}
