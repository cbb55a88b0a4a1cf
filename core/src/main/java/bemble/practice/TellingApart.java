package bemble.practice;

import bemble.method.Sum;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A few sums whose answers tell slips apart.
 *
 * @param items the sums, as few as were found to do
 * @param slips the slips asked about
 * @param answers for each sum the right answer, then that of each slip
 */
public record TellingApart(List<Item> items, List<Slip> slips, List<List<Answer>> answers) {
  /** The most sums of a set that tells slips apart. */
  public static final int MOST = 12;

  /** Every slip must show in so many sums, and every two differ in so many. */
  private static final int SHOWN = 3;

  private static final int APART = 2;

  /**
   * Slips that the set does not tell apart.
   *
   * @param other null where {@code slip} itself does not show often enough
   */
  public record Doubt(Slip slip, @Nullable Slip other) {}

  /**
   * Chooses from some sums of one method. Each round takes the sum that adds the most of the
   * differences still missing. At the end each sum is dropped that adds nothing.
   */
  public static TellingApart among(List<Item> pool, List<Slip> slips, Style style) {
    List<List<Answer>> answers = pool.stream().map(item -> answers(item, slips, style)).toList();
    List<Integer> chosen = new ArrayList<>();
    int missing = missing(chosen, answers, slips.size());
    while (chosen.size() < MOST && missing > 0) {
      int best = -1;
      int least = missing;
      for (int i = 0; i < pool.size(); i++) {
        if (!chosen.contains(i)) {
          chosen.add(i);
          int then = missing(chosen, answers, slips.size());
          chosen.remove(chosen.size() - 1);
          if (then < least) {
            least = then;
            best = i;
          }
        }
      }
      if (best < 0) {
        break;
      }
      chosen.add(best);
      missing = least;
    }
    for (Integer each : List.copyOf(chosen)) {
      chosen.remove(each);
      if (missing(chosen, answers, slips.size()) > missing) {
        chosen.add(each);
      }
    }
    return new TellingApart(
        chosen.stream().map(pool::get).toList(), slips, chosen.stream().map(answers::get).toList());
  }

  private static List<Answer> answers(Item item, List<Slip> slips, Style style) {
    Sum sum = item.sum(style);
    List<Answer> answers = new ArrayList<>();
    answers.add(sum.answer(Hand.TRUE));
    slips.forEach(slip -> answers.add(SlipKey.answer(sum, slip)));
    return answers;
  }

  /** How much is missing until every slip shows and every two differ often enough. */
  private static int missing(List<Integer> chosen, List<List<Answer>> answers, int slips) {
    int missing = 0;
    for (int one = 0; one <= slips; one++) {
      for (int other = one + 1; other <= slips; other++) {
        int wanted = one == 0 ? SHOWN : APART;
        missing += Math.max(wanted - apart(chosen, answers, one, other), 0);
      }
    }
    return missing;
  }

  private static int apart(List<Integer> chosen, List<List<Answer>> answers, int one, int other) {
    int apart = 0;
    for (int each : chosen) {
      apart += answers.get(each).get(one).looksLike(answers.get(each).get(other)) ? 0 : 1;
    }
    return apart;
  }

  /** The slips that the set does not tell apart. */
  public List<Doubt> doubts() {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      all.add(i);
    }
    List<Doubt> doubts = new ArrayList<>();
    for (int one = 0; one < slips.size(); one++) {
      if (apart(all, answers, 0, one + 1) < SHOWN) {
        doubts.add(new Doubt(slips.get(one), null));
      }
      for (int other = one + 1; other < slips.size(); other++) {
        if (apart(all, answers, one + 1, other + 1) < APART) {
          doubts.add(new Doubt(slips.get(one), slips.get(other)));
        }
      }
    }
    return doubts;
  }
}
