package bemble.diagnosis;

import bemble.method.Sum;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.slip.ChanceHand;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The answer of a sum if a slip is made at some of its chances.
 *
 * @param answer the answer
 * @param made at how many chances the slip is made
 * @param left at how many it is not
 */
record Partly(Answer answer, int made, int left) {
  /** Further chances go the way of this one, so that there are few cases. */
  private static final int MOST = 3;

  /** All cases of a sum, from the one in which it is made at every chance. */
  static List<Partly> all(Sum sum, Slip slip) {
    if (slip.isOfWholeSum()) {
      return List.of(
          new Partly(sum.answer(new ChanceHand(sum.problem(), slip, chance -> true)), 1, 0),
          new Partly(sum.answer(Hand.TRUE), 0, 1));
    }
    List<Partly> all = new ArrayList<>();
    boolean[] makes = new boolean[MOST];
    Arrays.fill(makes, true);
    boolean more = true;
    while (more) {
      ChanceHand hand =
          new ChanceHand(sum.problem(), slip, chance -> makes[Math.min(chance, MOST - 1)]);
      Answer answer = sum.answer(hand);
      int chances = Math.min(hand.chances(), MOST);
      int made = 0;
      for (int chance = 0; chance < chances; chance++) {
        made += makes[chance] ? 1 : 0;
      }
      all.add(new Partly(answer, made, chances - made));
      more = next(makes, chances);
    }
    return List.copyOf(all);
  }

  /** Leaves the slip out at the last chance at which it was made, and makes it at all behind. */
  private static boolean next(boolean[] makes, int chances) {
    int last = chances - 1;
    while (last >= 0 && !makes[last]) {
      last--;
    }
    if (last < 0) {
      return false;
    }
    makes[last] = false;
    Arrays.fill(makes, last + 1, makes.length, true);
    return true;
  }

  /** The probability of this reply, if the slip is made at each chance at a rate. */
  double chance(double rate) {
    return Math.pow(rate, made) * Math.pow(1 - rate, left);
  }
}
