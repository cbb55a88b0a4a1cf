package bemble.app.page;

import bemble.app.file.Deletions;
import bemble.app.json.Slice;
import bemble.app.refusal.MissingException;
import bemble.app.table.Like;
import bemble.app.table.Stored;
import bemble.app.words.Sentences;
import bemble.app.working.SumRef;
import bemble.app.working.WorkingView;
import bemble.app.working.Workings;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Keeps pages, finds them again, and lets a deletion be undone for a day. */
@Service
public class Pages {
  private static final Logger LOG = LoggerFactory.getLogger(Pages.class);

  private final PageMapper mapper;
  private final Workings workings;
  private final Stored stored;
  private final Deletions deletions;
  private final Clock clock;

  Pages(PageMapper mapper, Workings workings, Stored stored, Deletions deletions, Clock clock) {
    this.mapper = mapper;
    this.workings = workings;
    this.stored = stored;
    this.deletions = deletions;
    this.clock = clock;
  }

  /** Works the sum first, so that nothing is kept that cannot be worked. */
  public PageView keep(KeepRequest request) {
    WorkingView working = workings.work(request.sum());
    String note = stripped(request.note());
    OffsetDateTime now = OffsetDateTime.now(clock);
    String title = request.title();
    long id =
        mapper.insert(
            new NewPage(
                working.sum().sum().plain(),
                Objects.requireNonNull(working.sum().sum().method()),
                stored.write(Objects.requireNonNull(working.sum().sum().style())),
                title,
                note,
                now));
    return new PageView(id, title, note, now, working);
  }

  /** A slice of the pages found: those kept before the page of that id. */
  public Slice<PageView.Entry> search(String words, long before) {
    String typed = words.toLowerCase(Locale.ROOT).strip();
    String title = Like.containing(typed);
    String sum = Like.containing(typed.replaceAll("[\\s,\u2009]", ""));
    List<PageView.Entry> found =
        mapper.search(title, sum, before, Slice.SIZE).stream().map(this::entry).toList();
    return new Slice<>(found, mapper.count(title, sum));
  }

  /** A bad record is shown as one, and leaves the others as they are. */
  private PageView.Entry entry(PageRow row) {
    Workings.Named named;
    try {
      named = workings.named(ref(row));
    } catch (RuntimeException e) {
      LOG.error("Page {} cannot be read", row.id(), e);
      named = new Workings.Named(row.plain(), Sentences.of("damaged.page"));
    }
    return new PageView.Entry(
        row.id(),
        named.problem(),
        row.method(),
        named.method(),
        row.title(),
        row.note(),
        row.keptAt());
  }

  private SumRef ref(PageRow row) {
    return new SumRef(row.plain(), row.method(), stored.style(row.style()));
  }

  public PageView open(long id) {
    PageRow row = mapper.find(id).orElseThrow(Pages::missing);
    return new PageView(row.id(), row.title(), row.note(), row.keptAt(), workings.work(ref(row)));
  }

  public void rename(long id, RenameRequest request) {
    if (mapper.rename(id, request.title(), stripped(request.note())) == 0) {
      throw missing();
    }
  }

  private static String stripped(@Nullable String note) {
    return note == null ? "" : note.strip();
  }

  public void delete(long id) {
    deletions.delete(mapper, id, Pages::missing);
  }

  public void restore(long id) {
    deletions.restore(mapper, id, Pages::missing);
  }

  private static MissingException missing() {
    return new MissingException("page");
  }
}
