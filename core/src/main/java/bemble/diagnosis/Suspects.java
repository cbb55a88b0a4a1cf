package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Seen;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;

/**
 * The suspects behind the answers of one pupil: the slips that could show in them, and the
 * hypotheses that are worth weighing. Slips that would give the same answers to all of these sums
 * are one.
 */
final class Suspects {
  private final Rates rates;
  private final List<Foreseen> sums;
  private final List<AnswerSpace> given;
  private final Grounds grounds;
  private final List<Integer> told;
  private final Map<Slip, List<Slip>> alike = new LinkedHashMap<>();
  private final Map<Slip, Double> weights = new LinkedHashMap<>();

  Suspects(
      List<Foreseen> sums,
      List<AnswerSpace> given,
      Grounds grounds,
      List<Slip> known,
      Rates rates) {
    this.rates = rates;
    this.sums = sums;
    this.given = given;
    this.grounds = grounds;
    List<Integer> worked = grounds.told();
    // Before anything is answered any slip that the sums could show is possible.
    told = worked.isEmpty() ? IntStream.range(0, given.size()).boxed().toList() : worked;
    join(known.stream().filter(this::shows).toList());
  }

  private boolean shows(Slip slip) {
    return told.stream()
        .anyMatch(
            place ->
                given.get(place) instanceof Seen page && page.slips().contains(slip.named())
                    || sums.get(place).shows(slip));
  }

  private void join(List<Slip> slips) {
    Map<List<Object>, Slip> first = new LinkedHashMap<>();
    double weight = 1;
    for (Slip slip : slips) {
      Slip one = first.computeIfAbsent(traces(slip), any -> slip);
      alike.computeIfAbsent(one, any -> new ArrayList<>()).add(slip);
      weights.merge(one, weight, Double::sum);
      weight *= rates.nextSlip();
    }
  }

  /** The traces that a slip would leave in the sums that were worked. */
  private List<Object> traces(Slip slip) {
    List<Object> traces = new ArrayList<>();
    for (int place : told) {
      traces.add(
          given.get(place) instanceof Seen page
              ? page.slips().contains(slip.named()) ? slip : sums.get(place).isMade(slip, 1)
              : sums.get(place).partly(slip));
    }
    return traces;
  }

  /** By their names, the slips that give the same answers as one of them, itself among them. */
  List<Slip> alike(Slip slip) {
    return Objects.requireNonNull(alike.get(slip)).stream().map(Slip::named).distinct().toList();
  }

  private double weight(Slip slip) {
    return Objects.requireNonNull(weights.get(slip));
  }

  /**
   * The hypotheses to weigh. Two slips are weighed together only if each of them alone gives one of
   * the wrong answers: other pairs explain no more than one slip does.
   */
  List<Hypothesis> hypotheses() {
    List<Hypothesis> all = new ArrayList<>();
    all.add(new Hypothesis(List.of(), 0, rates.unforeseen().rate(), rates.shares().none()));
    for (double habit : rates.ownHabits()) {
      double prior = rates.shares().own() / rates.ownHabits().size();
      all.add(new Hypothesis(List.of(), habit, habit, prior));
    }
    double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
    weights.forEach((slip, weight) -> add(all, List.of(slip), rates.shares().one() * weight / sum));
    List<Slip> giving =
        alike.keySet().stream()
            .filter(slip -> !grounds.of(List.of(List.of(slip))).isEmpty())
            .toList();
    for (int i = 0; i < giving.size(); i++) {
      for (int j = i + 1; j < giving.size(); j++) {
        double both = 2 * weight(giving.get(i)) * weight(giving.get(j)) / (sum * sum);
        add(all, List.of(giving.get(i), giving.get(j)), rates.shares().two() * both);
      }
    }
    return all;
  }

  /** The hypotheses to weigh where slips that give the same answers are looked at one by one. */
  List<Hypothesis> apart() {
    List<Hypothesis> apart = new ArrayList<>();
    for (Hypothesis each : hypotheses()) {
      if (each.slips().size() == 1) {
        List<Slip> ones = Objects.requireNonNull(alike.get(each.slips().get(0)));
        double prior = each.prior() / ones.size();
        ones.forEach(
            one -> apart.add(new Hypothesis(List.of(one), each.rate(), each.unforeseen(), prior)));
      } else {
        apart.add(each);
      }
    }
    return apart;
  }

  private void add(List<Hypothesis> all, List<Slip> slips, double prior) {
    for (double habit : rates.habits()) {
      double each = prior / rates.habits().size();
      all.add(new Hypothesis(slips, habit, rates.unforeseen().rate(), each));
    }
  }
}
