package bemble.diagnosis;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.practice.Item;
import bemble.practice.Workload;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Finds what explains pupils' answers to some sums, by Bayes' rule over the hypotheses that a pupil
 * has no slip, one or two, and makes them always, often or sometimes. What the sums come to in each
 * case is worked out once, so one object serves a class. Not for several threads.
 */
public final class Diagnoser {
  /** Less likely explanations are left out. */
  private static final double HARDLY = 0.005;

  /** What may be said is so likely. */
  private static final double SURE = 0.8;

  /** A single answer is ground enough where it is so likely, and nothing else gives that answer. */
  private static final double SURE_OF_ONE = 0.9;

  private final Rates rates;
  private final List<Foreseen> sums;
  private final List<Slip> known;
  private final List<Hypothesis> hypotheses;

  /** What each hypothesis expects of each sum. */
  private final List<List<AnswerChances>> expected;

  /** For the answers to some sums, in their order, worked in a style. */
  public Diagnoser(List<Item> items, Style style) {
    this(items, style, Rates.STANDARD);
  }

  Diagnoser(List<Item> items, Style style, Rates rates) {
    this.rates = rates;
    sums = items.stream().map(item -> new Foreseen(item, style)).toList();
    Set<Slip> slips = new LinkedHashSet<>();
    items.forEach(item -> slips.addAll(Foreseen.slips(item, style)));
    known = slips.stream().filter(this::shows).toList();
    hypotheses = hypotheses();
    expected = hypotheses.stream().map(this::expected).toList();
  }

  private List<AnswerChances> expected(Hypothesis hypothesis) {
    return sums.stream().map(sum -> AnswerChances.of(hypothesis, sum)).toList();
  }

  /** Whether a slip changes an answer: what never shows cannot be found. */
  private boolean shows(Slip slip) {
    return sums.stream().anyMatch(sum -> sum.shows(slip));
  }

  private List<Hypothesis> hypotheses() {
    List<Hypothesis> all = new ArrayList<>();
    all.add(new Hypothesis(List.of(), 0, rates.none()));
    double[] weights = new double[known.size()];
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      weights[i] = Math.pow(rates.nextSlip(), i);
      sum += weights[i];
    }
    double pairs = 0;
    for (int i = 0; i < weights.length; i++) {
      for (int j = i + 1; j < weights.length; j++) {
        pairs += weights[i] * weights[j];
      }
    }
    for (int i = 0; i < weights.length; i++) {
      add(all, List.of(known.get(i)), rates.one() * weights[i] / sum);
      for (int j = i + 1; j < weights.length; j++) {
        double prior = rates.two() * weights[i] * weights[j] / pairs;
        add(all, List.of(known.get(i), known.get(j)), prior);
      }
    }
    return all;
  }

  private void add(List<Hypothesis> all, List<Slip> slips, double prior) {
    List<Double> habits = List.of(rates.always(), rates.often(), rates.sometimes());
    habits.forEach(rate -> all.add(new Hypothesis(slips, rate, prior / habits.size())));
  }

  /**
   * What is to be said of a pupil's answers.
   *
   * @param given one for each sum, in their order
   */
  public Diagnosis of(List<AnswerSpace> given) {
    double[] likely = posterior(given);
    List<Outcome> outcomes = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      outcomes.add(outcome(given.get(i), sums.get(i)));
    }
    Map<List<Slip>, Double> grouped = new LinkedHashMap<>();
    for (int h = 0; h < likely.length; h++) {
      grouped.merge(named(hypotheses.get(h).slips()), likely[h], Double::sum);
    }
    List<Explanation> explanations = new ArrayList<>();
    grouped.forEach(
        (slips, probability) -> {
          if (probability >= HARDLY) {
            explanations.add(explanation(slips, probability, given, outcomes));
          }
        });
    explanations.sort(Comparator.comparingDouble(Explanation::probability).reversed());
    return new Diagnosis(outcomes, slips(given, outcomes, grouped), explanations);
  }

  private static Outcome outcome(AnswerSpace given, Foreseen sum) {
    if (given instanceof Answered answered) {
      return answered.reply().is(sum.right()) ? Outcome.RIGHT : Outcome.WRONG;
    }
    return given instanceof AnswerSpace.Blank ? Outcome.BLANK : Outcome.LEFT_OUT;
  }

  /** How likely each hypothesis is after the answers. */
  private double[] posterior(List<AnswerSpace> given) {
    double[] log = new double[hypotheses.size()];
    for (int h = 0; h < log.length; h++) {
      log[h] = Math.log(hypotheses.get(h).prior());
    }
    double known = 1 - rates.factMissed() - rates.unforeseen();
    for (int i = 0; i < given.size(); i++) {
      if (given.get(i) instanceof Answered answered) {
        boolean[] met = sums.get(i).met(answered.reply());
        double beside =
            rates.factMissed() * sums.get(i).missed(answered.reply())
                + rates.unforeseen() / rates.unforeseenAnswers();
        for (int h = 0; h < log.length; h++) {
          log[h] += Math.log(known * expected.get(h).get(i).chance(met) + beside);
        }
      }
    }
    double most = Arrays.stream(log).max().orElseThrow();
    double sum = 0;
    double[] likely = new double[log.length];
    for (int h = 0; h < log.length; h++) {
      likely[h] = Math.exp(log[h] - most);
      sum += likely[h];
    }
    for (int h = 0; h < log.length; h++) {
      likely[h] /= sum;
    }
    return likely;
  }

  /** Slips by their names: forms of one are one. */
  private static List<Slip> named(List<Slip> slips) {
    return slips.stream().map(Slip::named).distinct().sorted().toList();
  }

  /** All forms in which slips of some names are made. */
  private List<List<Slip>> forms(List<Slip> named) {
    return hypotheses.stream()
        .map(Hypothesis::slips)
        .filter(slips -> named(slips).equals(named))
        .distinct()
        .toList();
  }

  private Explanation explanation(
      List<Slip> slips, double probability, List<AnswerSpace> given, List<Outcome> outcomes) {
    List<List<Slip>> forms = forms(slips);
    List<Integer> explains = new ArrayList<>();
    List<Integer> against = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      Foreseen sum = sums.get(i);
      if (!(given.get(i) instanceof Answered answered)) {
        continue;
      }
      boolean met =
          slips.isEmpty()
              ? sum.missed().stream().anyMatch(answered.reply()::is)
              : forms.stream().anyMatch(form -> isGiven(answered.reply(), sum, form));
      if (met && outcomes.get(i) == Outcome.WRONG) {
        explains.add(i);
      } else if (!met && forms.stream().allMatch(form -> differs(sum, form))) {
        against.add(i);
      }
    }
    boolean several =
        explains.size() >= 2 && probability >= SURE && eachHasGrounds(slips, explains, given);
    boolean single =
        explains.size() == 1
            && probability >= SURE_OF_ONE
            && isOnly(slips, explains.get(0), reply(given, explains.get(0)));
    return new Explanation(
        slips,
        probability,
        explains,
        against,
        // With more answers against it than for it nobody is told a slip.
        !slips.isEmpty() && explains.size() >= against.size() && (several || single));
  }

  /** Whether a reply is what these slips give; of two, each may have been made alone. */
  private static boolean isGiven(Reply reply, Foreseen sum, List<Slip> slips) {
    return reply.is(sum.with(slips)) && !reply.is(sum.right())
        || slips.stream().anyMatch(slip -> sum.isGiven(slip, reply));
  }

  /**
   * Whether each of two slips explains answers that the other does not: several, or one that
   * nothing else gives.
   */
  private boolean eachHasGrounds(
      List<Slip> slips, List<Integer> explains, List<AnswerSpace> given) {
    for (int i = 0; slips.size() == 2 && i < slips.size(); i++) {
      List<List<Slip>> other = forms(List.of(slips.get(1 - i)));
      List<Integer> own =
          explains.stream()
              .filter(
                  place ->
                      other.stream()
                          .noneMatch(form -> isGiven(reply(given, place), sums.get(place), form)))
              .toList();
      boolean one = own.size() == 1 && isOnly(slips, own.get(0), reply(given, own.get(0)));
      if (own.size() < 2 && !one) {
        return false;
      }
    }
    return true;
  }

  private static Reply reply(List<AnswerSpace> given, int place) {
    return ((Answered) given.get(place)).reply();
  }

  private static boolean differs(Foreseen sum, List<Slip> slips) {
    return slips.stream().anyMatch(sum::shows);
  }

  /** Whether no other slip and no missed fact gives an answer. */
  private boolean isOnly(List<Slip> slips, int place, Reply reply) {
    Foreseen sum = sums.get(place);
    boolean other =
        known.stream()
            .filter(slip -> !slips.contains(slip.named()))
            .anyMatch(slip -> sum.isGiven(slip, reply));
    return !other && sum.missed().stream().noneMatch(reply::is);
  }

  private List<List<Slip>> slips(
      List<AnswerSpace> given, List<Outcome> outcomes, Map<List<Slip>, Double> likely) {
    List<List<Slip>> slips = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      Set<Slip> giving = new LinkedHashSet<>();
      if (outcomes.get(i) == Outcome.WRONG && given.get(i) instanceof Answered answered) {
        for (Slip slip : known) {
          if (sums.get(i).isGiven(slip, answered.reply())) {
            giving.add(slip.named());
          }
        }
      }
      List<Slip> sorted = new ArrayList<>(giving);
      sorted.sort(Comparator.comparingDouble(slip -> -likely.getOrDefault(List.of(slip), 0.0)));
      slips.add(sorted);
    }
    return slips;
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
   * explanation is sure already.
   *
   * @param pool sums to choose from, of the methods that were asked
   * @param most how many
   */
  public List<Item> askNext(List<AnswerSpace> given, Pool pool, int most) {
    return of(given).sure().isPresent() ? List.of() : pool.best(hypotheses, posterior(given), most);
  }
}
