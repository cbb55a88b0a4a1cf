package bemble.method.column;

import bemble.number.Whole;
import bemble.paper.Area;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The questions that a class puts before it acts, each in a step of its own that answers it with
 * yes or no. No step where the class puts them within the steps.
 */
public final class Questions {
  private Questions() {}

  /** Whether the class puts its questions in steps of their own. */
  public static boolean areSteps(Script script) {
    return script.isOnPaper() && script.style().has(Choice.Questions.OWN_STEPS);
  }

  /** Asks whether the figures of a place make a ten; true if the question was put. */
  public static boolean canTenBeMade(
      Script script, @Nullable Area focus, BigInteger total, int place) {
    if (!areSteps(script)) {
      return false;
    }
    int answer = Whole.tens(total).signum();
    script.step(Section.column(place), focus);
    script.say(
        () ->
            Remark.of(RemarkKind.CAN_TEN_BE_MADE)
                .with("total", new Quantity(total, place))
                .with("ten", new Quantity(BigInteger.TEN, place))
                .with("next", new Quantity(BigInteger.ONE, place + 1))
                .with("place", new Place(place))
                .with("answer", answer));
    return true;
  }

  /**
   * Asks whether all that is to be taken can be taken from the figure above it.
   *
   * @param top how much there is, in its place
   * @param taken how much is to be taken, in the same place
   * @param told the remark with its parts
   */
  public static void canBeTaken(
      Script script, @Nullable Area focus, Quantity top, Quantity taken, Supplier<Remark> told) {
    if (!areSteps(script)) {
      return;
    }
    int answer = top.count().compareTo(taken.count()) < 0 ? 0 : 1;
    script.step(Section.column(taken.place()), focus);
    script.say(() -> told.get().with("place", new Place(taken.place())).with("answer", answer));
  }

  /** Asks whether a place has anything to give. */
  public static void hasAnything(
      Script script, @Nullable Area focus, BigInteger has, int place, int column) {
    if (!areSteps(script)) {
      return;
    }
    script.step(Section.column(column), focus);
    script.say(
        () ->
            Remark.of(RemarkKind.CAN_PLACE_GIVE)
                .with("has", new Quantity(has, place))
                .with("place", new Place(place))
                .with("answer", has.signum()));
  }
}
