package bemble.diagnosis;

import bemble.procedure.Answer;
import java.util.Map;

/** The answers that a hypothesis expects for a sum, by their numbers in {@link Foreseen}. */
record AnswerChances(int[] answers, double[] chances) {
  static AnswerChances of(Hypothesis hypothesis, Foreseen sum) {
    Map<Answer, Double> expected = hypothesis.expected(sum);
    int[] answers = new int[expected.size()];
    double[] chances = new double[expected.size()];
    int next = 0;
    for (Map.Entry<Answer, Double> each : expected.entrySet()) {
      answers[next] = sum.number(each.getKey());
      chances[next++] = each.getValue();
    }
    return new AnswerChances(answers, chances);
  }

  /** How likely one of the answers that were met is given. */
  double chance(boolean[] met) {
    double chance = 0;
    for (int i = 0; i < answers.length; i++) {
      chance += met[answers[i]] ? chances[i] : 0;
    }
    return chance;
  }
}
