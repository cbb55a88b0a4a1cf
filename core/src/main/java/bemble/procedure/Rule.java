package bemble.procedure;

import java.math.BigInteger;
import java.util.AbstractList;
import java.util.Arrays;
import java.util.List;
import java.util.RandomAccess;

/**
 * How a value comes from the values it is read from. Values are whole numbers in units of their
 * place; rules do not know where anything stands.
 *
 * @param kind the formula
 * @param n the number that some formulas need besides their entries; else 0
 */
public record Rule(Kind kind, int n) {
  /** The formulas; {@link Formulas} tells the entries that each reads. */
  public enum Kind {
    COPY,
    SAME,
    ZERO,
    TOTAL,
    FIGURE_OF_TOTAL,
    TENS_OF_TOTAL,
    DIFFERENCE,
    DIFFERENCE_WITH_TEN_MORE,
    ONE_LESS,
    ONE_MORE,
    TEN_MORE,
    NINE_MORE,
    FIGURE_OF_PAIRS,
    TENS_OF_PAIRS,
    PRODUCT,
    COUNT,
    HOW_MANY,
    EASY_COUNT,
    LEFT_OVER,
    JOINED,
    LARGEST_SQUARE,
    DOUBLE,
    ADD_LAST,
    LARGEST_TRIAL,
    TRIAL_PRODUCT,
    TRY,
    NEXT_STOP,
    STOP_BACK,
    DIGIT_SUM,
    DIGIT_SUM_OF_PRODUCT
  }

  /** The rules that need no number, by the ordinals of their kinds: each figure asks for one. */
  private static final List<Rule> PLAIN =
      Arrays.stream(Kind.values()).map(kind -> new Rule(kind, 0)).toList();

  /** Copied from the sum; reads the figure or number of the sum itself. */
  public static final Rule COPY = of(Kind.COPY);

  /** The value of the entry that is read. */
  public static final Rule SAME = of(Kind.SAME);

  /** Nothing at all, written as 0; reads nothing. */
  public static final Rule ZERO = of(Kind.ZERO);

  /** The total of all entries that are read. */
  public static final Rule TOTAL = of(Kind.TOTAL);

  /** The ones figure of the total of all entries that are read. */
  public static final Rule ONES_OF_TOTAL = figureOfTotal(0);

  /** The tens of the total of all entries that are read, more than one figure if need be. */
  public static final Rule TENS_OF_TOTAL = of(Kind.TENS_OF_TOTAL);

  /** The rule of a kind that needs no number. */
  public static Rule of(Kind kind) {
    return PLAIN.get(kind.ordinal());
  }

  /** The figure of the total of all entries that are read, {@code n} places above its ones. */
  public static Rule figureOfTotal(int n) {
    return new Rule(Kind.FIGURE_OF_TOTAL, n);
  }

  /** The rule of the product of {@code n} and the lead followed by {@code n}. */
  public static Rule tryOut(int n) {
    return new Rule(Kind.TRY, n);
  }

  /** The value that follows from {@code reads}, which are in the order given in the procedure. */
  public BigInteger apply(List<BigInteger> reads) {
    return Formulas.apply(this, reads);
  }

  /** Whether its writer chooses the value: an easy count, or a stop on a number line. */
  public boolean isChoice() {
    return kind == Kind.EASY_COUNT || kind == Kind.NEXT_STOP || kind == Kind.STOP_BACK;
  }

  /** Whether a writer may choose this value instead of the one that follows. */
  public boolean leavesOpen(BigInteger value, List<Entry> reads) {
    return isChoice() && Formulas.leavesOpen(kind, value, new Values(reads));
  }

  /** The value that follows from some entries. */
  public BigInteger applyTo(List<Entry> reads) {
    return apply(new Values(reads));
  }

  /** The values of entries, without a copy: this is asked for every figure of every page. */
  private static final class Values extends AbstractList<BigInteger> implements RandomAccess {
    private final List<Entry> entries;

    Values(List<Entry> entries) {
      this.entries = entries;
    }

    @Override
    public BigInteger get(int index) {
      return entries.get(index).value();
    }

    @Override
    public int size() {
      return entries.size();
    }
  }
}
