package bemble.app.slate;

import bemble.app.slate.AttemptRequest.Telling;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The pages of a run, as the run needs them. */
@Service
public class RunPages {
  private final AttemptMapper mapper;
  private final OpenPages pages;
  private final AttemptStarter starter;

  RunPages(AttemptMapper mapper, OpenPages pages, AttemptStarter starter) {
    this.mapper = mapper;
    this.pages = pages;
    this.starter = starter;
  }

  /** The pupil of that name, or somebody else. */
  public PageWriter writer(@Nullable String who) {
    return starter.writer(who);
  }

  /**
   * Begins the page of a sum of a run; false where it is begun.
   *
   * @param id the number of the sum among all work
   * @param silent whether the judge speaks of it only when the run has ended
   */
  public boolean begin(long id, Sum sum, SettingOut settingOut, Telling telling, boolean silent) {
    return starter.beginInRun(id, sum, settingOut, telling, silent);
  }

  /** The result of a page of a run. */
  public PageResult result(long id) {
    return pages.with(id, page -> page.result(starter.checkOf(id).orElse(null)));
  }

  /** Begins the check of a page of a run, or goes on with it; none where nothing was found. */
  public Optional<Long> check(long id) {
    return pages.with(
        id,
        page ->
            page.hasAnswer()
                ? Optional.of(starter.checkOf(id).orElseGet(() -> starter.beginCheck(id, page)))
                : Optional.empty());
  }

  /** Leaves the answers of a run that is deleted in their handouts. */
  public void leaveAnswers(long run) {
    mapper.ofRun(run).forEach(mapper::leaveAnswer);
  }

  /** Puts the pages of a run that is back behind the answers that they gave. */
  public void takeAnswersBack(long run) {
    mapper.ofRun(run).forEach(mapper::takeAnswerBack);
  }

  /** Lets the judge speak of the pages of a run that has ended. */
  public void speakOf(long run) {
    mapper.speak(run);
    pages.forget(mapper.ofRun(run));
  }
}
