package bemble.ladder;

import static bemble.recipe.Trait.FIRST_TOO_SMALL;
import static bemble.recipe.Trait.JOINS;
import static bemble.recipe.Trait.REMAINDER;
import static bemble.recipe.Trait.ROUND_DIVISOR;
import static bemble.recipe.Trait.TRIALS_LOWERED;
import static bemble.recipe.Trait.ZEROS_IN_QUOTIENT;
import static bemble.recipe.Trait.ZERO_AT_END;

import bemble.problem.Operation;
import bemble.recipe.Range;
import java.util.List;

/** The ladder of division. */
final class DivisionRungs {
  /** A divisor of 0 or 1 shows nothing. */
  private static final String FROM_TWO = "23456789";

  private DivisionRungs() {}

  private static RungBuilder rung(String id) {
    return RungBuilder.rung(Operation.DIVISION, id, "long").methods("long", "short");
  }

  static final List<Rung> ALL =
      List.of(
          rung("every-figure-goes")
              .number(2, 3)
              .number(1, 1, FROM_TWO)
              .without(JOINS, REMAINDER, FIRST_TOO_SMALL, ZEROS_IN_QUOTIENT)
              .needs(),
          rung("left-and-joined")
              .number(2, 3)
              .number(1, 1, FROM_TWO)
              .adds(JOINS)
              .without(REMAINDER, FIRST_TOO_SMALL, ZEROS_IN_QUOTIENT)
              .needs("every-figure-goes"),
          rung("remainder")
              .number(2, 3)
              .number(1, 1, FROM_TWO)
              .adds(REMAINDER)
              .without(FIRST_TOO_SMALL, ZEROS_IN_QUOTIENT)
              .needs("left-and-joined"),
          rung("first-too-small")
              .number(3, 3)
              .number(1, 1, FROM_TWO)
              .adds(FIRST_TOO_SMALL)
              .without(ZEROS_IN_QUOTIENT)
              .needs("left-and-joined"),
          rung("zero-inside")
              .number(3, 3)
              .number(1, 1, FROM_TWO)
              .adds(ZEROS_IN_QUOTIENT, Range.exactly(1))
              .without(ZERO_AT_END)
              .needs("remainder"),
          rung("zero-at-end")
              .number(3, 3)
              .number(1, 1, FROM_TWO)
              .adds(ZERO_AT_END)
              .with(ZEROS_IN_QUOTIENT, 1)
              .needs("zero-inside"),
          rung("four-figures")
              .number(4, 4)
              .number(1, 1, FROM_TWO)
              .with(JOINS, Range.atLeast(1))
              .needs("first-too-small", "zero-inside"),
          rung("round-divisor")
              .methods("long")
              .with(ZEROS_IN_QUOTIENT, new Range(0, 1))
              .number(3, 4)
              .number(2, 2)
              .adds(ROUND_DIVISOR)
              .needs("first-too-small", "remainder"),
          rung("two-figure-divisor")
              .methods("long")
              .with(ZEROS_IN_QUOTIENT, new Range(0, 1))
              .number(3, 4)
              .number(2, 2)
              .with(ROUND_DIVISOR, 0)
              .with(TRIALS_LOWERED, 0)
              .needs("round-divisor"),
          rung("trial-lowered")
              .methods("long")
              .number(3, 5)
              .number(2, 2)
              .adds(TRIALS_LOWERED)
              .with(ROUND_DIVISOR, 0)
              .needs("two-figure-divisor"),
          rung("several-zeros")
              .methods("long")
              .number(4, 6)
              .number(1, 2, FROM_TWO)
              .adds(ZEROS_IN_QUOTIENT, Range.atLeast(2))
              .needs("zero-at-end", "two-figure-divisor"));
}
