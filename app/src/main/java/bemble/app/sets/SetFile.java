package bemble.app.sets;

import bemble.app.refusal.RefusedException;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.words.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set as a file. The schema stands in docs/set-file.schema.json.
 *
 * @param format always {@code bemble-set}
 * @param version the version of this form, from 1
 * @param title the title of the set
 * @param lines the lines that it was made of; none if its sums were typed
 * @param sums its sums, with a point for decimals and without thousands marks
 */
public record SetFile(
    String format,
    Integer version,
    @PlainName String title,
    @Nullable List<@Valid @NotNull SetLineView> lines,
    @Size(max = 200, message = "{valid.sums-of-set}") List<@Valid SumRequest> sums) {
  static final String FORMAT = "bemble-set";
  static final int VERSION = 1;

  /** Refuses a file that is no set of Bemble, or one of a later version. */
  void check() {
    boolean isSet = FORMAT.equals(format) && version != null && version >= 1 && title != null;
    if (!isSet || sums == null || sums.isEmpty() || sums.contains(null)) {
      throw RefusedException.of("no-set");
    }
    if (version > VERSION) {
      throw RefusedException.of("newer-set", "form", version, "newest", VERSION);
    }
  }
}
