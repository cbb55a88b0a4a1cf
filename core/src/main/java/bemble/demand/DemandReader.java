package bemble.demand;

import bemble.demand.Demands.Carries;
import bemble.demand.Demands.Exchanges;
import bemble.demand.Demands.Zeros;
import bemble.fact.Fact;
import bemble.number.Numeral;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Step;
import bemble.procedure.Working;
import java.util.EnumMap;
import java.util.Map;

/** Reads the traits of a sum off its working, entry by entry. */
public final class DemandReader {
  private final Map<Fact.Kind, Integer> facts = new EnumMap<>(Fact.Kind.class);
  private int carries;
  private int chain;
  private int longestChain;
  private int lastCarryPlace = Integer.MIN_VALUE;
  private int exchanges;
  private int zeros;
  private int mostZeros;
  private int zerosInQuotient;
  private int padded;
  private int triesMade;
  private int triesNeeded;
  private int marks;

  private DemandReader() {}

  /** The traits of the sum that {@code working} works. */
  public static Demands of(Working working) {
    DemandReader reader = new DemandReader();
    for (Step step : working.steps()) {
      step.facts().forEach(fact -> reader.facts.merge(fact.kind(), 1, Integer::sum));
      step.entries().forEach(reader::read);
    }
    return reader.traits(working);
  }

  private void read(Entry entry) {
    marks += entry.marks().size();
    switch (entry.slot().role()) {
      case CARRY -> carry(entry.slot().place());
      case TEN_MORE -> exchanges++;
      case EXCHANGE -> exchange(entry);
      case PADDING -> padded++;
      case QUOTIENT, ROOT -> zerosInQuotient += entry.value().signum() == 0 ? 1 : 0;
      case TRY -> tried(entry);
      default -> {
        // Other entries have no trait of their own.
      }
    }
  }

  private void carry(int place) {
    carries++;
    chain = place == lastCarryPlace + 1 ? chain + 1 : 1;
    lastCarryPlace = place;
    longestChain = Math.max(longestChain, chain);
  }

  /** A zero is crossed when a place that was just made ten pays at once for the next place. */
  private void exchange(Entry entry) {
    if (entry.rule().kind() == Rule.Kind.TEN_MORE) {
      exchanges++;
      return;
    }
    if (entry.rule().kind() == Rule.Kind.NINE_MORE) {
      exchanges++;
      mostZeros = Math.max(mostZeros, ++zeros);
      return;
    }
    Entry paid = entry.reads().get(0);
    boolean crossed =
        paid.rule().kind() == Rule.Kind.TEN_MORE && paid.reads().get(0).value().signum() == 0;
    zeros = crossed ? zeros + 1 : 0;
    mostZeros = Math.max(mostZeros, zeros);
  }

  private void tried(Entry entry) {
    if (entry.rule().kind() == Rule.Kind.TRY) {
      triesMade++;
    } else if (entry.value().signum() > 0) {
      triesNeeded++;
    }
  }

  private Demands traits(Working working) {
    Numeral answer = working.answer().value();
    int highest =
        working.problem().numbers().stream().mapToInt(Numeral::highestPlace).max().orElse(0);
    int used = facts.values().stream().mapToInt(Integer::intValue).sum();
    return new Demands(
        facts,
        new Carries(carries, longestChain, answer.highestPlace() > highest),
        new Exchanges(exchanges, mostZeros),
        // An answer that is 0 itself has no zero among its figures.
        new Zeros(answer.isZero() ? 0 : zerosInQuotient, padded),
        left(working.answer()),
        triesMade - triesNeeded,
        marks,
        used * Demands.SECONDS_A_FACT + marks);
  }

  private static boolean left(Answer answer) {
    if (answer instanceof Answer.Quotient quotient) {
      return !quotient.remainder().isZero();
    }
    return answer instanceof Answer.SquareRoot root && !root.exact();
  }
}
