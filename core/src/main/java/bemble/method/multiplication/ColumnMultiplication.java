package bemble.method.multiplication;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.style.Setting;
import java.util.List;

/**
 * A row for each figure of the multiplier, ones first, with a placeholder zero for each place the
 * figure stands for; small carries, struck before the next row; the rows added with carries of
 * their own. A zero in the multiplier gives no row, its place being kept by the next row's zeros,
 * or a row of zeros, as the class has it.
 */
public final class ColumnMultiplication implements Method<Multiplication> {
  private static final MethodHead HEAD =
      MethodHead.of(Operation.MULTIPLICATION, "column")
          .slips(
              List.of(
                  Slip.NO_PLACEHOLDER,
                  Slip.PLACEHOLDER_TOO_MANY,
                  Slip.PLACEHOLDER_TOO_FEW,
                  Slip.ROW_LEFT_OUT,
                  Slip.ROW_OF_ONES_LEFT_OUT,
                  Slip.HIGHEST_ROW_ONLY,
                  Slip.MATCHING_PLACES_ONLY,
                  Slip.MATCHING_PLACES_IN_ONE_ROW,
                  Slip.PRODUCTS_WRITTEN_WHOLE,
                  Slip.PRODUCT_TENS_WRITTEN,
                  Slip.ZERO_TIMES_GIVES_THE_NUMBER,
                  Slip.MULTIPLIED_CARRY_NOT_ADDED,
                  Slip.CARRY_ADDED_FIRST,
                  Slip.CARRY_OF_ROW_BEFORE,
                  Slip.ROWS_ADDED_UNSHIFTED,
                  Slip.ROWS_ADDED_WRONGLY,
                  Slip.ADDED_INSTEAD_OF_MULTIPLIED,
                  Slip.ADDED_TO_THE_ONES,
                  Slip.ADDED_AS_ONE_ROW,
                  Slip.NEIGHBOUR_IN_THE_TABLE,
                  Slip.FACT_ONE_OUT))
          .schools(List.of(Setting.PLACEHOLDER, Setting.ZERO_DIGIT))
          .partner("crosswise")
          .sampleLines(List.of("34 × 203"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Multiplication sum, Script script) {
    return new ColumnPage(sum, script).work(id());
  }
}
