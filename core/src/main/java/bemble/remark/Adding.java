package bemble.remark;

import java.math.BigInteger;
import java.util.List;

/**
 * An adding as it is said: two parts make a total; from three on, with running totals. Parts that
 * add nothing are left unsaid.
 *
 * @param parts what is added, in the order said: numbers, and {@link Carried} amounts
 * @param total what they come to, in its place
 */
public record Adding(List<Mention> parts, Quantity total) implements Mention {
  /** Leaves out the parts that add nothing. */
  public Adding {
    parts = parts.stream().filter(part -> count(part).signum() != 0).toList();
  }

  /** How much a part counts. */
  public static BigInteger count(Mention part) {
    return part instanceof Carried carried
        ? carried.quantity().count()
        : ((Mention.Count) part).number();
  }
}
