package bemble.app.slate;

import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.working.SumRef;
import bemble.app.working.WorkingView.ColumnName;
import bemble.judge.report.SettingOut;
import bemble.paper.Paper;
import bemble.problem.Operation;
import bemble.slate.Slate.Waypoint;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An attempt, ready to be worked on or looked at.
 *
 * @param sum what brings this sum back
 * @param paper the sheet with what was set out for the writer
 * @param path the squares in the order in which a practised hand would fill them
 * @param strokes all that was done, in order
 * @param report what the judge says, where it has spoken
 * @param truth the true page, once this one is handed in
 * @param seconds how long it took; as far as it has come where it is not handed in
 * @param check the attempt at its check, where one was begun
 * @param checkOf the attempt that this is the check of
 * @param mends the earlier attempt that this one mends
 * @param decision whether a check came back and what its writer said, once it is handed in
 * @param run the run that it belongs to, if any
 * @param silent whether the judge speaks of it only when its run has ended
 */
public record AttemptView(
    long id,
    String problem,
    SumRef sum,
    Operation operation,
    String methodName,
    String who,
    SettingOut settingOut,
    Telling telling,
    OffsetDateTime begunAt,
    @Nullable OffsetDateTime handedInAt,
    String explanation,
    Paper paper,
    List<Waypoint> path,
    List<ColumnName> columns,
    List<StrokeView> strokes,
    @Nullable ReportView report,
    @Nullable Paper truth,
    long seconds,
    @Nullable Long check,
    @Nullable Long checkOf,
    @Nullable Long mends,
    @Nullable DecisionView decision,
    @Nullable Long run,
    boolean silent) {
  /** An attempt in a list; {@code slip} names the first thing that went wrong. */
  public record AttemptEntry(
      long id,
      String problem,
      String methodName,
      String who,
      OffsetDateTime begunAt,
      boolean handedIn,
      long seconds,
      @Nullable String slip,
      long slips) {}
}
