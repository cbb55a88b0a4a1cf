package bemble.method.subtraction;

import bemble.fact.Fact;
import bemble.method.column.Questions;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.List;

/**
 * The number to be taken in a column: the figure below, one more, or both.
 *
 * @param below the figure below, or else the one more
 * @param bottom their total
 * @param more 0 for a figure alone, 1 for a figure and one more, 2 for one more alone, 3 for a
 *     figure and one more that are taken one after the other
 */
record OneMore(BigInteger below, BigInteger bottom, int more) {
  /** Both, taken one after the other. */
  static final int THEN = 3;

  static OneMore of(Style style, List<Entry> taken) {
    boolean more = taken.get(taken.size() - 1).slot().role() == Role.ONE_MORE;
    BigInteger below = taken.get(0).value();
    boolean alone = taken.size() == 1 || below.signum() == 0;
    int both = style.has(Choice.CarryTurn.LAST) ? THEN : 1;
    int kind = more && alone ? 2 : more ? both : 0;
    return new OneMore(below, Rule.TOTAL.applyTo(taken), kind);
  }

  /** Notes that one more is added to a figure below, where that is done. */
  void use(Script script) {
    if (more == 1) {
      script.use(() -> Fact.add(List.of(below, bottom.subtract(below))));
    }
  }

  /** Asks whether it can be taken from the figure above, in a step of its own. */
  void ask(Script script, Area focus, BigInteger top, int place) {
    Quantity has = new Quantity(top, place);
    Questions.canBeTaken(
        script,
        focus,
        has,
        new Quantity(bottom, place),
        () -> told(Remark.of(RemarkKind.CAN_BE_TAKEN), place).with("top", has));
  }

  Remark told(Remark remark, int place) {
    return remark
        .with("more", more)
        .with("below", new Quantity(below, place))
        .with("bottom", new Quantity(bottom, place));
  }
}
