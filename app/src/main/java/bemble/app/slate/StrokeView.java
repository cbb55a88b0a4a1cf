package bemble.app.slate;

import bemble.paper.Square;
import bemble.slate.Stroke;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * A stroke with its number and its moment.
 *
 * @param number its number in the attempt, from 0; it must be the next one
 * @param millis milliseconds since the attempt was begun
 * @param kind the kind of action
 * @param row the row of its square
 * @param column the column of its square
 * @param text the written text; empty for rubbing out and striking
 */
public record StrokeView(
    @Min(value = 0, message = NUMBER) int number,
    @Min(value = 0, message = NUMBER) long millis,
    @NotNull(message = "{valid.stroke-kind}") Stroke.Kind kind,
    @Min(value = 0, message = OUTSIDE) @Max(value = MOST, message = OUTSIDE) int row,
    @Min(value = FIRST_COLUMN, message = OUTSIDE) @Max(value = MOST, message = OUTSIDE) int column,
    @NotNull(message = TEXT)
        @Size(max = 30, message = TEXT)
        @Pattern(regexp = "[0-9.,+−×÷√=]*", message = TEXT)
        String text) {
  private static final String NUMBER = "{valid.stroke-number}";
  private static final String OUTSIDE = "{valid.stroke-square}";
  private static final String TEXT = "{valid.stroke-text}";
  private static final int MOST = 400;

  /** The leftmost column: a writer who needs more room than the sheet has goes on to its left. */
  private static final int FIRST_COLUMN = -20;

  static StrokeView of(int number, long millis, Stroke stroke) {
    Square at = stroke.at();
    return new StrokeView(number, millis, stroke.kind(), at.row(), at.column(), stroke.text());
  }

  Stroke stroke() {
    return new Stroke(kind, new Square(row, column), text);
  }
}
