package bemble.app.slate;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * Something done on a page.
 *
 * @param number its number in the attempt, from 0; it must be the next one
 * @param millis milliseconds since the attempt was begun
 * @param kind what was done
 * @param row the row of its square
 * @param column the column of its square
 * @param text what was written; empty where it is rubbed out or struck
 */
public record Stroke(
    @Min(value = 0, message = NUMBER) int number,
    @Min(value = 0, message = NUMBER) long millis,
    @NotNull(message = "Say what was done: FIGURE, SMALL, CELL, POINT, STRIKE, LINE or RUB.")
        Kind kind,
    @Min(value = 0, message = OUTSIDE) @Max(value = MOST, message = OUTSIDE) int row,
    @Min(value = 0, message = OUTSIDE) @Max(value = MOST, message = OUTSIDE) int column,
    @NotNull(message = TEXT)
        @Size(max = 30, message = TEXT)
        @Pattern(regexp = "[0-9.,+−×÷√=]*", message = TEXT)
        String text) {
  private static final String NUMBER = "A stroke has a number and a moment, from 0.";
  private static final String OUTSIDE = "That square is outside the page.";
  private static final String TEXT = "Only figures, signs and points are written on a page.";
  private static final int MOST = 400;

  /** What can be done on a page. */
  public enum Kind {
    /** One character of full size. */
    FIGURE,
    /** A small figure. */
    SMALL,
    /** A number in a square that is meant for one. */
    CELL,
    /** A decimal mark on the line to the right of the square. */
    POINT,
    /** A stroke through what stands in the square, or its removal. */
    STRIKE,
    /** A line under the square. */
    LINE,
    /** The square rubbed clean. */
    RUB
  }
}
