package bemble.ladder;

import static bemble.recipe.Trait.EXACT;
import static bemble.recipe.Trait.ROOT_FIGURES;
import static bemble.recipe.Trait.ZEROS_IN_ROOT;

import bemble.problem.Operation;
import bemble.recipe.Range;
import java.util.List;

/** The ladder of square roots. */
final class RootRungs {
  private RootRungs() {}

  private static RungBuilder rung(String id) {
    return RungBuilder.rung(Operation.ROOT, id, "digit-pairs");
  }

  static final List<Rung> ALL =
      List.of(
          rung("two-figures")
              .number(3, 4)
              .with(EXACT, 1)
              .with(ROOT_FIGURES, 2)
              .without(ZEROS_IN_ROOT)
              .needs(),
          rung("three-figures")
              .number(5, 6)
              .adds(ROOT_FIGURES, Range.exactly(3))
              .with(EXACT, 1)
              .without(ZEROS_IN_ROOT)
              .needs("two-figures"),
          rung("zero-inside")
              .number(5, 6)
              .adds(ZEROS_IN_ROOT)
              .with(EXACT, 1)
              .needs("three-figures"),
          rung("remainder")
              .number(3, 4)
              .adds(EXACT, Range.exactly(0))
              .without(ZEROS_IN_ROOT)
              .needs("two-figures"),
          rung("two-places")
              .number(1, 3)
              .with(EXACT, 0)
              .places(2)
              .needs("remainder", "zero-inside"),
          rung("long-radicand").number(6, 6).with(EXACT, 0).places(2).needs("two-places"),
          rung("fractions").number(3, 4).decimals(2).with(EXACT, 1).needs("two-figures"));
}
