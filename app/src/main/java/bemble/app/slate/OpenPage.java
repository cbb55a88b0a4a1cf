package bemble.app.slate;

import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.slate.AttemptView.Begun;
import bemble.app.slate.AttemptView.Judged;
import bemble.app.slate.AttemptView.Links;
import bemble.app.slate.AttemptView.NamedSum;
import bemble.app.slate.AttemptView.PagePart;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.check.Check;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Answer;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The page of an attempt with all strokes so far. A stroke comes every second: the page stays open
 * between them, so that it is not read again for each. One thread at a time.
 */
final class OpenPage {
  private final Slate slate;
  private final PageOfStrokes written = new PageOfStrokes();
  private final List<StrokeView> strokes = new ArrayList<>();
  private final Turns turns;
  private AttemptRow row;

  /** The page as it was asked for last: a screen, a list and its writer may ask for the same. */
  private @Nullable Moment last;

  /** The page at a moment: it may be judged while more is written. */
  final class Moment {
    private final List<StrokeView> done = List.copyOf(strokes);
    private final List<Written> page = written.written();
    private final Set<Square> unread = written.unread();
    private final Stage stage;
    private @Nullable Report report;

    private Moment(Stage stage) {
      this.stage = stage;
    }

    /** The report on it, made once, whoever asks first. */
    synchronized Report judge() {
      if (report == null) {
        report = turns.take(() -> slate.judge(page, unread, stage));
      }
      return report;
    }
  }

  /** The page as it is now. */
  Moment now() {
    return now(stage());
  }

  private Moment now(Stage stage) {
    if (last == null || last.stage != stage || last.done.size() != strokes.size()) {
      last = new Moment(stage);
    }
    return last;
  }

  OpenPage(AttemptRow row, Sum sum, List<StrokeView> strokes, Turns turns) {
    this.row = row;
    this.turns = turns;
    this.slate = new Slate(sum, SettingOut.valueOf(row.settingOut()));
    add(strokes);
  }

  void add(List<StrokeView> more) {
    strokes.addAll(more);
    more.forEach(stroke -> written.add(stroke.stroke()));
  }

  /** The attempt as it is kept now, once it has ended. */
  void end(AttemptRow ended) {
    row = ended;
  }

  /** The number of its marks, by which the cache weighs an open page. */
  int marks() {
    return slate.truth().paper().marks().size() + strokes.size();
  }

  Slate slate() {
    return slate;
  }

  WorkingWords words() {
    return WorkingWords.of(slate.sum().style());
  }

  /** Whether a stroke is kept already. */
  boolean has(StrokeView stroke) {
    return stroke.number() < strokes.size() && strokes.get(stroke.number()).equals(stroke);
  }

  /** How many strokes there are: the number of the next one. */
  int next() {
    return strokes.size();
  }

  boolean isEnded() {
    return row.handedInAt() != null;
  }

  PageWriter writer() {
    return new PageWriter(row.who(), row.pupilId());
  }

  SettingOut settingOut() {
    return SettingOut.valueOf(row.settingOut());
  }

  /** The attempt that this page checks; null where it checks none. */
  @Nullable Long checkOf() {
    return row.checkOf();
  }

  /**
   * Whether all figures of the answer are written. A check may use only an answer that the writer
   * of the page has.
   */
  boolean hasAnswer() {
    Report report = judge();
    return report.page().steps().stream()
        .flatMap(step -> step.entries().stream())
        .filter(entry -> entry.slot().role().kind() == Role.Kind.ANSWER)
        .noneMatch(entry -> report.missing().contains(entry.slot().square()));
  }

  /** The run that it belongs to; null where it stands alone. */
  @Nullable Long run() {
    return row.runId();
  }

  /** Whether the judge must not tell anything yet. */
  boolean isSilent() {
    return row.silent();
  }

  Telling telling() {
    return Telling.valueOf(row.telling());
  }

  /** The report on the page as it is now. */
  Report judge() {
    return judge(stage());
  }

  Report judge(Stage stage) {
    return now(stage).judge();
  }

  /** The page at a glance, as it was at a moment. */
  PageGlance glance(long id, Moment then) {
    Report report = then.judge();
    List<Finding> slips =
        report.findings().stream().filter(each -> each.kind() != Finding.Kind.MISSING).toList();
    return new PageGlance(
        id,
        words().problem(slate.sum().problem()),
        slate.sheet(),
        then.done,
        isEnded(),
        report.allRight(),
        slips.isEmpty() ? List.of() : slips.get(0).squares(),
        slips.isEmpty() ? null : new ReportWords(words().wording()).name(slips.get(0)));
  }

  /** A page with unread squares is judged like one in work, in which nothing is missing yet. */
  private Stage stage() {
    return isEnded() && written.unread().isEmpty() ? Stage.HANDED_IN : Stage.IN_WORK;
  }

  /** The judgement in words, once it may be told; otherwise null. */
  @Nullable ReportView report() {
    return isTold() ? told(judge()) : null;
  }

  /** The same as it was at a moment. */
  @Nullable ReportView report(Moment then) {
    return isTold() ? told(then.judge()) : null;
  }

  private boolean isTold() {
    return !row.silent() && (isEnded() || telling() == Telling.AS_I_GO);
  }

  private ReportView told(Report report) {
    boolean own = row.settingOut().equals(SettingOut.OWN.name());
    boolean ruled = strokes.stream().anyMatch(stroke -> stroke.kind() == Stroke.Kind.LINE);
    List<String> hints =
        isEnded() && own && !ruled && !slate.isFramed() ? List.of("hint.no-rule") : List.of();
    return new ReportWords(words().wording()).view(report, stage(), hints);
  }

  /**
   * All of it, to be worked on or looked at.
   *
   * @param check the attempt at its check, if any
   * @param proving the check, if it is one; otherwise null
   */
  AttemptView view(@Nullable Long check, @Nullable Check proving) {
    Sum sum = slate.sum();
    WorkingWords words = words();
    return new AttemptView(
        row.id(),
        new Begun(
            new NamedSum(
                words.problem(sum.problem()),
                Sums.ref(sum),
                sum.problem().operation(),
                words.name(sum.method())),
            row.who(),
            SettingOut.valueOf(row.settingOut()),
            telling(),
            row.begunAt(),
            row.fromPaper()),
        new PagePart(
            slate.sheet(),
            slate.path(),
            words.columns(slate.truth().paper()),
            slate.answerRow().orElse(null),
            List.copyOf(strokes),
            isEnded() && !row.silent() ? slate.truth().paper() : null),
        new Judged(
            row.handedInAt(),
            row.explanation(),
            seconds(),
            report(),
            row.silent() ? null : decision(proving),
            row.silent()),
        new Links(check, row.checkOf(), row.mends(), row.runId()));
  }

  /** The decision about a check that is handed in; null where there was nothing to decide. */
  private @Nullable DecisionView decision(@Nullable Check proving) {
    if (proving == null || row.cameBack() == null || !isEnded()) {
      return null;
    }
    Answer found = judge().page().answer();
    boolean came = proving.isMetBy(found);
    String key = came ? "decision.came-back" : "decision.missed";
    return new DecisionView(
        came,
        row.cameBack(),
        words()
            .wording()
            .label(
                key + (came == row.cameBack() ? ".seen" : ".not-seen"),
                Map.of("found", found.value(), "expected", proving.comesTo())));
  }

  /** The judgement, as it is kept. */
  PageJudgement verdict() {
    return new ReportWords(words().wording()).judgement(judge());
  }

  /** The result so far; {@code check} is the page of its check, if any. */
  PageResult result(@Nullable Long check) {
    Report report = judge();
    return new PageResult(
        isEnded(),
        report.allRight(),
        ReportWords.firstSlip(report),
        row.begunAt(),
        millis(row.begunAt(), row.handedInAt(), lastMillis()),
        check,
        Boolean.TRUE.equals(row.cameBack()));
  }

  private @Nullable Long lastMillis() {
    return strokes.isEmpty() ? null : strokes.get(strokes.size() - 1).millis();
  }

  private long seconds() {
    return seconds(row.begunAt(), row.handedInAt(), lastMillis());
  }

  static long seconds(
      OffsetDateTime begun, @Nullable OffsetDateTime handedIn, @Nullable Long lastMillis) {
    return millis(begun, handedIn, lastMillis) / 1000;
  }

  /** To the handing in, or to the last stroke where that is all there is. */
  private static long millis(
      OffsetDateTime begun, @Nullable OffsetDateTime handedIn, @Nullable Long lastMillis) {
    long last = lastMillis == null ? 0 : lastMillis;
    long ended = handedIn == null ? 0 : Duration.between(begun, handedIn).toMillis();
    return Math.max(last, ended);
  }
}
