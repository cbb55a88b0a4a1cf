package bemble.remark;

import bemble.number.Numeral;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.List;

/** A thing that a sentence mentions. */
public sealed interface Mention
    permits Mention.Count,
        Mention.Decimal,
        Mention.Asked,
        Mention.Text,
        Mention.Several,
        Quantity,
        Place,
        Carried,
        Adding,
        Crossing {
  /** A whole number. */
  record Count(BigInteger number) implements Mention {}

  /** A number that may have places behind the point. */
  record Decimal(Numeral number) implements Mention {}

  /** A sum. */
  record Asked(Problem problem) implements Mention {}

  /** A text that is said unchanged. */
  record Text(String text) implements Mention {}

  /** Some things one after the other. */
  record Several(List<Mention> all) implements Mention {
    /** Keeps a copy of the list. */
    public Several {
      all = List.copyOf(all);
    }
  }

  /**
   * A value as it is mentioned.
   *
   * @throws IllegalArgumentException for a value that is none of the above
   */
  static Mention of(Object value) {
    if (value instanceof Mention mention) {
      return mention;
    }
    if (value instanceof BigInteger number) {
      return new Count(number);
    }
    if (value instanceof Number number) {
      return new Count(BigInteger.valueOf(number.longValue()));
    }
    if (value instanceof Numeral number) {
      return new Decimal(number);
    }
    if (value instanceof Problem problem) {
      return new Asked(problem);
    }
    if (value instanceof String text) {
      return new Text(text);
    }
    if (value instanceof List<?> list) {
      return new Several(list.stream().map(Mention::of).toList());
    }
    throw new IllegalArgumentException("cannot be mentioned: " + value);
  }
}
