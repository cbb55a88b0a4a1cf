package bemble.method.multiplication;

import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.problem.Multiplication;
import bemble.problem.Operation;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.slip.FactSlips;
import bemble.slip.MultiplyingSlips;
import bemble.slip.OperationSlips;
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
                  MultiplyingSlips.NO_PLACEHOLDER,
                  MultiplyingSlips.PLACEHOLDER_TOO_MANY,
                  MultiplyingSlips.PLACEHOLDER_TOO_FEW,
                  MultiplyingSlips.ROW_LEFT_OUT,
                  MultiplyingSlips.ROW_OF_ONES_LEFT_OUT,
                  MultiplyingSlips.HIGHEST_ROW_ONLY,
                  MultiplyingSlips.MATCHING_PLACES_ONLY,
                  MultiplyingSlips.MATCHING_PLACES_IN_ONE_ROW,
                  MultiplyingSlips.PRODUCTS_WRITTEN_WHOLE,
                  MultiplyingSlips.PRODUCT_TENS_WRITTEN,
                  MultiplyingSlips.ZERO_TIMES_GIVES_THE_NUMBER,
                  MultiplyingSlips.MULTIPLIED_CARRY_NOT_ADDED,
                  MultiplyingSlips.CARRY_ADDED_FIRST,
                  MultiplyingSlips.CARRY_OF_ROW_BEFORE,
                  MultiplyingSlips.ROWS_ADDED_UNSHIFTED,
                  MultiplyingSlips.ROWS_ADDED_WRONGLY,
                  OperationSlips.ADDED_INSTEAD_OF_MULTIPLIED,
                  OperationSlips.ADDED_TO_THE_ONES,
                  OperationSlips.ADDED_AS_ONE_ROW,
                  MultiplyingSlips.NEIGHBOUR_IN_THE_TABLE,
                  FactSlips.FACT_ONE_OUT))
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
