package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.procedure.Slot;
import bemble.slip.SlippingHand.At;
import java.math.BigInteger;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A hand that was tried.
 *
 * @param at the slip that was added; null for none
 * @param aid the small figure, or the neighbour, that was taken as it stands; null for none
 * @param written the values that were taken as they stand
 * @param prediction the page that the hand writes
 * @param agreement how much of the written page it writes so
 */
record Candidate(
    @Nullable At at,
    @Nullable Seen aid,
    Map<Slot, BigInteger> written,
    Prediction prediction,
    int agreement) {
  /** The slip that was added, where one was. */
  At slipped() {
    return Objects.requireNonNull(at);
  }

  /** The small figure, or the neighbour, where one was taken as it stands. */
  Seen taken() {
    return Objects.requireNonNull(aid);
  }
}
