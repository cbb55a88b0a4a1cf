package bemble.app.house;

import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.table.Bin;
import bemble.app.table.Changes;
import bemble.app.table.Remembered;
import bemble.app.table.Stored;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The classes of a teacher, one of them current; each has a style of its own. */
@Service
public class Classes {
  private final ClassMapper mapper;
  private final Stored stored;
  private final Bin bin;
  private final ApplicationEventPublisher events;
  private final Remembered<ClassContext> context;

  /** The class that the work of this thread is about, where that is not the current one. */
  private final ThreadLocal<@Nullable ClassContext> meant = new ThreadLocal<>();

  Classes(
      ClassMapper mapper,
      Stored stored,
      Bin bin,
      ApplicationEventPublisher events,
      Changes changes) {
    this.mapper = mapper;
    this.stored = stored;
    this.bin = bin;
    this.events = events;
    this.context = new Remembered<>(changes);
  }

  /** All classes; one of them is current, whatever happened in two windows at once. */
  @Transactional
  public List<ClassView> all() {
    List<ClassRow> rows = mapper.all();
    if (rows.stream().filter(ClassRow::currentClass).count() != 1 && !rows.isEmpty()) {
      mapper.choose(rows.get(0).id());
      rows = mapper.all();
    }
    return rows.stream().map(this::view).toList();
  }

  /** The current class. */
  public ClassContext context() {
    ClassContext other = meant.get();
    return other != null
        ? other
        : context.or(
            () ->
                mapper.all().stream()
                    .filter(ClassRow::currentClass)
                    .findFirst()
                    .map(row -> new ClassContext(row.id(), stored.style(row.style())))
                    .orElse(new ClassContext(null, Style.STANDARD)));
  }

  /** Does some work as if another class were the current one, without changing any row. */
  public void as(long id, Runnable work) {
    meant.set(new ClassContext(id, style(id)));
    try {
      work.run();
    } finally {
      meant.remove();
    }
  }

  /** The IETF tag of the language of the current class. */
  public String language() {
    return context().style().language();
  }

  /** The style of the current class. */
  public Style currentStyle() {
    return context().style();
  }

  /** The style of a class; the standard one where it is gone. */
  public Style style(long id) {
    return mapper.find(id).map(row -> stored.style(row.style())).orElse(Style.STANDARD);
  }

  /** The number of the current class; empty where there is none. */
  public Optional<Long> current() {
    return Optional.ofNullable(context().id());
  }

  /** The number of the current class; refused where there is none. */
  public long here() {
    return current().orElseThrow(Classes::missing);
  }

  /** The name of the current class; empty where there is none. */
  String currentName() {
    return current().flatMap(mapper::find).map(ClassRow::name).orElse("");
  }

  @Transactional
  public List<ClassView> add(ClassRequest request) {
    Style style = request.style() == null ? Style.STANDARD : request.style();
    mapper.insert(request.name(), stored.write(style));
    return all();
  }

  /** Changes name and style; refused where another window has changed the class since. */
  @Transactional
  public List<ClassView> change(long id, ClassRequest request) {
    ClassRow row = mapper.find(id).orElseThrow(Classes::missing);
    String style = request.style() == null ? row.style() : stored.write(request.style());
    int version = request.version() == null ? -1 : request.version();
    if (mapper.change(id, version, request.name(), style) == 0) {
      throw new StaleException("class-changed", "name", row.name());
    }
    if (!stored.style(style).choices().equals(stored.style(row.style()).choices())) {
      // By other conventions the same answer can come from another slip.
      events.publishEvent(new ConventionsChanged(id));
    }
    return all();
  }

  @Transactional
  public List<ClassView> choose(long id) {
    mapper.find(id).orElseThrow(Classes::missing);
    mapper.choose(id);
    return all();
  }

  /** Removes a class; where it was the current one, the first of the others is current then. */
  @Transactional
  public List<ClassView> remove(long id) {
    ClassRow row = mapper.find(id).orElseThrow(Classes::missing);
    // One removal after the other, so that two windows cannot remove the last two classes at once.
    List<ClassRow> others = mapper.allLocked().stream().filter(other -> other.id() != id).toList();
    if (others.isEmpty()) {
      throw RefusedException.of("last-class");
    }
    bin.delete(mapper, id);
    if (row.currentClass()) {
      mapper.choose(others.get(0).id());
    }
    return all();
  }

  @Transactional
  public List<ClassView> restore(long id) {
    if (mapper.restore(id) == 0) {
      throw missing();
    }
    return all();
  }

  private ClassView view(ClassRow row) {
    Style style = stored.style(row.style());
    List<String> unknown = stored.unknown(row.style());
    return new ClassView(row.id(), row.name(), row.version(), row.currentClass(), style, unknown);
  }

  private static MissingException missing() {
    return new MissingException("class");
  }
}
