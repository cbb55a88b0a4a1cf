package bemble.judge;

import bemble.fact.Fact;
import bemble.judge.Finding.MissedFact;
import bemble.judge.Prediction.Seen;
import bemble.number.Whole;
import bemble.plan.Entry;
import bemble.plan.Rule;
import bemble.plan.Slot;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which number fact a wrong figure comes from, and what its writer took it as. */
final class MissedFacts {
  private MissedFacts() {}

  /**
   * The fact behind a wrong entry.
   *
   * @param written what its writer put in its slot, and in that of the tens where that is known
   */
  static Optional<MissedFact> of(Seen wrong, Map<Slot, BigInteger> written) {
    BigInteger value = written.get(wrong.entry().slot());
    List<Fact> facts = wrong.step().notes().facts();
    if (value == null || facts.isEmpty()) {
      return Optional.empty();
    }
    BigInteger due = whole(wrong.entry());
    Optional<BigInteger> tens =
        written.keySet().stream()
            .filter(slot -> !slot.equals(wrong.entry().slot()))
            .findFirst()
            .map(written::get);
    BigInteger taken = isFigure(wrong.entry()) ? total(value, tens, due) : value;
    BigInteger off = taken.subtract(due);
    return facts.stream()
        .filter(fact -> facts.size() == 1 ? fact.result().equals(due) : explains(fact, off, due))
        .findFirst()
        .map(fact -> new MissedFact(fact, fact.result().add(off)))
        .filter(missed -> missed.as().signum() >= 0 && !missed.as().equals(missed.fact().result()));
  }

  private static boolean isFigure(Entry entry) {
    return entry.rule().equals(Rule.ONES_OF_TOTAL)
        || entry.rule().kind() == Rule.Kind.FIGURE_OF_PAIRS;
  }

  /** What the total or product comes to of which an entry is the ones figure. */
  private static BigInteger whole(Entry entry) {
    if (!isFigure(entry)) {
      return entry.rule().applyTo(entry.reads());
    }
    boolean pairs = entry.rule().kind() == Rule.Kind.FIGURE_OF_PAIRS;
    Rule tens = pairs ? Rule.of(Rule.Kind.TENS_OF_PAIRS) : Rule.TENS_OF_TOTAL;
    return Whole.joined(tens.applyTo(entry.reads()), entry.rule().applyTo(entry.reads()));
  }

  /** The total that ends in a figure: with the tens that were written, else the nearest one. */
  private static BigInteger total(BigInteger figure, Optional<BigInteger> tens, BigInteger due) {
    if (tens.isPresent()) {
      return Whole.joined(tens.get(), figure);
    }
    int off = figure.subtract(due).mod(BigInteger.TEN).intValue();
    BigInteger near = due.add(BigInteger.valueOf(off > 5 ? off - 10 : off));
    return near.signum() < 0 ? near.add(BigInteger.TEN) : near;
  }

  /** Whether one of two facts was missed: a product by whole times, else the adding of a carry. */
  private static boolean explains(Fact fact, BigInteger off, BigInteger due) {
    if (fact.kind() != Fact.Kind.MULTIPLY) {
      return fact.result().equals(due);
    }
    return fact.operands().stream()
        .anyMatch(factor -> factor.signum() > 0 && off.mod(factor).signum() == 0);
  }
}
