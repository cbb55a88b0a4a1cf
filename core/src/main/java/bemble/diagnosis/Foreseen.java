package bemble.diagnosis;

import bemble.method.Sum;
import bemble.practice.Item;
import bemble.practice.Workload.Pair;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The answers that are foreseen for a sum: the right one, and those of slips and missed facts.
 * Worked out once for all pupils who were asked the sum.
 */
final class Foreseen {
  private static final double HALF = 0.5;

  /** A slip that is made at each of its chances at a rate. */
  private record Habit(Slip slip, double rate) {}

  private final Sum sum;
  private final Answer right;
  private final Map<Answer, Set<Optional<Pair>>> missed;
  private final Map<List<Slip>, Answer> slipped = new HashMap<>();
  private final Map<Slip, List<Partly>> partly = new HashMap<>();
  private final Map<Habit, AnswerChances> made = new HashMap<>();
  private final Map<Answer, Integer> numbers = new LinkedHashMap<>();

  Foreseen(Item item, Style style) {
    sum = item.sum(style);
    right = sum.answer(Hand.TRUE);
    missed = FactMissingHand.answers(sum, right);
  }

  Answer right() {
    return right;
  }

  /** The number of an answer among the foreseen ones, from 0. */
  int number(Answer answer) {
    return numbers.computeIfAbsent(answer, any -> numbers.size());
  }

  /** How a reply differs from each of the answers with a number. */
  List<Deviation> deviations(Reply reply) {
    return numbers.keySet().stream().map(answer -> Deviation.of(reply, answer)).toList();
  }

  /** The probability of a reply from somebody who misses one fact, each of them equally likely. */
  double missed(Reply reply) {
    long alike = missed().stream().filter(reply::is).count();
    return missed.isEmpty() ? 0 : (double) alike / missed.size();
  }

  /** The wrong answers that one missed fact gives. */
  Set<Answer> missed() {
    return missed.keySet();
  }

  /**
   * The one fact that was missed where a reply was given; empty where it may be several, or none.
   */
  Optional<Pair> fact(Reply reply) {
    Set<Optional<Pair>> facts = new HashSet<>();
    missed.forEach(
        (answer, giving) -> {
          if (reply.is(answer)) {
            facts.addAll(giving);
          }
        });
    return facts.size() == 1 ? facts.iterator().next() : Optional.empty();
  }

  /**
   * The answer of somebody who makes these slips at every chance; without any, the right answer.
   */
  Answer with(List<Slip> slips) {
    Answer known = slipped.get(slips);
    if (known == null) {
      known = sum.answer(new SlippingHand(sum.problem(), at(slips), Map.of()));
      slipped.put(slips, known);
    }
    return known;
  }

  /**
   * The possible answers of somebody who makes a slip at some of its chances, the right answer
   * among them.
   */
  List<Partly> partly(Slip slip) {
    return partly.computeIfAbsent(slip, each -> Partly.all(sum, each));
  }

  /**
   * The answers of somebody who makes a slip at each chance at a rate, and at one at least. Some
   * decide at each chance anew, others for a whole sum: both are equally likely.
   */
  AnswerChances made(Slip slip, double rate) {
    return made.computeIfAbsent(
        new Habit(slip, rate),
        habit -> {
          List<Partly> cases = partly(slip).stream().filter(each -> each.made() > 0).toList();
          AnswerChances anew =
              new AnswerChances(
                  cases.stream().mapToInt(each -> number(each.answer())).toArray(),
                  cases.stream().mapToDouble(each -> each.chance(rate)).toArray());
          boolean shows = !cases.isEmpty();
          return shows ? anew.times(HALF).and(number(with(List.of(slip))), HALF * rate) : anew;
        });
  }

  /** The probability that a slip is made at all its chances, at a rate for each; 0 without any. */
  double everywhere(Slip slip, double rate) {
    return partly(slip).stream()
        .filter(each -> each.made() > 0 && each.left() == 0)
        .mapToDouble(each -> HALF * each.chance(rate) + HALF * rate)
        .sum();
  }

  /** Whether a reply is the answer of a slip, made at one of its chances or at more. */
  boolean isGiven(Slip slip, Reply reply) {
    return partly(slip).stream().anyMatch(each -> each.made() > 0 && reply.is(each.answer()));
  }

  /** The probability that a slip is made at one chance or more, at a rate for each. */
  double isMade(Slip slip, double rate) {
    return made(slip, rate).total();
  }

  /** Whether a slip that is made somewhere changes the answer. */
  boolean shows(Slip slip) {
    return partly(slip).stream().anyMatch(each -> !each.answer().equals(right));
  }

  /**
   * The slips that happen in the method, the likelier first; a form in which a slip is written too
   * stands behind it. A missed fact is none of them.
   */
  List<Slip> slips() {
    return sum.method().slips().stream().filter(Slip::isToldByAnswers).distinct().toList();
  }

  private static List<At> at(List<Slip> slips) {
    List<At> places = new ArrayList<>();
    slips.forEach(slip -> places.add(At.everywhere(slip)));
    return places;
  }
}
