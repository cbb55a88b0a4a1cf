package bemble.ladder;

import static bemble.recipe.Trait.CARRIES;
import static bemble.recipe.Trait.CHAIN;
import static bemble.recipe.Trait.LARGEST_TOTAL;
import static bemble.recipe.Trait.NEW_COLUMN;
import static bemble.recipe.Trait.NINES_TURNED;
import static bemble.recipe.Trait.ONES_CARRY;
import static bemble.recipe.Trait.ZEROS_GIVEN;
import static bemble.recipe.Trait.ZEROS_IN_ANSWER;

import bemble.problem.Operation;
import bemble.recipe.Range;
import java.util.List;

/** The ladder of addition. */
final class AdditionRungs {
  private AdditionRungs() {}

  private static RungBuilder rung(String id) {
    return RungBuilder.rung(Operation.ADDITION, id, "column");
  }

  static final List<Rung> ALL =
      List.of(
          rung("two-figures").numbers(2, 2, 2).without(CARRIES, NEW_COLUMN, NINES_TURNED).needs(),
          rung("unequal")
              .number(3, 3)
              .number(2, 2)
              .without(CARRIES, NEW_COLUMN, NINES_TURNED)
              .needs("two-figures"),
          rung("ones-carry")
              .numbers(2, 2, 2)
              .adds(ONES_CARRY)
              .with(CARRIES, 1)
              .without(NEW_COLUMN, NINES_TURNED)
              .needs("two-figures"),
          rung("new-column")
              .numbers(2, 2, 2)
              .adds(NEW_COLUMN)
              .without(CARRIES, NINES_TURNED)
              .needs("two-figures"),
          rung("tens-carry")
              .numbers(2, 3, 3)
              .adds(CARRIES, Range.exactly(1))
              .adds(ONES_CARRY, Range.exactly(0))
              .without(NEW_COLUMN, NINES_TURNED, ZEROS_GIVEN)
              .needs("ones-carry"),
          rung("carry-into-blank")
              .number(3, 3)
              .number(2, 2)
              .adds(CARRIES, Range.exactly(1))
              .adds(ONES_CARRY, Range.exactly(0))
              .without(NEW_COLUMN, NINES_TURNED)
              .needs("unequal", "tens-carry"),
          rung("two-in-a-chain")
              .numbers(2, 3, 3)
              .adds(CHAIN, Range.exactly(2))
              .without(NEW_COLUMN, NINES_TURNED, ZEROS_GIVEN)
              .needs("tens-carry"),
          rung("whole-chain")
              .numbers(2, 4, 4)
              .adds(CHAIN, Range.exactly(3))
              .with(NEW_COLUMN, 1)
              .without(NINES_TURNED)
              .needs("two-in-a-chain", "new-column"),
          rung("nine-turned").numbers(2, 3, 3).adds(NINES_TURNED).needs("two-in-a-chain"),
          rung("zeros")
              .numbers(2, 3, 4)
              .adds(ZEROS_GIVEN)
              .adds(ZEROS_IN_ANSWER)
              .with(CARRIES, Range.atLeast(1))
              .needs("two-in-a-chain"),
          rung("three-addends")
              .numbers(3, 2, 3)
              .adds(LARGEST_TOTAL, new Range(10, 19))
              .needs("two-in-a-chain"),
          rung("four-addends")
              .numbers(4, 2, 3)
              .adds(LARGEST_TOTAL, new Range(10, 19))
              .needs("three-addends"),
          rung("totals-of-twenty")
              .numbers(4, 3, 3)
              .adds(LARGEST_TOTAL, Range.atLeast(20))
              .needs("four-addends"),
          rung("long-numbers")
              .numbers(2, 5, 7)
              .with(CARRIES, Range.atLeast(2))
              .needs("whole-chain", "zeros"),
          rung("decimals")
              .numbers(2, 3, 4)
              .decimals(2, 2)
              .with(CARRIES, Range.atLeast(1))
              .needs("two-in-a-chain"),
          rung("parts-on-a-line")
              .numbers(2, 2, 3)
              .with(CARRIES, Range.atLeast(1))
              .methods("left-to-right")
              .needs("tens-carry"));
}
