package bemble.check;

import bemble.notation.Notation;
import bemble.number.Numeral;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.NumberMarks;
import java.util.List;

/**
 * The results of the workings of a check, compared with the expected ones.
 *
 * @param expected the number of the first working
 * @param found the results of the workings; the last decides, unless the root is enclosed by two
 * @param cameBack whether they agree
 */
record Comparing(Numeral expected, List<Numeral> found, boolean cameBack) {
  /** The last of some workings against a number; a remainder means that it did not come back. */
  static Comparing of(List<Working> parts, Numeral expected) {
    Answer answer = parts.get(parts.size() - 1).answer();
    return new Comparing(expected, List.of(answer.value()), isSame(answer, expected));
  }

  /** Whether an answer is a number, with nothing left over. */
  static boolean isSame(Answer answer, Numeral number) {
    boolean exact = !(answer instanceof Answer.Quotient quotient) || quotient.remainder().isZero();
    return exact && answer.value().value().compareTo(number.value()) == 0;
  }

  /** Whether a number lies between two squares, the first of which it may be. */
  static Comparing between(Working below, Working above, Numeral number) {
    Numeral low = below.answer().value();
    Numeral high = above.answer().value();
    boolean lies =
        low.value().compareTo(number.value()) <= 0 && high.value().compareTo(number.value()) > 0;
    return new Comparing(number, List.of(low, high), lies);
  }

  private boolean isBetween() {
    return cameBack && found.size() > 1;
  }

  private Numeral last() {
    return found.get(found.size() - 1);
  }

  /** The remark about it. */
  Remark remark() {
    if (isBetween()) {
      return Remark.of(RemarkKind.COMPARE_BETWEEN)
          .with("expected", expected)
          .with("below", found.get(0))
          .with("above", last());
    }
    return Remark.of(cameBack ? RemarkKind.COMPARE : RemarkKind.COMPARE_MISSED)
        .with("expected", expected)
        .with("found", last());
  }

  /** The text for the page. */
  String label(Notation notation, NumberMarks marks) {
    String wanted = marks.apart(expected);
    String reached = marks.apart(last());
    if (isBetween()) {
      String below = marks.apart(found.get(0));
      return notation.text("check.between", "below", below, "above", reached, "expected", wanted);
    }
    String key = cameBack ? "check.held" : "check.not-held";
    return notation.text(key, "found", reached, "expected", wanted);
  }
}
