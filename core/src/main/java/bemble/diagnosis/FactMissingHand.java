package bemble.diagnosis;

import bemble.fact.Fact;
import bemble.method.Sum;
import bemble.practice.Workload.Pair;
import bemble.procedure.Answer;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import bemble.procedure.Step;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A hand that works truly but for one number that it writes one too large or too small. */
final class FactMissingHand implements Hand {
  /** In longer sums a miss further on is not looked for. */
  private static final int MOST = 48;

  private static final Set<Rule.Kind> RARE =
      EnumSet.of(
          Rule.Kind.COPY,
          Rule.Kind.SAME,
          Rule.Kind.TEN_MORE,
          Rule.Kind.NINE_MORE,
          Rule.Kind.ONE_LESS);

  private final int at;
  private final int off;
  private int worked;

  /**
   * A hand that misses one fact.
   *
   * @param at which of the numbers that are worked out, from 0
   * @param off 1 or −1
   */
  FactMissingHand(int at, int off) {
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

  /**
   * All answers that one missed fact gives, the right one not among them. Each comes with the facts
   * that give it when they are missed; an empty value stands for a fact that is not of two figures.
   */
  static Map<Answer, Set<Optional<Pair>>> answers(Sum sum, Answer right) {
    List<Asked> worked = worked(sum);
    Map<Slot, List<Fact>> facts = facts(sum);
    Map<Answer, Set<Optional<Pair>>> answers = new LinkedHashMap<>();
    for (int at = 0; at < Math.min(worked.size(), MOST); at++) {
      Asked asked = worked.get(at);
      for (int off : List.of(1, -1)) {
        Set<Optional<Pair>> giving =
            answers.computeIfAbsent(
                sum.answer(new FactMissingHand(at, off)), any -> new HashSet<>());
        // A figure is misread, or ten more written wrongly, more rarely than a fact is missed.
        if (!RARE.contains(asked.rule().kind())) {
          giving.add(fact(asked, facts.getOrDefault(asked.slot(), List.of())));
        }
      }
    }
    answers.remove(right);
    return answers;
  }

  /** The number of facts in a sum, up to a limit. */
  static int chances(Sum sum) {
    return Math.min(worked(sum).size(), MOST);
  }

  private static List<Asked> worked(Sum sum) {
    List<Asked> worked = new ArrayList<>();
    sum.answer(
        Hand.writing(
            asked -> {
              if (!asked.reads().isEmpty()) {
                worked.add(asked);
              }
              return asked.due();
            }));
    return worked;
  }

  /** The facts behind each number of a page. */
  private static Map<Slot, List<Fact>> facts(Sum sum) {
    Map<Slot, List<Fact>> facts = new HashMap<>();
    Step before = null;
    for (Step step : sum.work().steps()) {
      // A value that is worked out in the head may be written in the next step.
      if (before == null || !step.facts().isEmpty() || !before.section().equals(step.section())) {
        before = step;
      }
      List<Fact> used = before.facts();
      step.entries().forEach(entry -> facts.put(entry.slot(), used));
    }
    return facts;
  }

  /**
   * Who carries too much knows the fact: it is told by a figure alone, where it is the only one.
   */
  private static Optional<Pair> fact(Asked asked, List<Fact> facts) {
    boolean tells =
        switch (asked.rule().kind()) {
          case TOTAL, FIGURE_OF_TOTAL, DIFFERENCE, PRODUCT, FIGURE_OF_PAIRS -> true;
          default -> false;
        };
    return tells && facts.size() == 1 ? Pair.of(facts.get(0)) : Optional.empty();
  }
}
