package bemble.app.http;

import java.util.List;

/**
 * A part of a long list, the newest first.
 *
 * @param entries as many as are shown at once, or fewer at the end
 * @param total how many there are in all
 */
public record Part<T>(List<T> entries, long total) {
  /** How many entries a part has. */
  public static final int SIZE = 60;
}
