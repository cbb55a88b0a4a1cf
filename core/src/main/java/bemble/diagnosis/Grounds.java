package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.diagnosis.AnswerSpace.Seen;
import bemble.slip.Slip;
import java.util.Collection;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** The answers of one pupil that speak for slips, and those that speak against them. */
final class Grounds {
  private final List<Foreseen> sums;
  private final List<AnswerSpace> given;

  Grounds(List<Foreseen> sums, List<AnswerSpace> given) {
    this.sums = sums;
    this.given = given;
  }

  private List<Integer> places(IntPredicate that) {
    return IntStream.range(0, given.size()).filter(that).boxed().toList();
  }

  /** The places with work in them. */
  List<Integer> told() {
    return places(this::isTold);
  }

  /** The wrong answers that a missed fact gives. */
  List<Integer> ofMissedFacts() {
    return places(
        place ->
            isWrong(place)
                && given.get(place) instanceof Answered answered
                && sums.get(place).missed().stream().anyMatch(answered.reply()::is));
  }

  /** The wrong answers that slips give in one of their forms. */
  List<Integer> of(Collection<List<Slip>> forms) {
    return places(place -> isWrong(place) && forms.stream().anyMatch(form -> isGiven(place, form)));
  }

  /** The answers that slips do not give in any form, where all forms should show. */
  List<Integer> against(Collection<List<Slip>> forms) {
    return places(
        place ->
            isTold(place)
                && forms.stream().noneMatch(form -> isGiven(place, form))
                && forms.stream().allMatch(form -> form.stream().anyMatch(sums.get(place)::shows)));
  }

  /** How many of some answers are right: only these are sure not to be made by a slip. */
  int right(List<Integer> places) {
    return (int) places.stream().filter(place -> !isWrong(place)).count();
  }

  private boolean isTold(int place) {
    return given.get(place) instanceof Answered || given.get(place) instanceof Seen;
  }

  private boolean isWrong(int place) {
    return given.get(place) instanceof Answered answered
        ? !answered.reply().is(sums.get(place).right())
        : given.get(place) instanceof Seen page && !page.slips().isEmpty();
  }

  /** Whether an answer is that of these slips; of two, each may have been made alone. */
  boolean isGiven(int place, List<Slip> slips) {
    Foreseen sum = sums.get(place);
    if (given.get(place) instanceof Seen page) {
      return slips.stream().anyMatch(slip -> page.slips().contains(slip.named()));
    }
    Reply reply = ((Answered) given.get(place)).reply();
    return reply.is(sum.with(slips)) && !reply.is(sum.right())
        || slips.stream().anyMatch(slip -> sum.isGiven(slip, reply));
  }
}
