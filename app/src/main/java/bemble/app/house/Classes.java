package bemble.app.house;

import bemble.app.http.CurrentClass;
import bemble.app.http.MissingException;
import bemble.app.http.RefusedException;
import bemble.app.http.StaleException;
import bemble.app.store.Bin;
import bemble.app.store.Changes;
import bemble.app.store.ClassMapper;
import bemble.app.store.ClassRow;
import bemble.app.store.RecentMapper;
import bemble.app.store.Remembered;
import bemble.app.store.Stored;
import bemble.app.words.ClassLanguage;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The classes of a teacher, one of them current; each has a style of its own. */
@Service
public class Classes implements ClassLanguage, CurrentClass {
  private final ClassMapper mapper;
  private final Stored stored;
  private final Bin bin;
  private final RecentMapper recent;
  private final Remembered<ClassContext> context;

  /** The class that the work of this thread is about, where that is not the current one. */
  private final ThreadLocal<@Nullable ClassContext> meant = new ThreadLocal<>();

  Classes(ClassMapper mapper, Stored stored, Bin bin, RecentMapper recent, Changes changes) {
    this.mapper = mapper;
    this.stored = stored;
    this.bin = bin;
    this.recent = recent;
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

  @Override
  public String tag() {
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

  @Override
  public Optional<Long> current() {
    return Optional.ofNullable(context().id());
  }

  @Override
  public String currentName() {
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
      throw new StaleException("class-changed", row.name());
    }
    if (!stored.style(style).choices().equals(stored.style(row.style()).choices())) {
      // By other conventions the same answer can come from another slip.
      recent.lookAtAnswersAgainOf(id);
      recent.lookAtPagesAgainOf(id);
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
