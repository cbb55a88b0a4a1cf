package bemble.diagnosis;

import bemble.method.Sum;
import bemble.plan.Answer;
import bemble.plan.Asked;
import bemble.plan.Fill;
import bemble.plan.Hand;
import java.math.BigInteger;
import java.util.LinkedHashSet;
import java.util.Set;

/** A hand that works truly but for one number that it writes one too large or too small. */
final class MissedFact implements Hand {
  /** In longer sums a miss further on is not looked for. */
  private static final int MOST = 48;

  private final int at;
  private final int off;
  private int worked;

  /**
   * A hand that misses one fact.
   *
   * @param at which of the numbers that are worked out, from 0; −1 for none
   * @param off 1 or −1
   */
  MissedFact(int at, int off) {
    this.at = at;
    this.off = off;
  }

  @Override
  public Fill fill(Asked asked) {
    BigInteger due = asked.due();
    boolean copied = asked.reads().isEmpty();
    if (copied || worked++ != at) {
      return Fill.of(due);
    }
    BigInteger missed = due.add(BigInteger.valueOf(off));
    boolean figure = due.compareTo(BigInteger.TEN) < 0;
    return Fill.of(figure ? missed.mod(BigInteger.TEN) : missed.max(BigInteger.ZERO));
  }

  /** How many numbers are worked out in a sum. */
  static int chances(Sum sum) {
    MissedFact none = new MissedFact(-1, 0);
    sum.answer(none);
    return Math.min(none.worked, MOST);
  }

  /** All answers that one missed fact gives, the right one not among them. */
  static Set<Answer> answers(Sum sum, Answer right) {
    Set<Answer> answers = new LinkedHashSet<>();
    for (int at = 0; at < chances(sum); at++) {
      answers.add(sum.answer(new MissedFact(at, 1)));
      answers.add(sum.answer(new MissedFact(at, -1)));
    }
    answers.remove(right);
    return answers;
  }
}
