package bemble.diagnosis;

import bemble.number.Numeral;
import bemble.procedure.Answer;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * How a reply differs from the answer that was meant.
 *
 * @param figures how many figures the answer has
 * @param wrong how many of them stand wrong in the reply; all and one more where the reply is not
 *     of that length
 */
record Deviation(int figures, int wrong) {
  private static final int OTHER_FIGURES = 9;
  private static final int VERY_MANY = 1000;

  /** How a reply differs from an answer. */
  static Deviation of(Reply reply, Answer meant) {
    Numeral left = meant instanceof Answer.Quotient quotient ? quotient.remainder() : null;
    int figures = meant.value().length() + (left == null || left.isZero() ? 0 : left.length());
    if (reply.is(meant)) {
      return new Deviation(figures, 0);
    }
    int wrong = wrong(reply.value(), meant.value());
    if (left != null) {
      wrong += wrong(reply.remainder().orElse(BigDecimal.ZERO), left);
    } else if (reply.remainder().isPresent()) {
      wrong = figures + 1;
    }
    return new Deviation(figures, Math.min(wrong, figures + 1));
  }

  /** How many figures are wrong; very many in a number of another length. */
  private static int wrong(BigDecimal written, Numeral meant) {
    Optional<String> figures =
        Optional.of(written)
            .filter(number -> number.stripTrailingZeros().scale() <= meant.scale())
            .map(number -> number.setScale(meant.scale()).unscaledValue())
            .filter(number -> number.signum() >= 0)
            .map(number -> Numeral.of(number, meant.scale()).figures())
            .filter(text -> text.length() == meant.length());
    if (figures.isEmpty()) {
      return VERY_MANY;
    }
    int wrong = 0;
    for (int i = 0; i < meant.length(); i++) {
      wrong += meant.figures().charAt(i) == figures.get().charAt(i) ? 0 : 1;
    }
    return wrong;
  }

  /** The probability of this text, if each figure is miswritten at that rate. */
  double chance(double rate) {
    return wrong > figures
        ? 0
        : Math.pow(rate / OTHER_FIGURES, wrong) * Math.pow(1 - rate, figures - wrong);
  }
}
