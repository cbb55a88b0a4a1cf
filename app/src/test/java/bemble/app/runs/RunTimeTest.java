package bemble.app.runs;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.sets.Drafts;
import bemble.app.slate.PageResult;
import bemble.app.slate.RunPages;
import bemble.style.Style;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionOperations;

/** How long the writer of a run was away: paused, or with Bemble closed. */
class RunTimeTest {
  private static final OffsetDateTime BEGUN =
      OffsetDateTime.of(2026, 5, 4, 9, 0, 0, 0, ZoneOffset.UTC);

  private final RunMapper mapper = mock(RunMapper.class);
  private final RunPages pages = mock(RunPages.class);
  private final Classes classes = mock(Classes.class);

  @BeforeEach
  void oneSumIsBeingWorkedForTwentySeconds() {
    when(classes.currentStyle()).thenReturn(Style.STANDARD);
    when(mapper.sums(1))
        .thenReturn(
            List.of(
                new RunSumRow(7, 1, 0, "46 + 38", "column", "", null, true, null, "", null, 0)));
    when(pages.result(7L)).thenReturn(new PageResult(false, true, "", BEGUN, 20_000, null, false));
  }

  private void goOn(OffsetDateTime paused, OffsetDateTime goneOn, OffsetDateTime now) {
    RunRow row =
        new RunRow(
            1,
            "Beds",
            "",
            null,
            null,
            false,
            "",
            "",
            1,
            false,
            "AFTER_EACH",
            "GIVEN",
            false,
            BEGUN,
            null,
            paused,
            goneOn);
    when(mapper.find(1)).thenReturn(Optional.of(row));
    Clock clock = Clock.fixed(now.toInstant(), ZoneOffset.UTC);
    new Runs(
            mapper,
            pages,
            mock(Drafts.class),
            classes,
            mock(Ladders.class),
            mock(Deletions.class),
            clock,
            TransactionOperations.withoutTransaction())
        .goOn(1);
    verify(mapper).goOn(any(Long.class), any());
  }

  @Test
  void aPauseIsTakenOffHoweverShort() {
    goOn(BEGUN.plusSeconds(30), null, BEGUN.plusSeconds(41));
    verify(mapper).away(7, 11_000);
  }

  @Test
  void aKilledBembleIsAPauseSinceTheLastStroke() {
    goOn(null, null, BEGUN.plusHours(15));
    verify(mapper).away(7, 15 * 3_600_000L - 20_000);
  }

  @Test
  void aLookAtThePageIsNoPause() {
    goOn(null, null, BEGUN.plusSeconds(20 + 119));
    verify(mapper, never()).away(anyLong(), anyLong());
  }

  @Test
  void aPauseIsNotTakenOffTwice() {
    goOn(null, BEGUN.plusHours(15), BEGUN.plusHours(15).plusSeconds(60));
    verify(mapper, never()).away(anyLong(), anyLong());
  }

  @Test
  void aClockThatWasPutBackTakesNothingAway() {
    goOn(BEGUN.plusSeconds(30), null, BEGUN.minusHours(1));
    verify(mapper).away(7, 0);
  }
}
