package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.search.Search.School;
import bemble.method.Sum;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Tries hands that differ in one thing from the hand that is known, within a budget.
 *
 * @param school how the sum is worked
 * @param inspection the written page
 * @param known the known part of its hand
 * @param budget the search that may still be spent
 */
record Candidates(School school, Inspection inspection, KnownHand known, Budget budget) {
  /** How much sooner an answer is there than its page. */
  private static final int TIMES_SOONER = 3;

  /** The page of a hand with these slips and values. */
  Prediction worked(List<At> made, Map<Slot, BigInteger> written) {
    return page(new SlippingHand(sum().problem(), made, written));
  }

  private Sum sum() {
    return school.sum();
  }

  private Prediction page(SlippingHand hand) {
    return page(hand, known.lefts());
  }

  /** The page of the known hand, if it copies the numbers of the sum too far left. */
  Prediction copied(List<Integer> lefts) {
    return page(new SlippingHand(sum().problem(), known.slips(), known.forced()), lefts);
  }

  private Prediction page(SlippingHand hand, List<Integer> lefts) {
    Working working = sum().work(setOut(hand, lefts));
    budget.spend(working.paper().marks().size());
    return new Prediction(working, school.otherAids());
  }

  private static Hand setOut(Hand hand, List<Integer> lefts) {
    return lefts.isEmpty() ? hand : new SetOutHand(hand, lefts);
  }

  private Candidate tried(
      @Nullable At at, @Nullable Seen aid, Map<Slot, BigInteger> written, Prediction page) {
    return new Candidate(at, aid, written, page, inspection.comparison().agreement(page));
  }

  /** The page with some values taken as they stand, including those of an aid or a neighbour. */
  Candidate taking(@Nullable Seen aid, Map<Slot, BigInteger> written) {
    Map<Slot, BigInteger> more = KnownHand.plus(known.forced(), written);
    return tried(null, aid, written, worked(known.slips(), more));
  }

  /** The page with one slip more; empty if the slip is not possible in its section. */
  Optional<Candidate> slipping(At at) {
    List<At> more = KnownHand.plus(known.slips(), at);
    SlippingHand inTheHead = new SlippingHand(sum().problem(), more, known.forced());
    sum().answer(setOut(inTheHead, known.lefts()));
    if (!inTheHead.made(known.slips().size())) {
      spendOnAnswer();
      return Optional.empty();
    }
    SlippingHand hand = new SlippingHand(sum().problem(), more, known.forced());
    return Optional.of(tried(at, null, Map.of(), page(hand)));
  }

  /** Where the known hand would write tens that go with an entry for which none are due. */
  Optional<Slot> tensAsked(Entry entry) {
    TensAsked tens =
        new TensAsked(new SlippingHand(sum().problem(), known.slips(), known.forced()), entry);
    sum().answer(setOut(tens, known.lefts()));
    spendOnAnswer();
    return tens.slot();
  }

  private void spendOnAnswer() {
    budget.spend(known.truth().working().paper().marks().size() / TIMES_SOONER);
  }
}
