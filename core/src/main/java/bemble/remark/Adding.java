package bemble.remark;

import bemble.number.Numeral;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * An adding as it is said: two parts make a total; from three on, with running totals.
 *
 * @param parts the addends, in the order said: numbers, and {@link Carried} amounts
 * @param total their total, in its place if it has one
 */
public record Adding(List<Mention> parts, Mention total) implements Mention {
  /** Keeps its parts from change. */
  public Adding {
    parts = List.copyOf(parts);
  }

  /** An adding of numbers that stand for themselves, of which those are named that are said. */
  public static Adding of(List<Numeral> numbers, Numeral total) {
    return of(numbers.stream().map(Mention::of).toList(), Mention.of(total));
  }

  /** An adding of those parts that are said. */
  public static Adding of(List<Mention> parts, Mention total) {
    return new Adding(said(parts, part -> count(part).signum() != 0), total);
  }

  /** Those of some addends that are said: zeros only as far as there would be fewer than two. */
  public static <T> List<T> said(List<T> addends, Predicate<T> adds) {
    long zeros = 2 - addends.stream().filter(adds).count();
    List<T> said = new ArrayList<>();
    for (T addend : addends) {
      if (adds.test(addend) || zeros-- > 0) {
        said.add(addend);
      }
    }
    return said;
  }

  /** The totals after each part, from the second on; the last one is the total of all. */
  public List<Mention> reached() {
    List<Mention> reached = new ArrayList<>();
    BigDecimal sum = BigDecimal.ZERO;
    for (int i = 0; i < parts.size(); i++) {
      sum = sum.add(count(parts.get(i)));
      if (i > 0) {
        boolean last = i == parts.size() - 1;
        reached.add(last ? total : Mention.of(Numeral.parse(sum.toPlainString()).stripped()));
      }
    }
    return reached;
  }

  private static BigDecimal count(Mention part) {
    if (part instanceof Carried carried) {
      return new BigDecimal(carried.quantity().count());
    }
    return part instanceof Mention.Decimal decimal
        ? decimal.number().value()
        : new BigDecimal(((Mention.Count) part).number());
  }
}
