package bemble.app.marking;

import bemble.app.house.ConventionsChanged;
import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.marking.RecentWork.OfPupil;
import bemble.app.slate.PageDeleted;
import bemble.app.words.SlipIds;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Work;
import bemble.slip.Slip;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Notes with each answer and page the slip that the diagnosis finds in all recent work of its
 * writer. One answer that equals that of a slip says nothing: many careless answers do.
 */
@Component
class SaidSlips {
  private static final Logger LOG = LoggerFactory.getLogger(SaidSlips.class);

  private final RecentMapper mapper;
  private final RecentWork recent;
  private final PupilMapper pupils;
  private final TransactionOperations transactions;

  SaidSlips(
      RecentMapper mapper,
      RecentWork recent,
      PupilMapper pupils,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.recent = recent;
    this.pupils = pupils;
    this.transactions = transactions;
  }

  /** Has all work of a class looked at again: the same answer can come from another slip now. */
  @EventListener
  void lookAgain(ConventionsChanged changed) {
    mapper.lookAgainOf(changed.classId());
  }

  /** Has the later work of a pupil looked at again. */
  @EventListener
  void lookAgain(PageDeleted page) {
    mapper.lookAgainAfter(page.attempt());
  }

  /** Notes it for a page and whatever it bears upon; nothing for a page of nobody. */
  void noteOf(long attempt) {
    mapper.ofPage(attempt).ifPresent(row -> note(row.pupilId(), row.workedOn()));
  }

  /** Notes it for the work of a pupil on a day, and for later work that it bears upon. */
  void note(long pupil, LocalDate day) {
    note(pupil, day, day.plusDays(Lately.DAYS));
  }

  private void note(long pupil, LocalDate day, LocalDate last) {
    Optional<PupilRow> found = pupils.find(pupil);
    if (found.isEmpty()) {
      return;
    }
    long classId = found.get().classId();
    OfPupil work = recent.of(classId, pupil, day.minusDays(Lately.DAYS), last);
    Lately lately = recent.lately(classId);
    work.works().stream()
        .map(Work::day)
        .filter(each -> !each.isBefore(day))
        .distinct()
        .forEach(each -> note(work, each, lately.said(work.works(), each)));
  }

  private void note(OfPupil work, LocalDate day, Map<Integer, List<Slip>> said) {
    for (int i = 0; i < work.rows().size(); i++) {
      RecentRow row = work.rows().get(i);
      String now = said.containsKey(i) ? SlipIds.of(said.get(i)) : "";
      if (row.workedOn().equals(day) && !now.equals(row.said())) {
        mapper.say(row.id(), now);
      }
    }
  }

  /**
   * Looks at work of an older Bemble, or from a file: pupil by pupil, so that others are not held
   * up.
   */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
  void catchUp() {
    mapper.open().stream()
        .collect(Collectors.groupingBy(RecentRow::pupilId))
        .forEach(this::catchUp);
  }

  private void catchUp(long pupil, List<RecentRow> open) {
    try {
      transactions.executeWithoutResult(
          status -> {
            // Of a sum that cannot be read any more nothing is said.
            open.forEach(row -> mapper.say(row.id(), ""));
            open.stream()
                .map(RecentRow::workedOn)
                .distinct()
                .sorted()
                .forEach(day -> note(pupil, day, day));
          });
    } catch (RuntimeException e) {
      LOG.error("The work of pupil {} is not diagnosed", pupil, e);
    }
  }
}
