package bemble.app.slate;

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
import org.springframework.stereotype.Component;

/** Begins the pages of attempts and of their checks. */
@Component
class AttemptStarter {
  private final AttemptMapper mapper;
  private final Sums sums;
  private final Stored stored;
  private final Ladders ladders;
  private final Clock clock;

  AttemptStarter(AttemptMapper mapper, Sums sums, Stored stored, Ladders ladders, Clock clock) {
    this.mapper = mapper;
    this.sums = sums;
    this.stored = stored;
    this.ladders = ladders;
    this.clock = clock;
  }

  /** Begins a page; gives its id. */
  long begin(Sum sum, String who, SettingOut settingOut, Telling telling, Origin origin) {
    return mapper.insert(
        new NewAttempt(
            new NewAttempt.BegunSum(
                WorkingWords.plain(sum.problem()),
                sum.method().id(),
                stored.write(sum.style()),
                sum.method().layout(),
                rung(sum)),
            who,
            settingOut.name(),
            telling.name(),
            origin.silent(),
            OffsetDateTime.now(clock),
            new NewAttempt.Links(
                origin.checkOf(),
                origin.mends(),
                origin.run(),
                origin.handout(),
                origin.number())));
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
    return begin(second, page.who(), SettingOut.GIVEN, page.telling(), origin);
  }

  /** The check of a page, where one was begun. */
  Optional<Long> checkOf(long id) {
    return mapper.findCheck(id).map(AttemptRow::id);
  }
}
