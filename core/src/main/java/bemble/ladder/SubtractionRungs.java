package bemble.ladder;

import static bemble.recipe.Trait.ANSWER_FIGURES;
import static bemble.recipe.Trait.EXCHANGES;
import static bemble.recipe.Trait.ONES_EXCHANGE;
import static bemble.recipe.Trait.TAIL_ZEROS;
import static bemble.recipe.Trait.ZEROS_CROSSED;
import static bemble.recipe.Trait.ZEROS_IN_SUBTRAHEND;

import bemble.problem.Operation;
import bemble.recipe.Range;
import bemble.recipe.Size;
import java.util.List;

/** The ladder of subtraction. */
final class SubtractionRungs {
  private static final String NO_ZERO = Size.ALL.substring(1);

  private SubtractionRungs() {}

  private static RungBuilder rung(String id) {
    return RungBuilder.rung(Operation.SUBTRACTION, id, "exchange")
        .methods("exchange", "add-to-both");
  }

  static final List<Rung> ALL =
      List.of(
          rung("nothing-exchanged")
              .numbers(2, 2, 2)
              .with(ANSWER_FIGURES, 2)
              .without(EXCHANGES)
              .needs(),
          rung("one-from-two")
              .number(2, 2)
              .number(1, 1)
              .adds(EXCHANGES, Range.exactly(1))
              .without(TAIL_ZEROS)
              .needs("nothing-exchanged"),
          rung("two-from-two")
              .numbers(2, 2, 2)
              .adds(EXCHANGES, Range.exactly(1))
              .without(TAIL_ZEROS)
              .needs("one-from-two"),
          rung("from-a-whole-ten")
              .number(2, 2)
              .number(1, 2)
              .adds(TAIL_ZEROS, Range.exactly(1))
              .adds(EXCHANGES, Range.exactly(1))
              .needs("two-from-two"),
          rung("from-the-hundreds")
              .numbers(2, 3, 3)
              .adds(EXCHANGES, Range.exactly(1))
              .with(ANSWER_FIGURES, 3)
              .without(ZEROS_IN_SUBTRAHEND)
              .adds(ONES_EXCHANGE, Range.exactly(0))
              .needs("two-from-two"),
          rung("two-neighbours")
              .numbers(2, 3, 3)
              .adds(EXCHANGES, Range.exactly(2))
              .with(ANSWER_FIGURES, 3)
              .without(ZEROS_CROSSED, ZEROS_IN_SUBTRAHEND)
              .needs("from-the-hundreds"),
          rung("one-zero-crossed")
              .numbers(2, 3, 3)
              .adds(ZEROS_CROSSED, Range.exactly(1))
              .needs("two-neighbours", "from-a-whole-ten"),
          rung("zeros-crossed")
              .numbers(2, 4, 5)
              .adds(ZEROS_CROSSED, Range.atLeast(2))
              .needs("one-zero-crossed"),
          rung("from-one-and-zeros")
              .number(4, 4, "01")
              .number(2, 3)
              .adds(TAIL_ZEROS, Range.exactly(3))
              .adds(ZEROS_CROSSED, Range.exactly(2))
              .needs("zeros-crossed"),
          rung("unequal")
              .number(4, 4)
              .number(2, 3)
              .with(EXCHANGES, Range.atLeast(1))
              .without(ZEROS_CROSSED)
              .needs("two-neighbours"),
          rung("shorter-difference")
              .numbers(2, 3, 4)
              .adds(ANSWER_FIGURES, new Range(1, 2))
              .with(EXCHANGES, Range.atLeast(1))
              .without(ZEROS_CROSSED)
              .needs("two-neighbours"),
          rung("zeros-in-subtrahend")
              .number(3, 4, NO_ZERO)
              .number(3, 3)
              .adds(ZEROS_IN_SUBTRAHEND)
              .with(EXCHANGES, Range.atLeast(1))
              .needs("two-neighbours"),
          rung("long-numbers")
              .number(5, 6)
              .number(4, 6)
              .with(EXCHANGES, Range.atLeast(2))
              .needs("one-zero-crossed", "unequal"),
          rung("decimals-padded")
              .numbers(2, 3, 4)
              .decimals(1, 2)
              .with(TAIL_ZEROS, Range.atLeast(1))
              .with(EXCHANGES, Range.atLeast(1))
              .needs("from-a-whole-ten", "two-neighbours"));
}
