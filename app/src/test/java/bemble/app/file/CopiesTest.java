package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.IsoFields;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CopiesTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 2, 12, 0, 0);
  @TempDir Path folder;

  private Copies copies() {
    return new Copies(folder);
  }

  private void copyAt(LocalDateTime moment) throws IOException {
    Files.writeString(copies().next(moment), "kept");
  }

  private List<LocalDateTime> moments() {
    return copies().ofDays().stream().map(Copies.Copy::moment).toList();
  }

  @Test
  void thereIsNoneBeforeTheFirst() {
    assertEquals(Optional.empty(), new Copies(folder.resolve("none yet")).newest());
  }

  @Test
  void aCopyTellsItsMoment() throws IOException {
    copyAt(NOON);
    assertEquals(NOON, copies().newest().orElseThrow().moment());
  }

  @Test
  void keepsTheLastOfEachOfTenDaysAndEightWeeks() throws IOException {
    for (int day = 119; day >= 0; day--) {
      copyAt(NOON.minusDays(day).minusHours(3));
      copyAt(NOON.minusDays(day));
    }
    copies().prune();
    List<LocalDateTime> kept = moments();
    for (int day = 0; day < 10; day++) {
      assertTrue(kept.contains(NOON.minusDays(day)), "the last one " + day + " days ago");
    }
    long weeks =
        kept.stream().map(each -> each.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR)).distinct().count();
    assertEquals(8, weeks, kept::toString);
    assertTrue(kept.size() <= 18, kept::toString);
    assertTrue(kept.stream().allMatch(each -> each.getHour() == 12), "the last one of its day");
    copies().prune();
    assertEquals(kept, moments());
  }

  /** Every copy is kept whatever the clock says, and one wrong day takes one place. */
  @ParameterizedTest
  @ValueSource(ints = {-3650, -1, 3650})
  void aClockThatJumpsPrunesNoMoreThanARightOne(int days) throws IOException {
    for (int day = 60; day >= 0; day--) {
      copyAt(NOON.minusDays(day));
      copies().prune();
    }
    List<LocalDateTime> before = moments();
    LocalDateTime wrong = NOON.plusDays(days).plusHours(1);
    copyAt(wrong);
    copies().prune();
    assertEquals(wrong, copies().newest().orElseThrow().moment());
    long lost = before.stream().filter(each -> !moments().contains(each)).count();
    assertTrue(lost <= 2, () -> before + " became " + moments());
  }

  @Test
  void aClockIsBelievedOnceTwoCopiesAgree() throws IOException {
    assertFalse(copies().isPlausible(NOON));
    copyAt(NOON.minusDays(1));
    copyAt(NOON);
    assertTrue(copies().isPlausible(NOON));
    assertFalse(copies().isPlausible(NOON.plusYears(10)));
    assertFalse(copies().isPlausible(NOON.minusDays(2)));
    copyAt(NOON.plusYears(10));
    assertFalse(copies().isPlausible(NOON.plusYears(10)));
    copyAt(NOON.plusDays(1));
    assertFalse(copies().isPlausible(NOON.plusDays(1)));
    copyAt(NOON.plusDays(2));
    assertTrue(copies().isPlausible(NOON.plusDays(2)));
  }

  @Test
  void copiesOfAnEarlierBembleComeBeforeThoseWithANumber() throws IOException {
    Files.writeString(folder.resolve("2026-03-09-120000.zip"), "kept");
    copyAt(NOON);
    assertEquals(List.of(NOON, NOON.plusDays(7)), moments());
  }

  /** Files of other names in the folder are no copies, and are left alone. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "read me.txt",
        "before-17.mv.db",
        "2026-13-45-999999.zip",
        "000001-2026-02-30-120000.zip",
        "2026-03-02-120000 (1).zip"
      })
  void leavesOtherFilesAlone(String name) throws IOException {
    Path other = Files.writeString(folder.resolve(name), "mine");
    copyAt(NOON);
    copies().prune();
    assertTrue(Files.exists(other));
    assertEquals(1, copies().all().size());
  }
}
