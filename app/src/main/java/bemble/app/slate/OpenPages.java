package bemble.app.slate;

import bemble.app.file.DataReplaced;
import bemble.app.house.PupilDeleted;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The pages that were used last, each used by one at a time. */
@Component
class OpenPages {
  /** The most marks of all open pages together: the largest page has 1,400 and takes 6 MB. */
  private static final int MOST_MARKS = 14_000;

  private final AttemptReader reader;

  /** The open pages. Only this app writes in its file, so a page stays as it was read. */
  private final Cache<Long, OpenPage> pages =
      Caffeine.newBuilder()
          .maximumWeight(MOST_MARKS)
          .weigher((Long id, OpenPage page) -> page.marks())
          .build();

  OpenPages(AttemptReader reader) {
    this.reader = reader;
  }

  /** Forgets all open pages: the data was changed behind them. */
  @EventListener({DataReplaced.class, PupilDeleted.class})
  void forget() {
    pages.invalidateAll();
  }

  /** Uses a page while nobody else does. */
  <T> T with(long id, Function<OpenPage, T> use) {
    OpenPage page = pages.get(id, any -> reader.page(reader.find(id)));
    synchronized (page) {
      return use.apply(page);
    }
  }

  /** Uses the report on a page as it is now; others may write on it while it is judged. */
  <T> T judged(long id, BiFunction<OpenPage, OpenPage.Moment, T> use) {
    OpenPage.Moment now = with(id, OpenPage::now);
    now.judge();
    return with(id, page -> use.apply(page, now));
  }

  /** Lets go of a page, which is read again when it is used next. */
  void forget(long id) {
    pages.invalidate(id);
  }

  void forget(List<Long> ids) {
    pages.invalidateAll(ids);
  }
}
