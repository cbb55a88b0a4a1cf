package bemble.judge.search;

import bemble.fact.Fact;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding.MissedFact;
import bemble.number.Whole;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The number fact behind a wrong figure, and the writer's version of it. */
final class MissedFacts {
  /** The largest error of a total that is miscounted. */
  private static final BigInteger NEAR = BigInteger.valueOf(3);

  private MissedFacts() {}

  /**
   * The fact behind a wrong entry.
   *
   * @param written the values that its writer put in its slot, and in that of the tens, or of the
   *     ones beside tens, as far as they are known
   */
  static Optional<MissedFact> of(Seen wrong, Map<Slot, BigInteger> written) {
    BigInteger value = written.get(wrong.entry().slot());
    if (value == null) {
      return inTheHead(wrong, written);
    }
    List<Fact> facts = own(wrong.entry()).map(List::of).orElseGet(wrong.step().notes()::facts);
    if (facts.isEmpty()) {
      return Optional.empty();
    }
    BigInteger due = whole(wrong.entry());
    Optional<BigInteger> other =
        written.keySet().stream()
            .filter(slot -> !slot.equals(wrong.entry().slot()))
            .findFirst()
            .map(written::get);
    BigInteger taken = value;
    if (areTens(wrong.entry())) {
      taken = Whole.joined(value, other.orElse(Whole.ones(due)));
    } else if (isFigure(wrong.entry())) {
      taken = total(wrong, value, other);
    }
    BigInteger off = taken.subtract(due);
    return facts.stream()
        .filter(fact -> facts.size() == 1 ? fact.result().equals(due) : explains(fact, off, due))
        .findFirst()
        .map(fact -> new MissedFact(fact, fact.result().add(off)))
        .filter(missed -> missed.as().signum() >= 0 && !missed.as().equals(missed.fact().result()));
  }

  /**
   * Whether a pupil may have taken another number for a total or product, where its tens are not
   * seen: a number near it, or the product with a factor that is a few larger or smaller.
   */
  static boolean isLikely(Seen wrong, BigInteger taken) {
    BigInteger off = taken.subtract(whole(wrong.entry())).abs();
    return off.compareTo(NEAR) <= 0
        || wrong.step().notes().facts().stream()
            .filter(fact -> fact.kind() == Fact.Kind.MULTIPLY)
            .flatMap(fact -> fact.operands().stream())
            .anyMatch(
                factor ->
                    factor.compareTo(BigInteger.ONE) > 0
                        && off.mod(factor).signum() == 0
                        && off.compareTo(factor.multiply(BigInteger.TWO)) <= 0);
  }

  /** The fact behind a value that was wrong in the head, and only shows in an entry. */
  private static Optional<MissedFact> inTheHead(Seen wrong, Map<Slot, BigInteger> taken) {
    return wrong.entry().reads().stream()
        .filter(read -> taken.containsKey(read.slot()))
        .flatMap(
            read ->
                own(read)
                    .map(
                        fact ->
                            new MissedFact(fact, Objects.requireNonNull(taken.get(read.slot()))))
                    .stream())
        .findFirst();
  }

  /** The fact behind a product that is written whole, or behind its remainder. */
  private static Optional<Fact> own(Entry entry) {
    List<BigInteger> reads = entry.reads().stream().map(Entry::value).toList();
    return switch (entry.rule().kind()) {
      case PRODUCT -> Optional.of(Fact.multiply(reads.get(0), reads.get(1)));
      case TRIAL_PRODUCT -> {
        BigInteger figure = reads.get(1);
        yield Optional.of(Fact.multiply(Whole.joined(reads.get(0), figure), figure));
      }
      case LEFT_OVER -> {
        BigInteger product = reads.get(0);
        BigInteger left = entry.rule().applyTo(entry.reads());
        yield Optional.of(Fact.subtract(product.add(left), product));
      }
      default -> Optional.empty();
    };
  }

  private static boolean isFigure(Entry entry) {
    return entry.rule().equals(Rule.ONES_OF_TOTAL)
        || entry.rule().kind() == Rule.Kind.FIGURE_OF_PAIRS;
  }

  private static boolean areTens(Entry entry) {
    return entry.rule().kind() == Rule.Kind.TENS_OF_PAIRS;
  }

  /** The value of the total or product of which an entry is one figure. */
  private static BigInteger whole(Entry entry) {
    if (entry.rule().equals(Rule.ONES_OF_TOTAL)) {
      return both(entry, Rule.TENS_OF_TOTAL, entry.rule());
    }
    return isFigure(entry) || areTens(entry)
        ? both(entry, Rule.of(Rule.Kind.TENS_OF_PAIRS), Rule.of(Rule.Kind.FIGURE_OF_PAIRS))
        : entry.rule().applyTo(entry.reads());
  }

  private static BigInteger both(Entry entry, Rule tens, Rule ones) {
    return Whole.joined(tens.applyTo(entry.reads()), ones.applyTo(entry.reads()));
  }

  /**
   * The total that ends in a figure: with the tens that were written, else with those that are due
   * and were carried on rightly, if that is likely, else the nearest one.
   */
  private static BigInteger total(Seen wrong, BigInteger figure, Optional<BigInteger> tens) {
    if (tens.isPresent()) {
      return Whole.joined(tens.get(), figure);
    }
    BigInteger due = whole(wrong.entry());
    BigInteger withTens = Whole.joined(Whole.tens(due), figure);
    if (isLikely(wrong, withTens)) {
      return withTens;
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
