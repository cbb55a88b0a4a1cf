package bemble.ladder;

import static bemble.recipe.Trait.ANSWER_FIGURES;
import static bemble.recipe.Trait.CARRIES_ONTO_ZERO;
import static bemble.recipe.Trait.ROW_CARRIES;
import static bemble.recipe.Trait.ZEROS_IN_MULTIPLICAND;
import static bemble.recipe.Trait.ZEROS_IN_MULTIPLIER;

import bemble.problem.Operation;
import bemble.recipe.Range;
import bemble.recipe.Size;
import java.util.List;

/** The ladder of multiplication. */
final class MultiplicationRungs {
  /** A multiplier of 0 or 1 shows nothing. */
  private static final String FROM_TWO = "23456789";

  private static final String NO_ZERO = Size.ALL.substring(1);

  private MultiplicationRungs() {}

  private static RungBuilder rung(String id) {
    return RungBuilder.rung(Operation.MULTIPLICATION, id, "column");
  }

  static final List<Rung> ALL =
      List.of(
          rung("nothing-carried")
              .number(3, 3)
              .number(1, 1, FROM_TWO)
              .with(ANSWER_FIGURES, 3)
              .without(ROW_CARRIES, ZEROS_IN_MULTIPLICAND)
              .needs(),
          rung("last-written-whole")
              .number(2, 2)
              .number(1, 1, FROM_TWO)
              .adds(ANSWER_FIGURES, Range.exactly(3))
              .without(ROW_CARRIES, ZEROS_IN_MULTIPLICAND)
              .needs("nothing-carried"),
          rung("one-carry")
              .number(2, 3)
              .number(1, 1, FROM_TWO)
              .adds(ROW_CARRIES, Range.exactly(1))
              .without(ZEROS_IN_MULTIPLICAND)
              .needs("last-written-whole"),
          rung("every-figure-carries")
              .number(3, 3)
              .number(1, 1, FROM_TWO)
              .adds(ROW_CARRIES, Range.exactly(2))
              .without(ZEROS_IN_MULTIPLICAND)
              .needs("one-carry"),
          rung("carry-onto-zero")
              .number(3, 4)
              .number(1, 1, FROM_TWO)
              .adds(CARRIES_ONTO_ZERO)
              .needs("one-carry"),
          rung("whole-tens")
              .number(2, 2, NO_ZERO)
              .number(2, 2)
              .adds(ZEROS_IN_MULTIPLIER, Range.exactly(1))
              .needs("one-carry"),
          rung("two-by-two")
              .number(2, 2, NO_ZERO)
              .number(2, 2, FROM_TWO)
              .needs("whole-tens", "every-figure-carries"),
          rung("three-by-two").number(3, 3).number(2, 2, FROM_TWO).needs("two-by-two"),
          rung("zero-in-multiplier")
              .number(3, 3)
              .number(3, 3)
              .adds(ZEROS_IN_MULTIPLIER, Range.exactly(1))
              .needs("three-by-two"),
          rung("three-by-three").number(3, 3).number(3, 3, FROM_TWO).needs("three-by-two"),
          rung("four-and-more").number(4, 6).number(2, 3, FROM_TWO).needs("three-by-three"),
          rung("area-two-by-two")
              .number(2, 2, NO_ZERO)
              .number(2, 2, NO_ZERO)
              .methods("area")
              .needs("nothing-carried"),
          rung("area-three-by-two")
              .number(3, 3)
              .number(2, 2, NO_ZERO)
              .methods("area")
              .needs("area-two-by-two"),
          rung("crosswise-two-by-two")
              .number(2, 2, NO_ZERO)
              .number(2, 2, NO_ZERO)
              .methods("crosswise")
              .needs("two-by-two"),
          rung("crosswise-three-by-three")
              .number(3, 3, NO_ZERO)
              .number(3, 3, NO_ZERO)
              .methods("crosswise")
              .needs("crosswise-two-by-two"),
          rung("crosswise-four-by-four")
              .number(4, 4, NO_ZERO)
              .number(4, 4, NO_ZERO)
              .methods("crosswise")
              .needs("crosswise-three-by-three"));
}
