package bemble.app.runs;

import bemble.app.sets.SetJson.SumRequest;
import bemble.app.words.PlainName;
import bemble.judge.report.SettingOut;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of runs. */
public final class RunJson {
  private RunJson() {}

  /** When the judge speaks in a run. */
  public enum RunTelling {
    AS_I_GO,
    AFTER_EACH,
    AT_END
  }

  /**
   * A run to be begun, of some sums or of a rung without an end.
   *
   * @param who who works it; may be left out
   * @param set the kept set that the sums are from, if any, with its version
   * @param drawn the rung that sums are drawn from without an end
   * @param terms the usual ones if left out
   */
  public record RunRequest(
      @NotBlank(message = "{valid.title}") @PlainName String title,
      @PlainName @Nullable String who,
      @Nullable Long set,
      @Nullable String version,
      @Size(max = 200, message = "{valid.sums-of-set}")
          @Nullable List<@Valid @NotNull SumRequest> sums,
      @Nullable @Valid DrawnSums drawn,
      @NotNull(message = "{valid.pass-mark}") @Valid RunGoal goal,
      @Nullable RunTerms terms) {}

  /** Sums of a rung, worked by a method of theirs; by the usual one if it is left out. */
  public record DrawnSums(
      @NotBlank(message = "{valid.rung}") String rung, @Nullable String method) {}

  /** When a run is passed: with so many sums right, in a row or in all. */
  public record RunGoal(
      @Min(value = 1, message = "{valid.pass-mark}")
          @Max(value = 200, message = "{valid.pass-mark}")
          int right,
      boolean inARow) {}

  /**
   * How a run is worked.
   *
   * @param settingOut who sets the sums out; they are given if left out
   * @param telling when the judge speaks; after each sum if left out
   * @param withCheck whether each sum is checked on a page of its own
   */
  public record RunTerms(
      @Nullable SettingOut settingOut, @Nullable RunTelling telling, boolean withCheck) {
    static final RunTerms USUAL = new RunTerms(null, null, false);
  }

  /**
   * A run. Its parts lie flat in JSON.
   *
   * @param id the number of the run
   * @param results the results of the sums so far
   * @param offer help where a slip is made time and again
   */
  public record RunView(
      long id,
      @JsonUnwrapped Asked asked,
      @JsonUnwrapped Times times,
      @JsonUnwrapped Score score,
      @JsonUnwrapped Current page,
      List<RunResult> results,
      @Nullable RunOffer offer) {}

  /**
   * The terms on which a run was begun.
   *
   * @param endless whether it goes on until it is passed
   * @param sums how many sums its first round has; 0 for one without an end
   * @param setDeleted whether the set that its sums are from is deleted
   */
  public record Asked(
      String title,
      String who,
      RunTelling telling,
      boolean withCheck,
      boolean endless,
      int sums,
      boolean setDeleted) {}

  /**
   * How long it takes.
   *
   * @param seconds how long its sums took in all
   * @param secondsEach how long each took; missing before the first is worked
   */
  public record Times(
      OffsetDateTime begunAt,
      @Nullable OffsetDateTime endedAt,
      boolean paused,
      long seconds,
      @Nullable Long secondsEach) {}

  /**
   * How far it has come.
   *
   * @param right how many sums are right; missing while the judge may not speak
   * @param streak how many right one after the other; missing while the judge may not speak
   * @param worked how many sums of the first round are worked
   * @param passed whether it is passed, once it has ended
   */
  public record Score(
      int passMark,
      boolean inARow,
      @Nullable Integer right,
      @Nullable Integer streak,
      int worked,
      @Nullable Boolean passed) {}

  /**
   * The page that is worked on.
   *
   * @param current the number of the run, if one is begun
   * @param currentAgain whether its sum comes for the second time
   * @param currentPausedMillis how long its writer was away from it
   */
  public record Current(@Nullable Long current, boolean currentAgain, long currentPausedMillis) {}

  /**
   * The result of a sum of a run. Its parts lie flat in JSON.
   *
   * @param again whether it came for the second time
   */
  public record RunResult(
      long attempt,
      @JsonUnwrapped RunSum sum,
      boolean again,
      int seconds,
      @JsonUnwrapped RunOutcome outcome) {}

  /** A sum of a run; {@code problem} as the class writes it. */
  public record RunSum(String plain, String method, String rung, String problem) {}

  /**
   * The judge's verdict on a sum; all parts are missing while it may not be told.
   *
   * @param answer the right one
   * @param slip the name of the first slip, where one is known
   */
  public record RunOutcome(
      @Nullable String answer, @Nullable Boolean right, @Nullable String slip) {
    static final RunOutcome UNTOLD = new RunOutcome(null, null, null);
  }

  /**
   * Help where a slip is made time and again: a worked example, and the rung before.
   *
   * @param example a sum of the same rung, in plain figures
   * @param back the rung to go back to; missing where there is none
   */
  public record RunOffer(
      String slip,
      String example,
      String method,
      @Nullable String back,
      @Nullable String backName) {}

  /** A run in a list. Its score lies flat in JSON. */
  public record RunEntry(
      long id,
      String title,
      String who,
      OffsetDateTime begunAt,
      @JsonUnwrapped Score score,
      int sums,
      boolean ended) {}
}
