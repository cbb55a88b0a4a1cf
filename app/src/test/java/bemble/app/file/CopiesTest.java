package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
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

class CopiesTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 2, 12, 0, 0);
  @TempDir Path folder;

  private Copies copies() {
    return new Copies(folder);
  }

  private void copyAt(LocalDateTime moment) throws IOException {
    Files.writeString(copies().at(moment), "kept");
  }

  @Test
  void thereIsNoneBeforeTheFirst() {
    assertEquals(Optional.empty(), new Copies(folder.resolve("none yet")).newest());
  }

  @Test
  void aCopyTellsItsMoment() throws IOException {
    copyAt(NOON);
    assertEquals(NOON, Copies.momentOf(copies().newest().orElseThrow()));
  }

  @Test
  void keepsTheLastOfEachOfTenDaysAndEightWeeks() throws IOException {
    for (int day = 0; day < 120; day++) {
      copyAt(NOON.minusDays(day));
      copyAt(NOON.minusDays(day).minusHours(3));
    }
    copies().prune();
    List<LocalDateTime> kept = copies().all().stream().map(Copies::momentOf).toList();
    for (int day = 0; day < 10; day++) {
      assertTrue(kept.contains(NOON.minusDays(day)), "the last one " + day + " days ago");
    }
    long weeks =
        kept.stream().map(each -> each.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR)).distinct().count();
    assertEquals(8, weeks, kept::toString);
    assertTrue(kept.size() <= 18, kept::toString);
    assertTrue(kept.stream().allMatch(each -> each.getHour() == 12), "the last one of its day");
  }

  @Test
  void pruningTwiceChangesNothingMore() throws IOException {
    for (int day = 0; day < 40; day++) {
      copyAt(NOON.minusDays(day));
    }
    copies().prune();
    List<Path> once = copies().all();
    copies().prune();
    assertEquals(once, copies().all());
  }

  /** Something else that lies in the folder is nobody's copy and is left alone. */
  @Test
  void leavesOtherFilesAlone() throws IOException {
    Path note = Files.writeString(folder.resolve("read me.txt"), "mine");
    Path before = Files.writeString(folder.resolve("before-17.mv.db"), "replaced");
    copyAt(NOON);
    copies().prune();
    assertTrue(Files.exists(note));
    assertTrue(Files.exists(before));
    assertEquals(1, copies().all().size());
  }
}
