package bemble.app.slate;

import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.working.Sums;
import bemble.check.Check;
import bemble.check.Checks;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.method.Sum;
import bemble.procedure.Answer;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps attempts stroke by stroke, and has them judged. */
@Service
public class Attempts {
  private static final int MOST_STROKES = 20_000;

  private final AttemptMapper mapper;
  private final AttemptReader reader;
  private final Sums sums;
  private final OpenPages pages;
  private final AttemptStarter starter;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  private final TransactionOperations transactions;

  Attempts(
      AttemptMapper mapper,
      AttemptReader reader,
      Sums sums,
      OpenPages pages,
      AttemptStarter starter,
      Clock clock,
      ApplicationEventPublisher events,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.reader = reader;
    this.sums = sums;
    this.pages = pages;
    this.starter = starter;
    this.clock = clock;
    this.events = events;
    this.transactions = transactions;
  }

  public AttemptView begin(AttemptRequest request) {
    Sum sum = sums.read(request.sum());
    if (!Judge.judges(sum.method())) {
      throw RefusedException.of("not-judged");
    }
    SettingOut settingOut = request.settingOut() == null ? SettingOut.GIVEN : request.settingOut();
    Telling telling = request.telling() == null ? Telling.AS_I_GO : request.telling();
    PageWriter writer = starter.writer(request.who());
    Origin origin = Origin.inHandout(request.handout(), request.number());
    return open(starter.begin(sum, writer, settingOut, telling, origin));
  }

  public AttemptView open(long id) {
    return pages.with(id, page -> view(id, page));
  }

  /** Reads the page of some work, if it has one, without having it judged. */
  public void look(long id) {
    mapper.find(id).ifPresent(reader::page);
  }

  private AttemptView view(long id, OpenPage page) {
    Optional<AttemptRow> first = Optional.ofNullable(page.checkOf()).flatMap(mapper::find);
    return page.view(starter.checkOf(id).orElse(null), first.map(this::check).orElse(null));
  }

  /** The check of a page, with the answer that was found there. */
  private Check check(AttemptRow proved) {
    OpenPage first = reader.page(proved);
    return Checks.onOnePage(first.judge().page(), first.slate().sum().style());
  }

  /**
   * Adds strokes; answers with the report if the class wants it told as the writer goes. Strokes
   * that are kept already may be sent once more: their sender may not have heard that they are.
   */
  public Optional<ReportView> write(long id, List<StrokeView> strokes) {
    return pages.with(
        id,
        page -> {
          keep(id, page, strokes);
          return Optional.ofNullable(page.report());
        });
  }

  /** The same without having the page judged. */
  void keep(long id, List<StrokeView> strokes) {
    pages.with(
        id,
        page -> {
          keep(id, page, strokes);
          return id;
        });
  }

  private void keep(long id, OpenPage page, List<StrokeView> strokes) {
    List<StrokeView> more = strokes.stream().filter(stroke -> !page.has(stroke)).toList();
    refuseUnwritable(id, page, more);
    if (!more.isEmpty()) {
      insert(id, more);
      page.add(more);
    }
  }

  private void insert(long id, List<StrokeView> strokes) {
    try {
      mapper.write(id, strokes.stream().map(Attempts::row).toList());
    } catch (DuplicateKeyException e) {
      // Another window has written on the page since it was read.
      pages.forget(id);
      throw new StaleException("written-elsewhere");
    }
  }

  private void refuseUnwritable(long id, OpenPage page, List<StrokeView> strokes) {
    if (page.isEnded() && !strokes.isEmpty()) {
      throw new StaleException("ended");
    }
    int number = page.next();
    for (StrokeView stroke : strokes) {
      if (stroke.stroke().isCrowded()) {
        throw RefusedException.of("two-figures", "text", stroke.text());
      }
      if (stroke.number() != number++) {
        // Whatever happened, the page as it is kept is the right one.
        pages.forget(id);
        throw new StaleException("written-elsewhere");
      }
    }
    if (number > MOST_STROKES) {
      throw RefusedException.of("page-full");
    }
  }

  /** Ends an attempt. The writer of a check says whether the check came back. */
  public AttemptView handIn(long id, String explanation, @Nullable Boolean cameBack) {
    return pages.with(
        id,
        page -> {
          boolean isCheck = page.checkOf() != null;
          if (isCheck && cameBack == null) {
            throw RefusedException.of("not-decided");
          }
          Boolean decided = isCheck ? cameBack : null;
          try {
            transactions.executeWithoutResult(
                status -> {
                  OffsetDateTime now = OffsetDateTime.now(clock);
                  if (mapper.handIn(id, now, explanation.strip(), decided) == 0) {
                    throw new StaleException("ended-already");
                  }
                  page.end(reader.find(id));
                  reader.judge(id, page);
                  events.publishEvent(new HandedIn(id));
                });
          } catch (RuntimeException e) {
            // The page is read again, as it is kept.
            pages.forget(id);
            throw e;
          }
          return view(id, page);
        });
  }

  public HintView hint(long id, int depth) {
    return pages.with(
        id,
        page -> {
          refuseSilent(page);
          mapper.help(id);
          return HintView.of(
              page.judge(Stage.IN_WORK), page.slate().truth(), depth, page.words().wording());
        });
  }

  static void refuseSilent(OpenPage page) {
    if (page.isSilent()) {
      throw RefusedException.of("silent");
    }
  }

  /** The answer that stands on a page; empty where it is not written to its end. */
  public Optional<Answer> answer(long id) {
    return pages.with(
        id,
        page -> page.hasAnswer() ? Optional.of(page.judge().page().answer()) : Optional.empty());
  }

  static StrokeRow row(StrokeView stroke) {
    return new StrokeRow(
        stroke.number(),
        stroke.millis(),
        stroke.kind().name(),
        stroke.row(),
        stroke.column(),
        stroke.text());
  }
}
