package bemble.method.division;

import bemble.notation.RemainderText;
import bemble.number.Numeral;
import bemble.problem.Division;
import bemble.procedure.Answer;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;

/** How the answer of a division is read off, whichever way it was found. */
final class QuotientRead {
  private QuotientRead() {}

  /** Says the answer in the open step and, if the class wishes it, its meaning. */
  static void say(Script script, Division sum, Answer.Quotient answer) {
    Numeral left = answer.remainder();
    script.say(
        () ->
            Remark.of(left.isZero() ? RemarkKind.READ_QUOTIENT : RemarkKind.READ_REMAINDER)
                .with("problem", sum)
                .with("answer", answer.value())
                .with("text", RemainderText.of(left, sum.divisor(), script.style()))
                .with("remainder", left)
                .with("divisor", sum.divisor()));
    if (script.style().has(Choice.QuotientMeaning.GROUPS)) {
      script.step(Section.ANSWER);
      script.say(
          () ->
              Remark.of(RemarkKind.SAY_GROUPS)
                  .with("dividend", sum.dividend().unscaled())
                  .with("divisor", sum.divisor())
                  .with("answer", answer.value().unscaled())
                  .with("left", left.unscaled()));
    }
  }
}
