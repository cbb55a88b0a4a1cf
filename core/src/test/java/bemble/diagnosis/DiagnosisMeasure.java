package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/**
 * Simulated pupils with one slip, made three times in four, who miss a fact in one sum of twenty,
 * and answer ten sums.
 *
 * @param pupils how many
 * @param first for how many no other explanation is likelier
 * @param three for how many it is among the first three
 * @param accused of how many another slip is said
 * @param said of how many the slip is said
 */
record DiagnosisMeasure(int pupils, int first, int three, int said, int accused) {
  static final int TEN = 10;
  private static final double MADE = 0.75;
  private static final double MISSED = 0.05;
  private static final double ALIKE = 1e-9;

  /** Every method that has slips, with ten sums from its rungs that tell them apart. */
  static Map<Method<?>, List<Item>> sums() {
    Map<Method<?>, List<Item>> sums = new LinkedHashMap<>();
    for (Method<?> method : methods().toList()) {
      sums.put(method, ten(method));
    }
    return sums;
  }

  private static Stream<? extends Method<?>> methods() {
    return Ladder.STANDARD.all().stream()
        .map(Rung::operation)
        .distinct()
        .flatMap(operation -> Methods.of(operation).stream())
        .filter(method -> !slips(method).isEmpty());
  }

  static List<Slip> slips(Method<?> method) {
    return SlipKey.slips(method).stream().filter(Slip::isToldByAnswers).toList();
  }

  /** The slips that change the answer of a sum. */
  static List<Slip> shown(Method<?> method, List<Item> items) {
    List<Foreseen> sums = items.stream().map(item -> new Foreseen(item, Style.STANDARD)).toList();
    return slips(method).stream()
        .filter(slip -> sums.stream().anyMatch(sum -> !sum.with(List.of(slip)).equals(sum.right())))
        .toList();
  }

  private static List<Item> ten(Method<?> method) {
    List<Item> pool = new ArrayList<>();
    for (Rung rung : Ladder.STANDARD.all()) {
      if (rung.operation() == method.operation()) {
        for (Problem problem : rung.draw(8, 3)) {
          if (Methods.misfit(method, problem).isEmpty()) {
            pool.add(Item.of(problem, method.id(), rung.id()));
          }
        }
      }
    }
    Collections.shuffle(pool, new Random(5));
    List<Item> ten =
        new ArrayList<>(TellingApart.among(pool, slips(method), Style.STANDARD).items());
    pool.removeAll(ten);
    ten.addAll(pool);
    return ten.subList(0, TEN);
  }

  /** The diagnoses of such pupils, without those in whose answers the slip never shows. */
  static DiagnosisMeasure of(List<Item> items, Optional<Slip> slip, int pupils, long seed) {
    Diagnoser diagnoser = new Diagnoser(items, Style.STANDARD);
    Random random = new Random(seed + slip.map(Slip::id).hashCode());
    SimulatedPupil simulated = new SimulatedPupil(slip, MADE, MISSED, 0);
    List<Sum> sums = items.stream().map(item -> item.sum(Style.STANDARD)).toList();
    int first = 0;
    int three = 0;
    int said = 0;
    int accused = 0;
    List<Slip> named = slip.map(each -> List.of(each.named())).orElse(List.of());
    for (int pupil = 0; pupil < pupils; pupil++) {
      Diagnosis diagnosis =
          diagnoser.of(
              sums.stream()
                  .map(sum -> given(simulated.answer(sum, random).orElseThrow()))
                  .toList());
      List<Explanation> likely = diagnosis.explanations();
      double its =
          likely.stream()
              .filter(each -> isNamed(each, named))
              .mapToDouble(Explanation::probability)
              .findFirst()
              .orElse(0);
      long before = likely.stream().filter(each -> each.probability() > its + ALIKE).count();
      first += its > 0 && before == 0 ? 1 : 0;
      three += its > 0 && before < 3 ? 1 : 0;
      Optional<Explanation> sure = diagnosis.sure();
      boolean isSaid = sure.filter(each -> isNamed(each, named)).isPresent();
      said += isSaid ? 1 : 0;
      accused += sure.isPresent() && !isSaid ? 1 : 0;
    }
    return new DiagnosisMeasure(pupils, first, three, said, accused);
  }

  /** Whether an explanation is one slip, alone or with others that are not told from it. */
  static boolean isNamed(Explanation each, List<Slip> named) {
    return named.isEmpty()
        ? each.slips().isEmpty() && !each.isOwn()
        : each.slips().size() == 1 && each.names().containsAll(named);
  }

  static AnswerSpace given(Answer answer) {
    Optional<BigDecimal> left =
        answer instanceof Answer.Quotient quotient
            ? Optional.of(quotient.remainder().value())
            : Optional.empty();
    return new Answered(new Reply(answer.value().value(), left));
  }
}
