package bemble.app.slate;

import bemble.judge.Judge.SettingOut;
import bemble.style.Style;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * An attempt to be begun.
 *
 * @param problem the sum
 * @param method the method; the usual one if left out
 * @param style the conventions; those of the current class if left out
 * @param who who works it; may be left out
 * @param settingOut who sets the sum out; it is given if left out
 * @param telling when the judge speaks; as one goes if left out
 */
public record AttemptRequest(
    String problem,
    @Nullable String method,
    @Nullable Style style,
    @Size(max = 60, message = "A name has at most 60 letters.") @Nullable String who,
    @Nullable SettingOut settingOut,
    @Nullable Telling telling) {
  /** When the judge speaks. */
  public enum Telling {
    AS_I_GO,
    AT_END
  }
}
