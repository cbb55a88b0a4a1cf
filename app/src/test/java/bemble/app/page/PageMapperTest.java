package bemble.app.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.Bemble;
import java.nio.file.Path;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

class PageMapperTest {
  /** A recent moment: rows that were deleted more than a day ago are removed at once. */
  private static final OffsetDateTime NOON =
      OffsetDateTime.now(ZoneOffset.UTC).truncatedTo(ChronoUnit.SECONDS).minusHours(3);

  @TempDir Path folder;

  private ConfigurableApplicationContext open() {
    return new SpringApplicationBuilder(Bemble.class)
        .web(WebApplicationType.SERVLET)
        .run("--server.port=0", "--bemble.data=" + folder.resolve("pages"));
  }

  private static NewPage page(String problem, String title, OffsetDateTime at) {
    return new NewPage(problem, "column", "{}", title, "a note", at);
  }

  @Test
  void keepsFindsDeletesAndRestoresThroughAReopen() {
    long first;
    long second;
    try (ConfigurableApplicationContext context = open()) {
      PageMapper pages = context.getBean(PageMapper.class);
      first = pages.insert(page("4070 + 306", "Seeds 100%", NOON));
      second = pages.insert(page("23 + 45", "Trays", NOON.plusHours(1)));
      assertEquals(1, pages.delete(second, NOON.plusHours(2)));
      assertEquals(0, pages.delete(second, NOON.plusHours(2)));
    }
    try (ConfigurableApplicationContext context = open()) {
      PageMapper pages = context.getBean(PageMapper.class);
      PageRow row = pages.find(first).orElseThrow();
      assertEquals(
          new PageRow(first, "4070 + 306", "column", "{}", "Seeds 100%", "a note", row.keptAt()),
          row);
      assertTrue(NOON.isEqual(row.keptAt()));
      assertTrue(pages.find(second).isEmpty());
      assertEquals(1, pages.restore(second));
      assertEquals(List.of(second, first), ids(pages.search("%", "%", Long.MAX_VALUE, 9)));
      assertEquals(List.of(first), ids(pages.search("%100!%%", "no such sum", Long.MAX_VALUE, 9)));
      assertEquals(
          List.of(first), ids(pages.search("no such title", "%4070+%", Long.MAX_VALUE, 9)));
      pages.delete(first, NOON);
      assertEquals(1, pages.purge(NOON.plusDays(1)));
      assertEquals(0, pages.restore(first));
    }
  }

  private static List<Long> ids(List<PageRow> rows) {
    return rows.stream().map(PageRow::id).toList();
  }
}
