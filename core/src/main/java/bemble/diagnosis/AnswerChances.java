package bemble.diagnosis;

import bemble.slip.Slip;
import java.util.Arrays;
import java.util.List;

/**
 * The answers that are expected for a sum, by their numbers in {@link Foreseen}; an answer may
 * stand there several times.
 */
record AnswerChances(int[] answers, double[] chances) {
  /** The answers that a hypothesis expects where no fact is missed. */
  static AnswerChances of(Hypothesis hypothesis, Foreseen sum) {
    List<Slip> slips = hypothesis.slips();
    int right = sum.number(sum.right());
    if (slips.isEmpty()) {
      return new AnswerChances(new int[] {right}, new double[] {1});
    }
    double rate = hypothesis.rate();
    AnswerChances one = sum.made(slips.get(0), rate);
    double noOne = 1 - one.total();
    if (slips.size() == 1) {
      return one.and(right, noOne);
    }
    // One of the two alone, at any of its chances, or both wherever they can be made.
    AnswerChances other = sum.made(slips.get(1), rate);
    double noOther = 1 - other.total();
    return one.times(noOther)
        .and(other.times(noOne))
        .and(right, noOne * noOther)
        .and(
            sum.number(sum.with(slips)),
            sum.everywhere(slips.get(0), rate) * sum.everywhere(slips.get(1), rate));
  }

  /** How likely any of them is. */
  double total() {
    return Arrays.stream(chances).sum();
  }

  /** The same, each so many times as likely. */
  AnswerChances times(double factor) {
    return new AnswerChances(answers, Arrays.stream(chances).map(each -> each * factor).toArray());
  }

  /** These and one more. */
  AnswerChances and(int answer, double chance) {
    return and(new AnswerChances(new int[] {answer}, new double[] {chance}));
  }

  private AnswerChances and(AnswerChances more) {
    int[] all = Arrays.copyOf(answers, answers.length + more.answers.length);
    double[] each = Arrays.copyOf(chances, all.length);
    System.arraycopy(more.answers, 0, all, answers.length, more.answers.length);
    System.arraycopy(more.chances, 0, each, chances.length, more.chances.length);
    return new AnswerChances(all, each);
  }

  /**
   * How likely a reply is.
   *
   * @param written the probability of the written reply for each of the meant answers
   */
  double chance(double[] written) {
    double chance = 0;
    for (int i = 0; i < answers.length; i++) {
      chance += chances[i] * written[answers[i]];
    }
    return chance;
  }
}
