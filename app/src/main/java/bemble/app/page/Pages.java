package bemble.app.page;

import bemble.app.http.MissingException;
import bemble.app.store.Bin;
import bemble.app.store.NewPage;
import bemble.app.store.PageMapper;
import bemble.app.store.PageRow;
import bemble.app.store.Stored;
import bemble.app.working.WorkingRequest;
import bemble.app.working.WorkingView;
import bemble.app.working.Workings;
import bemble.style.Style;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps pages, finds them again, and lets a deletion be undone for a day. */
@Service
public class Pages {
  private final PageMapper mapper;
  private final Workings workings;
  private final Stored stored;
  private final Bin bin;
  private final Clock clock;

  Pages(PageMapper mapper, Workings workings, Stored stored, Bin bin, Clock clock) {
    this.mapper = mapper;
    this.workings = workings;
    this.stored = stored;
    this.bin = bin;
    this.clock = clock;
  }

  /** Works the sum first: what cannot be worked is not kept. */
  @Transactional
  public PageView keep(KeepRequest request) {
    WorkingView working =
        workings.work(new WorkingRequest(request.problem(), request.method(), request.style()));
    String note = request.note() == null ? "" : request.note().strip();
    OffsetDateTime now = OffsetDateTime.now(clock);
    String title = request.title().strip();
    long id =
        mapper.insert(
            new NewPage(
                working.problem(),
                working.method(),
                stored.write(working.style()),
                title,
                note,
                now));
    return new PageView(id, title, note, now, working);
  }

  public List<PageView.Entry> search(String words) {
    String typed = words.toLowerCase(Locale.ROOT).strip();
    return mapper.search(like(typed), like(typed.replaceAll("[\\s,\u2009]", ""))).stream()
        .map(
            row ->
                new PageView.Entry(
                    row.id(),
                    row.problem(),
                    row.method(),
                    methodName(row),
                    row.title(),
                    row.note(),
                    row.keptAt()))
        .toList();
  }

  private String methodName(PageRow row) {
    Style style = stored.read(row.style(), Style.class);
    return workings.methodName(new WorkingRequest(row.problem(), row.method(), style));
  }

  public PageView open(long id) {
    PageRow row = mapper.find(id).orElseThrow(Pages::missing);
    WorkingView working =
        workings.work(
            new WorkingRequest(row.problem(), row.method(), stored.read(row.style(), Style.class)));
    return new PageView(row.id(), row.title(), row.note(), row.keptAt(), working);
  }

  @Transactional
  public void delete(long id) {
    if (!bin.delete(mapper, id)) {
      throw missing();
    }
  }

  @Transactional
  public void restore(long id) {
    if (mapper.restore(id) == 0) {
      throw missing();
    }
  }

  private static MissingException missing() {
    return new MissingException("This page is not in the Workbook any more.");
  }

  private static String like(String typed) {
    return "%" + typed.replaceAll("([!%_])", "!$1") + "%";
  }
}
