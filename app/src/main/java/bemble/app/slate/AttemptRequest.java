package bemble.app.slate;

import bemble.app.words.PlainName;
import bemble.app.working.SumRef;
import bemble.judge.report.SettingOut;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * An attempt to be begun.
 *
 * @param sum the sum and how to work it
 * @param who who works it; may be left out
 * @param settingOut who sets the sum out; it is given if left out
 * @param telling when the judge speaks; as one goes if left out
 * @param handout the handout that the page is typed in for, if any
 * @param number the place of its sum there, from 0
 */
public record AttemptRequest(
    @NotNull(message = "{valid.sum}") SumRef sum,
    @PlainName @Nullable String who,
    @Nullable SettingOut settingOut,
    @Nullable Telling telling,
    @Nullable Long handout,
    @Nullable Integer number) {
  /** When the judge speaks. */
  public enum Telling {
    AS_I_GO,
    AT_END
  }
}
