package bemble.app.export;

import bemble.app.refusal.RefusedException;
import bemble.style.Style;
import org.jspecify.annotations.Nullable;

/**
 * A page as a file: the sum and how to work it, from which the page is worked anew. The schema
 * stands in docs/page-file.schema.json.
 *
 * @param format always {@code bemble-page}
 * @param version the version of this form, from 1
 * @param problem the sum, with a point for decimals and without thousands marks
 * @param method the method's id
 * @param style the conventions of the page; the standard ones if left out
 * @param title the title of the page; may be left out
 * @param note the note on the page; may be left out
 */
public record PageFile(
    String format,
    Integer version,
    String problem,
    String method,
    @Nullable Style style,
    @Nullable String title,
    @Nullable String note) {
  static final String FORMAT = "bemble-page";
  static final int VERSION = 1;

  /** Refuses a file that is no page of Bemble, or one of a later version. */
  void check() {
    if (!FORMAT.equals(format) || version == null || version < 1 || problem == null) {
      throw RefusedException.of("no-page");
    }
    if (version > VERSION) {
      throw RefusedException.of("newer-page", "form", version, "newest", VERSION);
    }
  }
}
