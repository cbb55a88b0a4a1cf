package bemble.recipe;

import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The traits of one sum, counted column by column. Points are left aside: only figures are counted.
 */
public final class Measured {
  private final Map<Trait, Integer> traits = new EnumMap<>(Trait.class);

  private Measured() {}

  /** Every trait of the operation of a sum, as {@link Trait} defines it. */
  public static Map<Trait, Integer> of(Problem problem) {
    Measured hand = new Measured();
    if (problem instanceof Addition addition) {
      hand.add(addition.addends().stream().map(Measured::whole).toList());
    } else if (problem instanceof Subtraction sum) {
      hand.subtract(whole(sum.minuend()), whole(sum.subtrahend()));
    } else if (problem instanceof Multiplication sum) {
      hand.multiply(whole(sum.multiplicand()), whole(sum.multiplier()));
    } else if (problem instanceof Division sum) {
      hand.divide(whole(sum.dividend()), whole(sum.divisor()));
    } else if (problem instanceof Root root) {
      hand.root(whole(root.radicand()), root.places());
    }
    return hand.traits;
  }

  private static BigInteger whole(Numeral numeral) {
    return new BigInteger(numeral.figures());
  }

  private static int zeros(BigInteger number) {
    return (int) number.toString().chars().filter(sign -> sign == '0').count();
  }

  private static int figures(BigInteger number) {
    return number.toString().length();
  }

  private static int digit(BigInteger number, int place) {
    return number.divide(BigInteger.TEN.pow(place)).mod(BigInteger.TEN).intValue();
  }

  /** The totals of all columns that the numbers have. */
  private static List<Integer> totals(List<BigInteger> numbers) {
    int columns = numbers.stream().mapToInt(Measured::figures).max().orElse(0);
    List<Integer> totals = new ArrayList<>();
    int carry = 0;
    for (int place = 0; place < columns; place++) {
      int total = carry;
      for (BigInteger number : numbers) {
        total += digit(number, place);
      }
      totals.add(total);
      carry = total / 10;
    }
    return totals;
  }

  private static int carries(List<Integer> totals) {
    return (int)
        totals.subList(0, Math.max(totals.size() - 1, 0)).stream().filter(t -> t >= 10).count();
  }

  private void add(List<BigInteger> addends) {
    List<Integer> totals = totals(addends);
    BigInteger answer = addends.stream().reduce(BigInteger.ZERO, BigInteger::add);
    int longest = 0;
    int run = 0;
    for (int total : totals.subList(0, totals.size() - 1)) {
      run = total >= 10 ? run + 1 : 0;
      longest = Math.max(longest, run);
    }
    traits.put(Trait.CARRIES, carries(totals));
    traits.put(Trait.CHAIN, longest);
    traits.put(Trait.NEW_COLUMN, figures(answer) > totals.size() ? 1 : 0);
    traits.put(Trait.LARGEST_TOTAL, totals.stream().max(Integer::compare).orElse(0));
    int nines = 0;
    for (int place = 1; place < totals.size(); place++) {
      int carry = totals.get(place - 1) / 10;
      nines += totals.get(place) - carry == 9 && carry > 0 ? 1 : 0;
    }
    traits.put(Trait.NINES_TURNED, nines);
    traits.put(Trait.ONES_CARRY, totals.size() > 1 && totals.get(0) >= 10 ? 1 : 0);
    traits.put(Trait.ZEROS_GIVEN, addends.stream().mapToInt(Measured::zeros).sum());
    answer(answer);
  }

  private void answer(BigInteger answer) {
    traits.put(Trait.ZEROS_IN_ANSWER, zeros(answer));
    traits.put(Trait.ANSWER_FIGURES, figures(answer));
  }

  private void subtract(BigInteger minuend, BigInteger subtrahend) {
    int exchanges = 0;
    int longest = 0;
    int run = 0;
    for (int place = 0; place < figures(minuend); place++) {
      BigInteger unit = BigInteger.TEN.pow(place);
      boolean lent = place > 0 && minuend.mod(unit).compareTo(subtrahend.mod(unit)) < 0;
      int top = digit(minuend, place);
      exchanges += top - (lent ? 1 : 0) < digit(subtrahend, place) ? 1 : 0;
      run = lent && top == 0 ? run + 1 : 0;
      longest = Math.max(longest, run);
    }
    traits.put(Trait.EXCHANGES, exchanges);
    traits.put(Trait.ZEROS_CROSSED, longest);
    int onesBelow = digit(minuend, 0) < digit(subtrahend, 0) ? 1 : 0;
    String top = minuend.toString();
    traits.put(Trait.ZEROS_IN_SUBTRAHEND, zeros(subtrahend));
    traits.put(Trait.ONES_EXCHANGE, onesBelow);
    traits.put(Trait.TAIL_ZEROS, top.length() - top.replaceAll("0+$", "").length());
    traits.put(Trait.ZEROS_GIVEN, zeros(minuend) + zeros(subtrahend));
    answer(minuend.subtract(subtrahend));
  }

  private void multiply(BigInteger multiplicand, BigInteger multiplier) {
    List<BigInteger> rows = new ArrayList<>();
    int carries = 0;
    int ontoZero = 0;
    for (int place = 0; place < figures(multiplier); place++) {
      int times = digit(multiplier, place);
      if (times == 0) {
        continue;
      }
      BigInteger row = multiplicand.multiply(BigInteger.valueOf(times));
      rows.add(row.multiply(BigInteger.TEN.pow(place)));
      int carry = 0;
      for (int column = 0; column < figures(multiplicand); column++) {
        ontoZero += carry > 0 && digit(multiplicand, column) == 0 ? 1 : 0;
        int product = times * digit(multiplicand, column) + carry;
        carry = product / 10;
        carries += carry > 0 && column < figures(multiplicand) - 1 ? 1 : 0;
      }
    }
    traits.put(Trait.ROW_CARRIES, carries);
    traits.put(Trait.CARRIES_ONTO_ZERO, ontoZero);
    traits.put(Trait.ADD_CARRIES, rows.size() < 2 ? 0 : carries(totals(rows)));
    traits.put(Trait.ZEROS_IN_MULTIPLICAND, zeros(multiplicand));
    traits.put(Trait.ZEROS_IN_MULTIPLIER, zeros(multiplier));
    traits.put(Trait.ANSWER_FIGURES, figures(multiplicand.multiply(multiplier)));
  }

  private void divide(BigInteger dividend, BigInteger divisor) {
    BigInteger quotient = dividend.divide(divisor);
    String text = dividend.toString();
    String first = text.substring(0, Math.min(text.length(), figures(divisor)));
    traits.put(Trait.QUOTIENT_FIGURES, figures(quotient));
    traits.put(Trait.ZEROS_IN_QUOTIENT, quotient.signum() == 0 ? 0 : zeros(quotient));
    traits.put(Trait.REMAINDER, dividend.mod(divisor).intValue());
    boolean zero = quotient.signum() > 0 && digit(quotient, 0) == 0;
    traits.put(Trait.ZERO_AT_END, zero ? 1 : 0);
    boolean round = figures(divisor) == 2 && digit(divisor, 0) == 0;
    traits.put(Trait.ROUND_DIVISOR, round ? 1 : 0);
    joins(text, divisor.intValue());
    traits.put(Trait.FIRST_TOO_SMALL, new BigInteger(first).compareTo(divisor) < 0 ? 1 : 0);
  }

  /** Divides figure by figure. */
  private void joins(String dividend, int divisor) {
    int joins = 0;
    int lowered = 0;
    int left = 0;
    boolean begun = false;
    for (char sign : dividend.toCharArray()) {
      joins += begun && left > 0 ? 1 : 0;
      int stands = 10 * left + sign - '0';
      begun |= stands >= divisor;
      int trial = divisor < 10 ? 0 : Math.min(9, stands / 10 / (divisor / 10));
      lowered += begun && trial > stands / divisor ? 1 : 0;
      left = stands % divisor;
    }
    traits.put(Trait.JOINS, joins);
    traits.put(Trait.TRIALS_LOWERED, lowered);
  }

  private void root(BigInteger radicand, int places) {
    BigInteger scaled = radicand.multiply(BigInteger.TEN.pow(2 * places)).sqrt();
    BigInteger whole = radicand.sqrt();
    String text = scaled.toString();
    String padded = "0".repeat(Math.max(places + 1 - text.length(), 0)) + text;
    traits.put(Trait.EXACT, whole.multiply(whole).equals(radicand) ? 1 : 0);
    traits.put(Trait.ZEROS_IN_ROOT, (int) padded.chars().filter(sign -> sign == '0').count());
    traits.put(Trait.ROOT_FIGURES, figures(whole));
  }
}
