package bemble.method.column;

import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.procedure.Entry;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * Sets numbers out figure by figure if the class does so: each figure is a step, a beat, that names
 * its place and the figure above it. Otherwise it opens no step.
 */
public final class Beats {
  private Beats() {}

  private static boolean areOn(Script script) {
    return script.isOnPaper() && script.style().has(Choice.LayingDown.FIGURE_BY_FIGURE);
  }

  /**
   * Opens the beat of a figure.
   *
   * @param under the row above; null where the number is the first
   * @param fills whether it is a zero that only fills a place
   */
  public static void figure(
      Script script, Slot slot, int figure, @Nullable WrittenRow under, boolean fills) {
    if (!areOn(script)) {
      return;
    }
    open(script, slot.square());
    int place = slot.place();
    Entry above = under == null ? null : under.at(place).orElse(null);
    boolean mark =
        script.style().hasThousandsOnPaper() && script.style().marks().standBehind(place);
    script.say(
        () ->
            Remark.of(fills ? RemarkKind.LAY_ZERO : RemarkKind.LAY_FIGURE)
                .with("figure", new Quantity(BigInteger.valueOf(figure), place))
                .with("place", new Place(place))
                .with("under", under == null ? 0 : above == null ? 1 : 2)
                .with("above", new Quantity(above == null ? BigInteger.ZERO : above.value(), place))
                .with("mark", mark ? 1 : 0));
  }

  /**
   * Opens the beat of a place that stands or is drawn by itself, with nothing above it.
   *
   * @param worth the text that is written for it; null if it is drawn
   */
  public static void alone(Script script, Square at, Quantity figure, @Nullable Numeral worth) {
    if (!areOn(script)) {
      return;
    }
    open(script, at);
    script.say(
        () ->
            Remark.of(worth == null ? RemarkKind.LAY_THINGS : RemarkKind.LAY_PART)
                .with("figure", figure)
                .with("place", new Place(figure.place()))
                .with("any", figure.count().signum())
                .with("worth", worth == null ? Numeral.ZERO : worth));
  }

  /** The beat of a square that stays empty. */
  static void blank(Script script, Square at, int place, Operation operation) {
    if (areOn(script)) {
      open(script, at);
      int taken = operation == Operation.SUBTRACTION ? 1 : 0;
      script.say(
          () ->
              Remark.of(RemarkKind.LAY_NOTHING)
                  .with("place", new Place(place))
                  .with("taken", taken));
    }
  }

  private static void open(Script script, Square at) {
    script.stepOn(new Area(at, at));
  }
}
