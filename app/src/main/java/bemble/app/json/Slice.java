package bemble.app.json;

import java.util.List;

/**
 * A slice of a long list, the newest first.
 *
 * @param entries as many as are shown at once, or fewer at the end
 * @param total how many there are in all
 */
public record Slice<T>(List<T> entries, long total) {
  /** how many entries a slice has. */
  public static final int SIZE = 60;
}
