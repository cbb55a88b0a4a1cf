package bemble.check;

import bemble.number.Numeral;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import bemble.style.Choice;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A second working that must come back to a number of the first. It lies on the same page: its
 * paper's squares are counted from the page's corner.
 *
 * @param kind the way of checking
 * @param choice the setting by which it was chosen; null where there is only one way
 * @param working the second working, all its parts on one page
 * @param parts the sums that it is made of, each on a page of its own
 * @param expected the number that it must come back to
 * @param cameBack whether it did
 */
public record Check(
    Kind kind,
    @Nullable Choice choice,
    Working working,
    List<Working> parts,
    Numeral expected,
    boolean cameBack) {
  /** The result of its first working if the whole check comes back. */
  public Numeral comesTo() {
    // The second working adds the remainder of the page that is checked.
    return parts.size() == 1
        ? expected
        : Numeral.of(expected.unscaled().subtract(besides().unscaled()), expected.scale());
  }

  /** Whether the first of its workings, as somebody has done it, comes to the expected number. */
  public boolean isMetBy(Answer found) {
    return Comparing.isSame(found, comesTo());
  }

  /** The number that is added to the first working's answer: the remainder, with as many places. */
  private Numeral besides() {
    return parts.get(1).problem().numbers().get(1).padded(expected.scale());
  }

  /** Ways of checking. */
  public enum Kind {
    /** The addends from the last to the first. */
    ADD_UPWARD(Strength.FULL),
    /** The addends by another method. */
    ADD_ANOTHER_WAY(Strength.FULL),
    /** All addends but the first taken from the sum again. */
    TAKE_AWAY(Strength.HARDER),
    /** The difference added to the subtrahend. */
    ADD_BACK(Strength.FULL),
    /** Hops from the subtrahend up to the minuend. */
    COUNT_UP(Strength.FULL),
    /** The factors the other way round. */
    FACTORS_SWAPPED(Strength.FULL),
    /** The factors by another method. */
    MULTIPLY_ANOTHER_WAY(Strength.FULL),
    /** The product divided by the multiplier. */
    DIVIDE_BACK(Strength.HARDER),
    /** The sums of the figures multiplied. */
    DIGIT_SUMS(Strength.PROVES_LESS),
    /** The quotient times the divisor, and the remainder. */
    MULTIPLY_BACK(Strength.FULL),
    /** The root times itself, and the remainder, in whole numbers. */
    SQUARE_BACK(Strength.FULL),
    /** The root and the next number above, each times itself. */
    ENCLOSURE(Strength.PROVES_LESS);

    private final Strength strength;

    Kind(Strength strength) {
      this.strength = strength;
    }

    /** How the check compares with the working that it proves. */
    public Strength strength() {
      return strength;
    }
  }

  /** How a check compares with the working that it proves. */
  public enum Strength {
    /** It finds any single slip and asks for no harder skill. */
    FULL,
    /** It asks for a harder skill than the one it checks. */
    HARDER,
    /** It lets some wrong answers pass. */
    PROVES_LESS
  }
}
