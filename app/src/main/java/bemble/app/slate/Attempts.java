package bemble.app.slate;

import bemble.app.http.MissingException;
import bemble.app.http.RefusedException;
import bemble.app.http.StaleException;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.store.AttemptMapper;
import bemble.app.store.AttemptRow;
import bemble.app.store.NewAttempt;
import bemble.app.store.Stored;
import bemble.app.store.StrokeRow;
import bemble.app.working.Sums;
import bemble.app.working.Sums.Sum;
import bemble.app.working.WorkingRequest;
import bemble.app.working.WorkingWords;
import bemble.check.Check;
import bemble.check.Checks;
import bemble.judge.Judge;
import bemble.judge.Judge.SettingOut;
import bemble.judge.Judge.Stage;
import bemble.judge.Report;
import bemble.plan.Working;
import bemble.style.Style;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps attempts stroke by stroke, and has them judged. */
@Service
public class Attempts {
  private static final Duration UNDO = Duration.ofDays(1);
  private static final int MOST_STROKES = 20_000;
  private static final int SHEETS = 40;

  private final AttemptMapper mapper;
  private final Sums sums;
  private final Stored stored;
  private final Clock clock;

  /** The sheets that were worked on last: a stroke comes every second, its sum stays the same. */
  private final Map<Long, Slate> sheets = Collections.synchronizedMap(new LastUsed<>(SHEETS));

  Attempts(AttemptMapper mapper, Sums sums, Stored stored, Clock clock) {
    this.mapper = mapper;
    this.sums = sums;
    this.stored = stored;
    this.clock = clock;
  }

  @Transactional
  public AttemptView begin(AttemptRequest request) {
    Sum sum = sums.read(new WorkingRequest(request.problem(), request.method(), request.style()));
    if (!Judge.judges(sum.method())) {
      throw RefusedException.of(
          "not-judged",
          "This method is for looking at. On the Slate choose one that is written in columns.");
    }
    SettingOut settingOut = request.settingOut() == null ? SettingOut.GIVEN : request.settingOut();
    Telling telling = request.telling() == null ? Telling.AS_I_GO : request.telling();
    String who = request.who() == null ? "" : request.who().strip();
    return open(insert(sum, who, settingOut, telling, null));
  }

  private long insert(Sum sum, String who, SettingOut settingOut, Telling telling, Long checkOf) {
    return mapper.insert(
        new NewAttempt(
            WorkingWords.plain(sum.problem()),
            sum.method().id(),
            stored.write(sum.style()),
            who,
            settingOut.name(),
            telling.name(),
            OffsetDateTime.now(clock),
            checkOf));
  }

  public List<AttemptView.AttemptEntry> all() {
    return mapper.all().stream().map(this::entry).toList();
  }

  private AttemptView.AttemptEntry entry(AttemptRow row) {
    Slate slate = sheet(row);
    Sum sum = slate.sum();
    List<Stroke> strokes = strokes(row.id());
    Report report = slate.judge(PageOfStrokes.after(strokes), stage(row));
    WorkingWords words = WorkingWords.of(sum.style());
    ReportView view = new ReportWords(words.wording()).view(report, stage(row));
    return new AttemptView.AttemptEntry(
        row.id(),
        words.problem(sum.problem()),
        words.name(sum.method()),
        row.who(),
        row.begunAt(),
        row.handedInAt() != null,
        seconds(row, strokes),
        view.findings().isEmpty() ? null : view.findings().get(0).name(),
        view.slips());
  }

  public AttemptView open(long id) {
    AttemptRow row = find(id);
    Slate slate = sheet(row);
    Sum sum = slate.sum();
    List<Stroke> strokes = strokes(id);
    WorkingWords words = WorkingWords.of(sum.style());
    boolean ended = row.handedInAt() != null;
    Telling telling = Telling.valueOf(row.telling());
    ReportView report =
        ended || telling == Telling.AS_I_GO ? view(row, slate, strokes, words) : null;
    return new AttemptView(
        id,
        words.problem(sum.problem()),
        row.problem(),
        sum.problem().operation(),
        row.method(),
        words.name(sum.method()),
        row.who(),
        SettingOut.valueOf(row.settingOut()),
        telling,
        row.begunAt(),
        row.handedInAt(),
        row.explanation(),
        slate.sheet(),
        slate.path(),
        words.columns(slate.truth().paper()),
        strokes,
        report,
        ended ? slate.truth().paper() : null,
        seconds(row, strokes),
        mapper.findCheck(id).map(AttemptRow::id).orElse(null),
        row.checkOf());
  }

  private static ReportView view(
      AttemptRow row, Slate slate, List<Stroke> strokes, WorkingWords words) {
    Report report = slate.judge(PageOfStrokes.after(strokes), stage(row));
    List<String> hints =
        stage(row) == Stage.HANDED_IN && row.settingOut().equals(SettingOut.OWN.name())
            ? settingOutHints(strokes, slate)
            : List.of();
    return new ReportWords(words.wording()).view(report, stage(row), hints);
  }

  private static List<String> settingOutHints(List<Stroke> strokes, Slate slate) {
    List<String> hints = new ArrayList<>();
    String sign = String.valueOf(slate.truth().problem().operation().sign());
    if (strokes.stream().noneMatch(stroke -> stroke.text().equals(sign))) {
      hints.add("hint.no-sign");
    }
    if (strokes.stream().noneMatch(stroke -> stroke.kind() == Stroke.Kind.LINE)) {
      hints.add("hint.no-rule");
    }
    return hints;
  }

  private static Stage stage(AttemptRow row) {
    return row.handedInAt() == null ? Stage.IN_WORK : Stage.HANDED_IN;
  }

  /** Adds what was done; answers with the judgement where that is wanted as one goes. */
  @Transactional
  public Optional<ReportView> write(long id, List<Stroke> strokes) {
    AttemptRow row = find(id);
    if (row.handedInAt() != null) {
      throw new StaleException("This page is handed in; nothing more can be written on it.");
    }
    int number = mapper.countStrokes(id);
    for (Stroke stroke : strokes) {
      if (stroke.kind() == Stroke.Kind.FIGURE && stroke.text().length() > 1) {
        throw RefusedException.of(
            "two-figures", "Write one figure to a square: “" + stroke.text() + "” is more.");
      }
      if (stroke.number() != number) {
        throw new StaleException(
            "This page was written on in another window. Here it is as it is now.");
      }
      if (number >= MOST_STROKES) {
        throw RefusedException.of("page-full", "This page is full. Hand it in and begin another.");
      }
      mapper.write(
          id,
          new StrokeRow(
              number++,
              stroke.millis(),
              stroke.kind().name(),
              stroke.row(),
              stroke.column(),
              stroke.text()));
    }
    if (!row.telling().equals(Telling.AS_I_GO.name())) {
      return Optional.empty();
    }
    Slate slate = sheet(row);
    Sum sum = slate.sum();
    return Optional.of(view(row, slate, strokes(id), WorkingWords.of(sum.style())));
  }

  @Transactional
  public AttemptView handIn(long id, String explanation) {
    find(id);
    if (mapper.handIn(id, OffsetDateTime.now(clock), explanation.strip()) == 0) {
      throw new StaleException("This page is handed in already.");
    }
    return open(id);
  }

  /** Begins the check of a page that is handed in: a second sum with what its writer found. */
  @Transactional
  public AttemptView check(long id) {
    AttemptRow row = find(id);
    if (row.handedInAt() == null) {
      throw RefusedException.of("not-handed-in", "Hand the page in first, then check it.");
    }
    Optional<AttemptRow> begun = mapper.findCheck(id);
    if (begun.isPresent()) {
      return open(begun.get().id());
    }
    Slate slate = sheet(row);
    Sum sum = slate.sum();
    Report report = slate.judge(PageOfStrokes.after(strokes(id)), Stage.HANDED_IN);
    Check check = Checks.of(report.page(), sum.style());
    Working first = check.parts().get(0);
    Sum second = sums.of(first.problem(), first.method(), sum.style());
    return open(insert(second, row.who(), SettingOut.GIVEN, Telling.valueOf(row.telling()), id));
  }

  @Transactional
  public HintView hint(long id, int depth) {
    AttemptRow row = find(id);
    Slate slate = sheet(row);
    Sum sum = slate.sum();
    Report report = slate.judge(PageOfStrokes.after(strokes(id)), Stage.IN_WORK);
    return HintView.of(report, depth, WorkingWords.of(sum.style()).wording());
  }

  @Transactional
  public void delete(long id) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    mapper.purge(now.minus(UNDO));
    if (mapper.delete(id, now) == 0) {
      throw missing();
    }
  }

  @Transactional
  public void restore(long id) {
    if (mapper.restore(id) == 0) {
      throw missing();
    }
  }

  private Slate sheet(AttemptRow row) {
    return sheets.computeIfAbsent(
        row.id(), id -> new Slate(sum(row), SettingOut.valueOf(row.settingOut())));
  }

  private Sum sum(AttemptRow row) {
    Style style = stored.read(row.style(), Style.class);
    return sums.read(new WorkingRequest(row.problem(), row.method(), style));
  }

  private List<Stroke> strokes(long id) {
    return mapper.strokes(id).stream()
        .map(
            row ->
                new Stroke(
                    row.number(),
                    row.millis(),
                    Stroke.Kind.valueOf(row.kind()),
                    row.rowAt(),
                    row.columnAt(),
                    row.text()))
        .toList();
  }

  private AttemptRow find(long id) {
    return mapper.find(id).orElseThrow(Attempts::missing);
  }

  private static MissingException missing() {
    return new MissingException("This attempt is not there any more.");
  }

  /** To the handing in, or to the last stroke where that is all there is. */
  private static long seconds(AttemptRow row, List<Stroke> strokes) {
    long written = strokes.isEmpty() ? 0 : strokes.get(strokes.size() - 1).millis();
    long ended =
        row.handedInAt() == null ? 0 : Duration.between(row.begunAt(), row.handedInAt()).toMillis();
    return Math.max(written, ended) / 1000;
  }
}
