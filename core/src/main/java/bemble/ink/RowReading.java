package bemble.ink;

import java.util.List;

/**
 * A row of squares as it was read.
 *
 * @param granted the outcome
 * @param figures the likeliest content of each square, from the left: a figure, a space for a blank
 *     square, a question mark for a spoilt one
 * @param sure for each square whether its figure may be told by the ink alone
 * @param doubt the reason for asking a person, if there is one
 */
public record RowReading(Granted granted, String figures, List<Boolean> sure, Doubt doubt) {
  /** The results of reading a row. */
  public enum Granted {
    RIGHT,
    WRONG,
    BLANK,
    ASK
  }

  /** Keeps its own copy. */
  public RowReading {
    sure = List.copyOf(sure);
  }

  /** The number that stands there, as far as it can be read. */
  public String number() {
    return figures.strip();
  }
}
