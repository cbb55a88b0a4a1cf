package bemble.app.slate;

import bemble.app.house.PupilMapper;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.RefusedException;
import bemble.app.slate.AttemptRequest.Telling;
import bemble.app.table.Stored;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.check.Checks;
import bemble.judge.report.SettingOut;
import bemble.ladder.Rung;
import bemble.method.Sum;
import bemble.procedure.Working;
import bemble.style.Style;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Begins the pages of attempts and of their checks. */
@Component
class AttemptStarter {
  private final AttemptMapper mapper;
  private final Sums sums;
  private final Stored stored;
  private final Ladders ladders;
  private final PupilMapper pupils;
  private final Clock clock;

  AttemptStarter(
      AttemptMapper mapper,
      Sums sums,
      Stored stored,
      Ladders ladders,
      PupilMapper pupils,
      Clock clock) {
    this.mapper = mapper;
    this.sums = sums;
    this.stored = stored;
    this.ladders = ladders;
    this.pupils = pupils;
    this.clock = clock;
  }

  /** The pupil of the current class who has that name, or somebody else. */
  PageWriter writer(@Nullable String who) {
    String name = who == null ? "" : who;
    return new PageWriter(name, pupils.named(name).orElse(null));
  }

  /** Begins a page; gives its id. */
  long begin(Sum sum, PageWriter writer, SettingOut settingOut, Telling telling, Origin origin) {
    return mapper.insert(page(sum, writer, settingOut, telling, origin));
  }

  /** Begins the page of a sum that waits for it in a run; false where it is begun. */
  boolean beginInRun(long id, Sum sum, SettingOut settingOut, Telling telling, boolean silent) {
    PageWriter asNoted = new PageWriter("", null);
    return mapper.begin(id, page(sum, asNoted, settingOut, telling, Origin.inRun(silent))) > 0;
  }

  private NewAttempt page(
      Sum sum, PageWriter writer, SettingOut settingOut, Telling telling, Origin origin) {
    return new NewAttempt(
        new NewAttempt.BegunSum(
            WorkingWords.plain(sum.problem()),
            sum.method().id(),
            stored.write(sum.style()),
            sum.method().layout(),
            rung(sum)),
        writer,
        settingOut.name(),
        telling.name(),
        origin.silent(),
        OffsetDateTime.now(clock),
        new NewAttempt.Links(
            origin.checkOf(), origin.mends(), origin.run(), origin.handout(), origin.number()));
  }

  private String rung(Sum sum) {
    return ladders
        .current()
        .ladder()
        .place(sum.problem(), sum.method().id())
        .map(Rung::id)
        .orElse("");
  }

  /** Begins the check of a page that is handed in and has an answer. */
  long beginCheck(long id, OpenPage page) {
    if (!page.isEnded()) {
      throw RefusedException.of("not-handed-in");
    }
    if (!page.hasAnswer()) {
      throw RefusedException.of("nothing-to-check");
    }
    Style style = page.slate().sum().style();
    Working first = Checks.onOnePage(page.judge().page(), style).parts().get(0);
    Sum second = sums.of(first.problem(), first.method(), style);
    Origin origin = Origin.checking(id, page);
    return begin(second, page.writer(), SettingOut.GIVEN, page.telling(), origin);
  }

  /** The check of a page, where one was begun. */
  Optional<Long> checkOf(long id) {
    return mapper.findCheck(id).map(AttemptRow::id);
  }
}
