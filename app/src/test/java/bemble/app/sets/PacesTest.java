package bemble.app.sets;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import bemble.app.house.Classes;
import bemble.app.slate.AttemptMapper;
import bemble.app.slate.TimedRow;
import bemble.app.working.Sums;
import bemble.practice.Pace;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The pace of a class, from the pages of its pupils. */
class PacesTest {
  private final AttemptMapper attempts = mock(AttemptMapper.class);
  private final Classes classes = mock(Classes.class);
  private final Paces paces = new Paces(attempts, new Sums(classes), classes);

  @BeforeEach
  void aClassInTheUsualStyle() {
    when(classes.style(3)).thenReturn(Style.STANDARD);
  }

  private void worked(List<TimedRow> rows) {
    when(attempts.times(eq(3L), anyInt())).thenReturn(rows);
  }

  private static List<TimedRow> pages(int count, long millis) {
    List<TimedRow> rows = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      rows.add(new TimedRow(542 + i + " − 168", "exchange", millis));
    }
    return rows;
  }

  @Test
  void aClassThatHasWorkedNothingHasTheEstimate() {
    worked(List.of());
    assertEquals(Pace.ESTIMATE, paces.of(3));
  }

  @Test
  void whoeverTakesThreeTimesAsLongHasThreeTimesThePace() {
    worked(pages(20, 30_000));
    Pace quick = paces.of(3);
    worked(pages(20, 90_000));
    assertEquals(20, quick.sums());
    assertEquals(3 * quick.times(), paces.of(3).times(), 1e-9);
  }

  @Test
  void aBadRecordIsPassedOver() {
    List<TimedRow> rows = pages(20, 30_000);
    rows.add(new TimedRow("542 −", "exchange", 30_000));
    worked(rows);
    assertEquals(20, paces.of(3).sums());
  }

  @Test
  void withoutAClassThereIsTheEstimate() {
    when(classes.current()).thenReturn(Optional.empty());
    assertTrue(paces.current().sums() == 0);
  }
}
