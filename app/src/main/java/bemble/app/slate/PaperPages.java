package bemble.app.slate;

import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.working.WorkingWords;
import bemble.judge.Judge;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Pages that were read off paper. Some of their squares may be unread. */
@Service
public class PaperPages {
  private final AttemptMapper mapper;
  private final AttemptStarter starter;
  private final Turns turns;
  private final Clock clock;

  PaperPages(AttemptMapper mapper, AttemptStarter starter, Turns turns, Clock clock) {
    this.mapper = mapper;
    this.starter = starter;
    this.turns = turns;
    this.clock = clock;
  }

  /** A page that tells something about its writer, with its judgement. */
  public record TellingPage(Slate slate, List<Stroke> strokes, PageJudgement judgement) {}

  /**
   * The answer that a page belongs to.
   *
   * @param number the place of its sum in the handout, from 0
   */
  public record Place(long handout, int number, long pupil, String name) {}

  /** The judgement of a page as far as it is read; nothing is kept. */
  public JudgedPageView look(Slate slate, List<Stroke> strokes) {
    return turns.take(() -> JudgedPageView.of(slate, views(strokes)));
  }

  /** A page with its judgement; empty while an unread square may still hide a slip. */
  public Optional<TellingPage> telling(Slate slate, List<Stroke> strokes) {
    PageOfStrokes page = PageOfStrokes.of(strokes);
    Report report = turns.take(() -> slate.judge(page.written(), page.unread(), Stage.HANDED_IN));
    PageJudgement judgement =
        new ReportWords(WorkingWords.of(slate.sum().style()).wording()).judgement(report);
    boolean tells = page.unread().isEmpty() || !judgement.slip().isEmpty();
    return tells ? Optional.of(new TellingPage(slate, strokes, judgement)) : Optional.empty();
  }

  /** Keeps a page as an attempt that is handed in; gives its number. */
  public long keep(TellingPage page, Place place) {
    long id =
        starter.begin(
            page.slate().sum(),
            new PageWriter(place.name(), place.pupil()),
            SettingOut.GIVEN,
            Telling.AT_END,
            Origin.inHandout(place.handout(), place.number()));
    mapper.write(id, views(page.strokes()).stream().map(Attempts::row).toList());
    mapper.fromPaper(id, OffsetDateTime.now(clock));
    mapper.judged(id, Judge.VERSION, page.judgement());
    return id;
  }

  private static List<StrokeView> views(List<Stroke> strokes) {
    List<StrokeView> views = new ArrayList<>();
    strokes.forEach(stroke -> views.add(StrokeView.of(views.size(), 0, stroke)));
    return views;
  }
}
