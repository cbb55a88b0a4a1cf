package bemble.app.slate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.Bemble;
import bemble.app.house.ClassMapper;
import bemble.app.house.ClassRow;
import java.nio.file.Path;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.dao.DuplicateKeyException;

class AttemptMapperTest {
  /** A recent moment: rows that were deleted more than a day ago are removed at once. */
  private static final OffsetDateTime NOON =
      OffsetDateTime.now(ZoneOffset.UTC).truncatedTo(ChronoUnit.SECONDS).minusHours(3);

  @TempDir Path folder;

  private ConfigurableApplicationContext open() {
    return new SpringApplicationBuilder(Bemble.class)
        .run("--server.port=0", "--bemble.data=" + folder.resolve("attempts"));
  }

  private static NewAttempt attempt(String who, Long checkOf) {
    return new NewAttempt(
        new NewAttempt.BegunSum("46 + 38", "column", "{}", 1, "addition-ones-carry"),
        new PageWriter(who, null),
        "GIVEN",
        "AS_I_GO",
        false,
        NOON,
        new NewAttempt.Links(checkOf, null, null, null, null));
  }

  private static StrokeRow stroke(int number, String text) {
    return new StrokeRow(number, 100L * number, "FIGURE", 4, 2 - number, text);
  }

  @Test
  void keepsAttemptsWithTheirStrokesThroughAReopen() {
    long first;
    long check;
    try (ConfigurableApplicationContext context = open()) {
      AttemptMapper attempts = context.getBean(AttemptMapper.class);
      first = attempts.insert(attempt("Neve", null));
      attempts.write(first, List.of(stroke(0, "4"), stroke(1, "8")));
      List<StrokeRow> again = List.of(stroke(2, "6"), stroke(1, "7"));
      assertThrows(DuplicateKeyException.class, () -> attempts.write(first, again));
      assertEquals(1, attempts.handIn(first, NOON.plusMinutes(2), "Added.", null));
      assertEquals(0, attempts.handIn(first, NOON.plusMinutes(3), "Again.", null));
      check = attempts.insert(attempt("Neve", first));
    }
    try (ConfigurableApplicationContext context = open()) {
      AttemptMapper attempts = context.getBean(AttemptMapper.class);
      AttemptRow row = attempts.find(first).orElseThrow();
      assertEquals("Added.", row.explanation());
      assertTrue(NOON.plusMinutes(2).isEqual(row.handedInAt()));
      assertEquals(List.of(stroke(0, "4"), stroke(1, "8")), attempts.strokes(first));
      assertEquals(check, attempts.findCheck(first).orElseThrow().id());
      assertEquals(
          List.of(first),
          attempts.list(Long.MAX_VALUE, 9).stream().map(ListedAttemptRow::id).toList(),
          "checks are found with what they prove");
      assertEquals(1, attempts.count());
      assertEquals(
          1,
          attempts.judged(
              first, 1, new PageJudgement("carry not added", 2, false, "carry-not-added")));
      ListedAttemptRow listed = attempts.list(first + 1, 1).get(0);
      assertEquals("carry not added", listed.finding());
      assertEquals(2, listed.findings());
      assertEquals(List.of(), attempts.list(first, 9));
      attempts.delete(first, NOON);
      assertTrue(attempts.find(first).isEmpty());
      assertEquals(1, attempts.restore(first));
      attempts.delete(first, NOON);
      assertEquals(1, attempts.purge(NOON.plusDays(2)));
      assertEquals(0, attempts.restore(first));
      assertTrue(attempts.find(check).isEmpty());
      assertTrue(attempts.strokes(first).isEmpty());
    }
  }

  @Test
  void keepsOneClassCurrentAndChangesOnlyTheVersionThatWasSeen() {
    try (ConfigurableApplicationContext context = open()) {
      ClassMapper classes = context.getBean(ClassMapper.class);
      classes.insert("Seed Barn", "{}");
      List<ClassRow> all = classes.all();
      assertEquals(List.of(true, false), all.stream().map(ClassRow::currentClass).toList());
      long barn = all.get(1).id();
      classes.choose(barn);
      assertEquals(
          List.of(false, true), classes.all().stream().map(ClassRow::currentClass).toList());
      assertEquals(1, classes.change(barn, 1, "Barn", "{\"onTop\":\"LONGER\"}"));
      assertEquals(0, classes.change(barn, 1, "Shed", "{}"));
      assertEquals(
          new ClassRow(barn, "Barn", "{\"onTop\":\"LONGER\"}", 2, true),
          classes.find(barn).orElseThrow());
      classes.delete(barn, NOON);
      assertEquals(1, classes.purge(NOON.plusDays(1)));
      assertEquals(0, classes.restore(barn));
    }
  }
}
