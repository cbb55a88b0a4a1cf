package bemble.diagnosis;

import bemble.method.Sum;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * A pupil who is only simulated: a stand-in for a pile of exercise books.
 *
 * @param slip the pupil's slip; empty for none
 * @param made how often the slip is made where it can be, from 0 to 1
 * @param missed in how many sums a number fact is missed, from 0 to 1
 * @param blank how many sums are left blank, from 0 to 1
 */
public record SimulatedPupil(Optional<Slip> slip, double made, double missed, double blank) {
  /** The pupil's answer to a sum; empty for a blank. */
  public Optional<Answer> answer(Sum sum, Random random) {
    return hand(sum, random).map(sum::answer);
  }

  /** The page that the pupil writes for a sum; empty for a blank. */
  public Optional<Working> page(Sum sum, Random random) {
    return hand(sum, random).map(sum::work);
  }

  private Optional<Hand> hand(Sum sum, Random random) {
    if (random.nextDouble() < blank) {
      return Optional.empty();
    }
    if (random.nextDouble() < missed) {
      int at = random.nextInt(Math.max(1, FactMissingHand.chances(sum)));
      return Optional.of(new FactMissingHand(at, random.nextBoolean() ? 1 : -1));
    }
    if (slip.isPresent() && random.nextDouble() < made) {
      List<At> everywhere = List.of(At.everywhere(slip.get()));
      return Optional.of(new SlippingHand(sum.problem(), everywhere, Map.of()));
    }
    return Optional.of(Hand.TRUE);
  }
}
