package bemble.app.slate;

import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.working.SumRef;
import bemble.app.working.WorkingView.ColumnName;
import bemble.judge.report.SettingOut;
import bemble.paper.Paper;
import bemble.problem.Operation;
import bemble.slate.Slate.Waypoint;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An attempt, ready to be worked on or looked at. Its parts lie flat in JSON.
 *
 * @param id the number of the attempt
 * @param page the sheet and its strokes
 * @param judged the result so far
 * @param links the things that it belongs to
 */
public record AttemptView(
    long id,
    @JsonUnwrapped Begun begun,
    @JsonUnwrapped PagePart page,
    @JsonUnwrapped Judged judged,
    @JsonUnwrapped Links links) {
  /**
   * The beginning of an attempt: its sum, its time, its writer and its terms.
   *
   * @param fromPaper whether its page was read off paper
   */
  public record Begun(
      @JsonUnwrapped NamedSum named,
      String who,
      SettingOut settingOut,
      Telling telling,
      OffsetDateTime begunAt,
      boolean fromPaper) {}

  /** A sum in the class's notation, with the name of its method; {@code sum} brings it back. */
  public record NamedSum(String problem, SumRef sum, Operation operation, String methodName) {}

  /**
   * The visible parts of an attempt.
   *
   * @param paper the sheet with the sum set out for the writer
   * @param path the squares in the order in which a practised hand would fill them
   * @param answerRow the row of the answer, where the sheet shows it
   * @param strokes all strokes, in order
   * @param truth the true page, once this one is handed in
   */
  public record PagePart(
      Paper paper,
      List<Waypoint> path,
      List<ColumnName> columns,
      @Nullable Integer answerRow,
      List<StrokeView> strokes,
      @Nullable Paper truth) {}

  /**
   * The result of an attempt.
   *
   * @param seconds how long it took; as far as it has come where it is not handed in
   * @param report the judge's report, if it was given
   * @param decision whether a check came back and its writer's decision, once it is handed in
   * @param silent whether the judge speaks of it only when its run has ended
   */
  public record Judged(
      @Nullable OffsetDateTime handedInAt,
      String explanation,
      long seconds,
      @Nullable ReportView report,
      @Nullable DecisionView decision,
      boolean silent) {}

  /**
   * The things that the attempt belongs to.
   *
   * @param check the attempt at its check, where one was begun
   * @param checkOf the attempt that this is the check of
   * @param mends the earlier attempt that this one mends
   * @param run the run that it belongs to, if any
   */
  public record Links(
      @Nullable Long check, @Nullable Long checkOf, @Nullable Long mends, @Nullable Long run) {}

  /** An attempt in a list. The parts of its outcome lie flat in JSON. */
  public record AttemptEntry(
      long id,
      String problem,
      String methodName,
      String who,
      OffsetDateTime begunAt,
      @JsonUnwrapped AttemptOutcome outcome) {}

  /** The result of an attempt; {@code slip} names the first thing that went wrong. */
  public record AttemptOutcome(boolean handedIn, long seconds, @Nullable String slip, long slips) {}
}
