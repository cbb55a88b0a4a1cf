package bemble.app.runs;

import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.json.Slice;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.runs.RunJson.DrawnSums;
import bemble.app.runs.RunJson.RunEntry;
import bemble.app.runs.RunJson.RunRequest;
import bemble.app.runs.RunJson.RunTelling;
import bemble.app.runs.RunJson.RunTerms;
import bemble.app.runs.RunJson.RunView;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetWords;
import bemble.app.sets.Versions;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.slate.PageResult;
import bemble.app.slate.PageWriter;
import bemble.app.slate.RunPages;
import bemble.app.working.WorkingWords;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.practice.Item;
import bemble.practice.Run.Next;
import bemble.practice.SetLine;
import bemble.practice.SetMaker;
import bemble.style.Style;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps runs, and brings their sums one after the other. */
@Service
public class Runs {
  /** The longest time between two strokes that counts as work, if nobody paused. */
  private static final Duration LONGEST_LOOK = Duration.ofMinutes(2);

  private final RunMapper mapper;
  private final RunPages pages;
  private final Drafts drafts;
  private final Classes classes;
  private final Ladders ladders;
  private final Deletions deletions;
  private final Clock clock;

  /** Several changes, all or none. */
  private final TransactionOperations transactions;

  Runs(
      RunMapper mapper,
      RunPages pages,
      Drafts drafts,
      Classes classes,
      Ladders ladders,
      Deletions deletions,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.pages = pages;
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
    this.deletions = deletions;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** Begins a run of a pupil of the current class, or of somebody else. */
  public RunView begin(RunRequest request) {
    return begin(request, pages.writer(request.who()));
  }

  /** Begins a run, and the page of its first sum. */
  public RunView begin(RunRequest request, PageWriter writer) {
    DrawnSums drawn = request.drawn();
    List<SumRequest> sums = request.sums() == null ? List.of() : request.sums();
    if ((drawn == null) == sums.isEmpty()) {
      throw RefusedException.of("run-source");
    }
    Style style = classes.currentStyle();
    List<Item> items =
        sums.stream()
            .map(drafts::item)
            .map(item -> item.placed(ladders.current().ladder()))
            .toList();
    items.forEach(item -> refuseUnjudged(item, style));
    String method = "";
    if (drawn != null) {
      SetLine line = drafts.line(new SetLineView(drawn.rung(), null, drawn.method(), 1), style);
      refuseUnjudged(Item.of(line.rung().draw(1, 0).get(0), line.method(), ""), style);
      method = line.method();
    } else if (request.goal().right() > items.size()) {
      throw RefusedException.of("run-mark", "sums", items.size(), "mark", request.goal().right());
    }
    NewRun run = row(request, method, writer);
    long id =
        Objects.requireNonNull(
            transactions.execute(
                status -> {
                  long inserted = mapper.insert(run);
                  if (!items.isEmpty()) {
                    mapper.addSums(inserted, writer, rows(items));
                  }
                  return inserted;
                }));
    return next(id);
  }

  private static void refuseUnjudged(Item item, Style style) {
    Sum sum = item.sum(style);
    if (!Judge.judges(sum.method())) {
      String problem = WorkingWords.of(style).problem(item.problem());
      throw RefusedException.of("run-sum-not-judged", "sum", problem);
    }
  }

  private NewRun row(RunRequest request, String method, PageWriter writer) {
    RunTerms terms = request.terms() == null ? RunTerms.USUAL : request.terms();
    RunTelling telling = terms.telling() == null ? RunTelling.AFTER_EACH : terms.telling();
    SettingOut settingOut = terms.settingOut() == null ? SettingOut.GIVEN : terms.settingOut();
    return new NewRun(
        request.title(),
        writer,
        classes.current().orElse(null),
        source(request, method),
        new NewRun.Terms(
            request.goal().right(),
            request.goal().inARow(),
            telling.name(),
            settingOut.name(),
            terms.withCheck()),
        now());
  }

  private static NewRun.Source source(RunRequest request, String method) {
    if (request.drawn() != null) {
      return new NewRun.Source(null, null, request.drawn().rung(), method);
    }
    String version = request.set() == null ? null : Versions.of(request.version());
    return new NewRun.Source(request.set(), version, "", method);
  }

  private static List<RunSumRow> rows(List<Item> items) {
    List<RunSumRow> rows = new ArrayList<>();
    for (Item item : items) {
      rows.add(row(rows.size(), item, null));
    }
    return rows;
  }

  private static RunSumRow row(int number, Item item, @Nullable Integer againOf) {
    String plain = WorkingWords.plain(item.problem());
    return RunSumRow.fresh(number, plain, item.method(), item.rung(), againOf);
  }

  /** A slice of all runs: those begun before the one of that id. */
  public Slice<RunEntry> list(long before) {
    RunWords words = words();
    List<RunRow> rows = mapper.list(before, Slice.SIZE);
    Map<Long, List<RunSumRow>> sums =
        rows.isEmpty()
            ? Map.of()
            : mapper.sumsOf(rows.stream().map(RunRow::id).toList()).stream()
                .collect(Collectors.groupingBy(RunSumRow::runId));
    List<RunEntry> entries =
        rows.stream()
            .map(row -> words.entry(new RunState(row, sums.getOrDefault(row.id(), List.of()))))
            .toList();
    return new Slice<>(entries, mapper.count());
  }

  /** A run as far as it has come; begins nothing. */
  public RunView open(long id) {
    RunState state = settled(id);
    return words().view(state, state.current().map(RunSumRow::id).map(this::page).orElse(null));
  }

  /** The page of a sum that is to be worked on: its own, or that of its check. */
  private Long page(long sum) {
    PageResult result = pages.result(sum);
    return result.handedIn() && result.check() != null ? result.check() : sum;
  }

  private RunWords words() {
    return new RunWords(drafts, new SetWords(classes.currentStyle(), ladders.current()));
  }

  /** The run, with the results of all pages that were handed in meanwhile. */
  private RunState settled(long id) {
    RunState state = read(id);
    boolean changed = false;
    for (RunSumRow sum : state.sums()) {
      if (sum.isInWork()) {
        changed |= settle(state.row(), sum);
      }
    }
    return changed ? read(id) : state;
  }

  private RunState read(long id) {
    return new RunState(mapper.find(id).orElseThrow(Runs::missing), mapper.sums(id));
  }

  /** Records the result of a sum; false while it is being worked. */
  private boolean settle(RunRow run, RunSumRow sum) {
    PageResult page = pages.result(sum.id());
    if (!page.handedIn()) {
      return false;
    }
    boolean right = page.allRight();
    long millis = page.millis() - sum.pausedMillis();
    if (run.withCheck()) {
      if (page.check() == null && pages.check(sum.id()).isPresent()) {
        return false;
      }
      if (page.check() != null) {
        PageResult check = pages.result(page.check());
        if (!check.handedIn()) {
          return false;
        }
        right &= check.allRight() && check.saidSo();
        millis += check.millis();
      }
    }
    mapper.settle(sum.id(), right, Math.max(0, millis) / 1000);
    return true;
  }

  /** Begins the page that comes next once the one before is handed in; ends a run that is over. */
  public RunView next(long id) {
    RunState state = settled(id);
    if (!state.hasEnded() && state.current().isEmpty()) {
      Next next = state.run().next();
      if (next instanceof Next.Over) {
        return end(id);
      }
      try {
        transactions.executeWithoutResult(
            status -> {
              if (!begin(state, next)) {
                status.setRollbackOnly();
              }
            });
      } catch (DuplicateKeyException e) {
        // Another window has begun it meanwhile: it is found below.
        return open(id);
      }
    }
    return open(id);
  }

  /** Begins the page of a sum; false where another window has done so meanwhile. */
  private boolean begin(RunState state, Next next) {
    RunRow run = state.row();
    Style style = classes.currentStyle();
    RunSumRow sum = sum(state, next, style);
    if (sum.number() >= state.sums().size()) {
      mapper.addSums(run.id(), run.writer(), List.of(sum));
    }
    boolean asIGo = state.telling() == RunTelling.AS_I_GO;
    return pages.begin(
        mapper.sums(run.id()).get(sum.number()).id(),
        RunState.item(sum, drafts).sum(style),
        state.settingOut(),
        asIGo ? Telling.AS_I_GO : Telling.AT_END,
        state.isSilent());
  }

  private RunSumRow sum(RunState state, Next next, Style style) {
    List<RunSumRow> sums = state.sums();
    if (next instanceof Next.Again again) {
      Item item = RunState.item(sums.get(again.place()), drafts);
      return row(sums.size(), item, again.place());
    }
    int place = ((Next.First) next).place();
    return place < sums.size() ? sums.get(place) : row(place, drawn(state, style), null);
  }

  /** The next sum of a rung: none that has come, until there are no others. */
  private Item drawn(RunState state, Style style) {
    RunRow run = state.row();
    SetLine line = drafts.line(new SetLineView(run.rung(), null, run.method(), 1), style);
    Set<String> come =
        state.sums().stream()
            .map(sum -> RunState.item(sum, drafts).key())
            .collect(Collectors.toSet());
    SetMaker maker = new SetMaker(style);
    long seed = run.begunAt().toInstant().toEpochMilli() + 31L * state.sums().size();
    List<Item> fresh = maker.make(List.of(line), Map.of(), come, SetMaker.Order.AS_LISTED, seed);
    return fresh.isEmpty()
        ? maker.make(List.of(line), Map.of(), Set.of(), SetMaker.Order.AS_LISTED, seed).get(0)
        : fresh.get(0);
  }

  /** Stops the time. */
  public RunView pause(long id) {
    RunState state = settled(id);
    if (state.hasEnded()) {
      throw new StaleException("run-ended");
    }
    if (state.row().pausedAt() == null) {
      mapper.pause(id, now());
    }
    return open(id);
  }

  /** Goes on after a pause, or where nothing was written for a long while. */
  public RunView goOn(long id) {
    RunState state = settled(id);
    OffsetDateTime paused = state.row().pausedAt();
    state
        .current()
        .ifPresent(
            sum -> {
              OffsetDateTime last = paused == null ? lastSign(state.row(), sum) : paused;
              Duration away = Duration.between(last, now());
              if (paused != null || away.compareTo(LONGEST_LOOK) > 0) {
                mapper.away(sum.id(), Math.max(0, away.toMillis()));
              }
            });
    mapper.goOn(id, now());
    return open(id);
  }

  /** The time of the last stroke on a page, or of going on with it. */
  private OffsetDateTime lastSign(RunRow run, RunSumRow sum) {
    PageResult page = pages.result(page(sum.id()));
    OffsetDateTime written = page.begunAt().plus(page.millis(), ChronoUnit.MILLIS);
    OffsetDateTime back = run.goneOnAt();
    return back == null || back.isBefore(written) ? written : back;
  }

  /** Ends a run: from now on its judge may tell everything. */
  public RunView end(long id) {
    settled(id);
    if (mapper.end(id, now()) > 0) {
      pages.speakOf(id);
    }
    return open(id);
  }

  void delete(long id) {
    transactions.executeWithoutResult(
        status -> {
          deletions.delete(mapper, id, Runs::missing);
          pages.leaveAnswers(id);
        });
  }

  void restore(long id) {
    transactions.executeWithoutResult(
        status -> {
          deletions.restore(mapper, id, Runs::missing);
          pages.takeAnswersBack(id);
        });
  }

  private OffsetDateTime now() {
    return OffsetDateTime.now(clock);
  }

  private static MissingException missing() {
    return new MissingException("run");
  }
}
