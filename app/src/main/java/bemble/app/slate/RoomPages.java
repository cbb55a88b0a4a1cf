package bemble.app.slate;

import bemble.app.refusal.RefusedException;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.slate.AttemptView.Judged;
import bemble.app.slate.AttemptView.PagePart;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Pages that are written on devices of pupils' own, as they and their teacher see them. */
@Service
public class RoomPages {
  private final Sums sums;
  private final AttemptStarter starter;
  private final OpenPages pages;
  private final Attempts attempts;

  RoomPages(Sums sums, AttemptStarter starter, OpenPages pages, Attempts attempts) {
    this.sums = sums;
    this.starter = starter;
    this.pages = pages;
    this.attempts = attempts;
  }

  /** Refuses a sum that Bemble cannot judge. */
  public void refuseUnjudged(SumRef sum) {
    if (!Judge.judges(sums.read(sum).method())) {
      throw RefusedException.of("not-judged");
    }
  }

  /** Begins a page for a sum; gives its number. */
  public long begin(SumRef ref, PageWriter writer, Telling telling) {
    Sum sum = sums.read(ref);
    return starter.begin(sum, writer, SettingOut.GIVEN, telling, Origin.NONE);
  }

  /** A page at a glance, whatever its writer is told. */
  public PageGlance glance(long id) {
    return pages.judged(id, (page, now) -> page.glance(id, now));
  }

  /** Whether a page is handed in. */
  public boolean isEnded(long id) {
    return pages.with(id, OpenPage::isEnded);
  }

  /**
   * A page as its writer may see it: the true page is never shown.
   *
   * @param told whether the writer may know which figures are right
   */
  public AttemptView forWriter(long id, boolean told) {
    return forWriter(attempts.open(id), told);
  }

  private static AttemptView forWriter(AttemptView view, boolean told) {
    PagePart page = view.page();
    Judged judged = view.judged();
    return new AttemptView(
        view.id(),
        view.begun(),
        new PagePart(
            page.paper(), page.path(), page.columns(), page.answerRow(), page.strokes(), null),
        new Judged(
            judged.handedInAt(),
            judged.explanation(),
            judged.seconds(),
            told ? judged.report() : null,
            null,
            !told),
        view.links());
  }

  /** Writes on a page. */
  public void write(long id, List<StrokeView> strokes) {
    attempts.keep(id, strokes);
  }

  /** Which figures of a page are right, if its writer may know. */
  public Optional<ReportView> report(long id) {
    return pages.judged(id, (page, now) -> Optional.ofNullable(page.report(now)));
  }

  /** Ends a page. One that is ended already stays the same, since its writer may ask once more. */
  public AttemptView handIn(long id, boolean told) {
    return isEnded(id) ? forWriter(id, told) : forWriter(attempts.handIn(id, "", null), told);
  }
}
