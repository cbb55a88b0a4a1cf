package bemble.method.root;

import bemble.number.Numeral;
import bemble.problem.Root;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;

/**
 * The result of a root, read off its page.
 *
 * @param answer root, rounded root, next number above, and the remainder
 */
record RootAnswer(Answer.SquareRoot answer) {
  private static final BigDecimal QUARTER = new BigDecimal("0.25");

  /**
   * Reads the root's figures, of which {@code places} stand after the point, and the remainder,
   * which counts in the place −{@code leftScale}.
   */
  static RootAnswer read(List<Entry> root, int places, List<Entry> left, int leftScale) {
    BigInteger figures = joined(root);
    Numeral cutOff = Numeral.of(figures, places);
    Numeral above = Numeral.of(figures.add(BigInteger.ONE), places);
    BigInteger rest = joined(left);
    Numeral remainder =
        leftScale >= 0
            ? Numeral.of(rest, leftScale)
            : Numeral.of(rest.multiply(BigInteger.TEN.pow(-leftScale)));
    // (r + u/2)² = r² + r u + u²/4, with u one unit of the last place: the root lies in the upper
    // half of its step just when the remainder reaches r u + u²/4.
    BigDecimal unit = BigDecimal.ONE.movePointLeft(places);
    BigDecimal half = cutOff.value().multiply(unit).add(unit.multiply(unit).multiply(QUARTER));
    boolean up = remainder.value().compareTo(half) >= 0;
    return new RootAnswer(new Answer.SquareRoot(cutOff, up ? above : cutOff, above, remainder));
  }

  private static BigInteger joined(List<Entry> entries) {
    return Rule.of(Rule.Kind.JOINED).applyTo(entries);
  }

  /** By how much the square of the number above is larger. */
  private Numeral gap() {
    BigDecimal root = answer.value().value();
    BigDecimal above = answer.above().value();
    return Numeral.parse(above.multiply(above).subtract(root.multiply(root)).toPlainString());
  }

  Remark remark(Root sum, Style style) {
    RemarkKind kind = RemarkKind.READ_EXACT_ROOT;
    if (!answer.exact()) {
      boolean rounded = style.has(Choice.RootResult.ROUNDED);
      kind = rounded ? RemarkKind.READ_ROUNDED_ROOT : RemarkKind.READ_ROOT;
    }
    return Remark.of(kind)
        .with("problem", sum)
        .with("root", Root.natural(sum.radicand()))
        .with("places", sum.places())
        .with("answer", answer.value())
        .with("rounded", answer.rounded())
        .with("up", answer.rounded().equals(answer.value()) ? 0 : 1)
        .with("above", answer.above())
        .with("gap", gap())
        .with("remainder", answer.remainder());
  }
}
