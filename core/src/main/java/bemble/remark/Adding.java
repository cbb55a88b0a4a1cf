package bemble.remark;

import bemble.number.Numeral;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * An adding as it is said: two parts make a total; from three on, with running totals. Parts that
 * add nothing are left unsaid.
 *
 * @param parts the addends, in the order said: numbers, and {@link Carried} amounts
 * @param total their total, in its place if it has one
 */
public record Adding(List<Mention> parts, Mention total) implements Mention {
  /** Leaves out the parts that add nothing. */
  public Adding {
    parts = parts.stream().filter(part -> count(part).signum() != 0).toList();
  }

  /** An adding of numbers that stand for themselves. */
  public static Adding of(List<Numeral> numbers, Numeral total) {
    return new Adding(numbers.stream().map(Mention::of).toList(), Mention.of(total));
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
