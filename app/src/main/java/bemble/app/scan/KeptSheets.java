package bemble.app.scan;

import bemble.app.file.DataReplaced;
import bemble.app.file.Erased;
import bemble.app.file.PictureFolder;
import bemble.app.house.PupilDeleted;
import bemble.app.marking.HandoutMapper;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.ScanJson.KeptSheet;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Pictures of sheets whose answers are taken: kept until a day if a teacher wishes, or not at all.
 */
@Service
public class KeptSheets {
  private static final int MOST_MONTHS = 12;

  private final KeptSheetMapper mapper;
  private final ScanMapper scans;
  private final HandoutMapper handouts;
  private final PictureFolder pictures;
  private final Clock clock;

  KeptSheets(
      KeptSheetMapper mapper,
      ScanMapper scans,
      HandoutMapper handouts,
      PictureFolder pictures,
      Clock clock) {
    this.mapper = mapper;
    this.scans = scans;
    this.handouts = handouts;
    this.pictures = pictures;
    this.clock = clock;
  }

  /** Refuses a last day that is gone, or more than a year away. */
  void refuse(@Nullable LocalDate until) {
    LocalDate today = LocalDate.now(clock);
    if (until != null && (until.isBefore(today) || until.isAfter(today.plusMonths(MOST_MONTHS)))) {
      throw RefusedException.of("keep-until");
    }
  }

  /** Keeps the sheets of a pile that have nothing left to be taken. */
  void keep(long scan, @Nullable LocalDate until) {
    if (until != null) {
      mapper.keep(scan, until);
    }
  }

  List<KeptSheet> of(long handout) {
    return mapper.of(handout).stream()
        .map(row -> new KeptSheet(row.pageId(), row.pupilId(), row.keptUntil()))
        .toList();
  }

  /** The picture of one of them. */
  byte[] picture(long handout, long page) {
    boolean isKept = mapper.of(handout).stream().anyMatch(row -> row.pageId() == page);
    return (isKept ? pictures.find(page, CutOuts.SHEET) : Optional.<byte[]>empty())
        .orElseThrow(() -> new MissingException("scan-picture"));
  }

  /** Deletes the kept sheets of a handout before their day. */
  void delete(long handout) {
    handouts.find(handout).orElseThrow(() -> new MissingException("handout"));
    mapper.deleteOf(handout);
    sweep();
  }

  /** Deletes the pictures that belong to no pile and are not kept. */
  void sweep() {
    Set<Long> pages = new HashSet<>(scans.allPages());
    pages.addAll(mapper.allPages());
    pictures.keepOnly(pages);
  }

  /** Deletes the kept sheets whose day is over. */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
  public void deleteInTime() {
    if (mapper.deleteBefore(LocalDate.now(clock)) > 0) {
      sweep();
    }
  }

  @EventListener({PupilDeleted.class, Erased.class, DataReplaced.class})
  void sweepAfterwards() {
    sweep();
  }

  /** Deletes the leavings of a Bemble that was killed. */
  @EventListener(ApplicationReadyEvent.class)
  void sweepAtStart() {
    pictures.forgetReceived();
    sweep();
  }
}
