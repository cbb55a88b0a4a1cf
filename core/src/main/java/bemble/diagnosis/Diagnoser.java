package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.diagnosis.AnswerSpace.Seen;
import bemble.practice.Item;
import bemble.practice.Workload;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Finds the explanations of pupils' answers to some sums, by Bayes' rule over the hypotheses that a
 * pupil has no slip, one or two, makes them always, often or sometimes, and writes carefully or
 * not. The answers under each are worked out once, so one object serves a class. Not for several
 * threads.
 */
public final class Diagnoser {
  /** Less likely explanations are left out. */
  private static final double UNLIKELY = 0.005;

  private final Rates rates;
  private final List<Foreseen> sums;
  private final List<Slip> known;

  /** For the answers to some sums, in their order, worked in a style. */
  public Diagnoser(List<Item> items, Style style) {
    this(new Foresight(style).of(items), Rates.STANDARD);
  }

  Diagnoser(List<Foreseen> sums, Rates rates) {
    this.rates = rates;
    this.sums = List.copyOf(sums);
    Set<Slip> slips = new LinkedHashSet<>();
    sums.forEach(sum -> slips.addAll(sum.slips()));
    known = List.copyOf(slips);
  }

  /**
   * The diagnosis of a pupil's answers.
   *
   * @param given one for each sum, in their order
   */
  public Diagnosis of(List<AnswerSpace> given) {
    Grounds grounds = new Grounds(sums, given);
    Suspects suspects = suspects(given, grounds);
    List<Hypothesis> hypotheses = suspects.hypotheses();
    double[] likely = Posterior.of(hypotheses, sums, given, rates);
    Map<List<Slip>, Cause> causes = new LinkedHashMap<>();
    double own = 0;
    for (int h = 0; h < likely.length; h++) {
      if (hypotheses.get(h).isOwn()) {
        own += likely[h];
      } else {
        Cause cause = cause(hypotheses.get(h).slips(), suspects, likely[h]);
        causes.merge(cause.slips(), cause, Cause::and);
      }
    }
    List<Explanation> explanations = new ArrayList<>();
    List<Cause> joined = Cause.joined(List.copyOf(causes.values()), grounds);
    joined.forEach(each -> explanations.add(each.explanation(joined, grounds)));
    explanations.add(new Explanation(List.of(), List.of(), true, own, List.of(), List.of(), false));
    explanations.removeIf(each -> each.probability() < UNLIKELY && !each.isSure());
    explanations.sort(Comparator.comparingDouble(Explanation::probability).reversed());
    List<Outcome> outcomes = new ArrayList<>();
    List<List<Slip>> slips = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      outcomes.add(outcome(given.get(i), sums.get(i)));
      slips.add(sorted(giving(given.get(i), sums.get(i)), explanations));
    }
    return new Diagnosis(outcomes, slips, explanations);
  }

  /** A page may show slips that answers do not tell. */
  private Suspects suspects(List<AnswerSpace> given, Grounds grounds) {
    Set<Slip> all = new LinkedHashSet<>(known);
    for (AnswerSpace space : given) {
      if (space instanceof Seen page) {
        page.slips().stream().sorted().forEach(all::add);
      }
    }
    return new Suspects(sums, given, grounds, List.copyOf(all), rates);
  }

  private static Cause cause(List<Slip> slips, Suspects suspects, double likely) {
    List<Slip> named = slips.stream().map(Slip::named).distinct().sorted().toList();
    List<Slip> alike =
        slips.size() == 1
            ? suspects.alike(slips.get(0)).stream().filter(each -> !named.contains(each)).toList()
            : List.of();
    return new Cause(named, alike, Set.of(slips), likely);
  }

  private static Outcome outcome(AnswerSpace given, Foreseen sum) {
    if (given instanceof Answered answered) {
      return answered.reply().is(sum.right()) ? Outcome.RIGHT : Outcome.WRONG;
    }
    if (given instanceof Seen page) {
      return page.slips().isEmpty() ? Outcome.RIGHT : Outcome.WRONG;
    }
    return Outcome.without(given);
  }

  private Set<Slip> giving(AnswerSpace given, Foreseen sum) {
    if (given instanceof Seen page) {
      return page.slips();
    }
    Set<Slip> giving = new LinkedHashSet<>();
    if (given instanceof Answered answered && !answered.reply().is(sum.right())) {
      known.stream()
          .filter(slip -> sum.isGiven(slip, answered.reply()))
          .forEach(slip -> giving.add(slip.named()));
    }
    return giving;
  }

  private static List<Slip> sorted(Set<Slip> slips, List<Explanation> explanations) {
    List<Slip> sorted = new ArrayList<>(slips);
    sorted.sort(Comparator.comparingDouble(slip -> -likely(slip, explanations)));
    return sorted;
  }

  private static double likely(Slip slip, List<Explanation> explanations) {
    return explanations.stream()
        .filter(each -> each.slips().size() == 1 && each.names().contains(slip))
        .mapToDouble(Explanation::probability)
        .sum();
  }

  /**
   * The fact of two figures that was missed by one where a wrong answer was given; empty where the
   * answer is right, where a slip gives it too, and where it may have been another fact.
   *
   * @param place of the sum, from 0
   */
  public Optional<Workload.Pair> factMissed(int place, Reply reply) {
    Foreseen sum = sums.get(place);
    boolean otherwise =
        reply.is(sum.right()) || known.stream().anyMatch(slip -> sum.isGiven(slip, reply));
    return otherwise ? Optional.empty() : sum.fact(reply);
  }

  /**
   * The sums that are expected to decide most about a pupil, the best first; none where an
   * explanation is sure already and not one of several that the answers do not tell apart.
   *
   * @param pool sums to choose from, of the methods that were asked
   * @param most how many
   */
  public List<Item> askNext(List<AnswerSpace> given, Pool pool, int most) {
    boolean isClear = of(given).sure().filter(sure -> sure.alike().isEmpty()).isPresent();
    if (isClear) {
      return List.of();
    }
    List<Hypothesis> apart = suspects(given, new Grounds(sums, given)).apart();
    return pool.best(apart, Posterior.of(apart, sums, given, rates), most);
  }
}
