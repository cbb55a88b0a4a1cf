package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Written;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Hands that wrote the wrong figure on purpose and went on from it. */
final class AsWritten {
  private final Candidates trials;
  private final Inspection inspection;
  private final KnownHand known;

  AsWritten(Candidates trials) {
    this.trials = trials;
    this.inspection = trials.inspection();
    this.known = trials.known();
  }

  /** The page with the written figure taken as it is, and with it the tens that went with it. */
  Optional<Candidate> taking(Seen wrong) {
    Slot slot = wrong.entry().slot();
    return inspection
        .value(wrong)
        .map(
            value -> {
              Candidate alone = trials.taking(null, Map.of(slot, value));
              return withOnes(alone, wrong)
                  .or(() -> withLeftOver(alone, wrong))
                  .or(
                      () ->
                          Neighbours.tensOf(known.meant(), wrong)
                              .map(tens -> withTens(alone, wrong, tens))
                              .orElseGet(() -> withTensWhereNoneAreDue(alone, wrong)))
                  .orElse(alone);
            });
  }

  /** The page of a hand for which a missing number counts as nothing. */
  Optional<Candidate> asNothing(Seen wrong) {
    // Without a part of the answer there is no answer.
    boolean isPart = wrong.entry().slot().role().kind() == Role.Kind.PART;
    if (!isPart || inspection.value(wrong).isPresent()) {
      return Optional.empty();
    }
    Map<Slot, BigInteger> nothing = new HashMap<>(Map.of(wrong.entry().slot(), BigInteger.ZERO));
    known.meant().seen().stream()
        .filter(seen -> !seen.isAid() && seen.entry().reads().equals(wrong.entry().reads()))
        .filter(seen -> inspection.value(seen).isEmpty())
        .forEach(seen -> nothing.put(seen.entry().slot(), BigInteger.ZERO));
    int now = inspection.comparison().agreement(known.meant());
    return Optional.of(trials.taking(null, nothing)).filter(each -> each.agreement() > now);
  }

  /** Tens with the ones figure that was written beside them, where both explain more. */
  private Optional<Candidate> withOnes(Candidate alone, Seen wrong) {
    return Neighbours.onesOf(known.meant(), wrong)
        .flatMap(
            ones ->
                inspection
                    .value(ones)
                    .flatMap(value -> better(alone, ones.entry().slot(), List.of(value))));
  }

  /** The figure that is due after a remainder was left in the head, where that explains more. */
  private Optional<Candidate> withLeftOver(Candidate alone, Seen wrong) {
    return wrong.entry().reads().stream()
        .filter(read -> read.slot().role() == Role.LEFT_OVER)
        .filter(read -> inspection.page().at(read.slot().square(), read.slot().spot()).isEmpty())
        .flatMap(read -> oneOff(read.value()).map(left -> Map.of(read.slot(), left)))
        .map(left -> trials.taking(null, left))
        .filter(each -> each.agreement() > alone.agreement())
        .filter(each -> !inspection.isStillWrong(wrong, each.prediction(), known))
        .max(Comparator.comparing(Candidate::agreement));
  }

  private static Stream<BigInteger> oneOff(BigInteger value) {
    return Stream.of(value.add(BigInteger.ONE), value.subtract(BigInteger.ONE))
        .filter(each -> each.signum() >= 0);
  }

  /** The same with other tens than are due, where these explain more of the page. */
  private Optional<Candidate> withTens(Candidate alone, Seen wrong, Seen tens) {
    Optional<BigInteger> written = inspection.value(tens);
    BigInteger due = tens.entry().value();
    boolean goesOn =
        written.isEmpty()
            && Neighbours.isUsedWrongly(inspection.comparison(), alone.prediction(), tens);
    Stream<BigInteger> others = goesOn ? likelyTens(wrong, oneOff(due)) : written.stream();
    return better(alone, tens.entry().slot(), others.filter(other -> !other.equals(due)).toList());
  }

  /** The tens that a writer of a wrong figure may have in mind. */
  private Stream<BigInteger> likelyTens(Seen wrong, Stream<BigInteger> tens) {
    BigInteger figure = inspection.value(wrong).orElse(BigInteger.ZERO);
    return tens.filter(each -> MissedFacts.isLikely(wrong, Whole.joined(each, figure)));
  }

  /** The same with a ten, if the due figure is the whole total of its column. */
  private Optional<Candidate> withTensWhereNoneAreDue(Candidate alone, Seen wrong) {
    return trials.budget().isLeft()
        ? trials
            .tensAsked(wrong.entry())
            .flatMap(
                slot -> better(alone, slot, likelyTens(wrong, Stream.of(BigInteger.ONE)).toList()))
        : Optional.empty();
  }

  /** The page with some tens beside a figure, if it explains more than the figure alone. */
  private Optional<Candidate> better(Candidate alone, Slot tens, List<BigInteger> values) {
    return values.stream()
        .map(value -> trials.taking(null, KnownHand.plus(alone.written(), tens, value)))
        .filter(each -> each.agreement() > alone.agreement())
        .max(Comparator.comparing(Candidate::agreement));
  }

  /** Two neighbours that stand one in the place of the other. */
  Optional<Candidate> changedOver(Seen wrong) {
    Optional<Seen> beside = Neighbours.changedOver(inspection.page(), known.meant(), wrong);
    return beside.map(
        other ->
            trials.taking(
                other,
                Map.of(
                    wrong.entry().slot(), other.entry().value(),
                    other.entry().slot(), wrong.entry().value())));
  }

  /**
   * A small figure of the column that is wrong and from which the wrong figure follows; it explains
   * more of the page than {@code least}.
   */
  Optional<Candidate> spoiling(Seen wrong, int least) {
    Prediction meant = known.meant();
    int column = wrong.column();
    Optional<Written> written =
        wrong.isAid() ? Optional.empty() : inspection.comparison().wrongAid(column, meant);
    return written.stream()
        .filter(Written::isNumber)
        .flatMap(
            small ->
                meant.seen().stream()
                    .takeWhile(seen -> seen != wrong)
                    .filter(Seen::isAid)
                    .filter(aid -> aid.column() == column)
                    .map(
                        aid ->
                            trials.taking(
                                aid, Map.of(aid.entry().slot(), new BigInteger(small.text())))))
        .filter(
            each ->
                each.agreement() > least
                    && !inspection.isStillWrong(wrong, each.prediction(), known))
        .max(Comparator.comparing(Candidate::agreement));
  }
}
