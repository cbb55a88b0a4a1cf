package bemble.app.house;

import bemble.app.file.Erased;
import bemble.app.file.NamesInText;
import bemble.app.file.PupilEraser;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.words.PlainName;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** The pupils of the current class. */
@Service
public class Roll {
  private static final int MOST = 60;

  private final PupilMapper mapper;
  private final Classes classes;
  private final JdbcTemplate tables;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final TransactionOperations transactions;

  Roll(
      PupilMapper mapper,
      Classes classes,
      JdbcTemplate tables,
      ApplicationEventPublisher events,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.classes = classes;
    this.tables = tables;
    this.events = events;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** The class whose pupils these are. */
  public long currentClass() {
    return classes.here();
  }

  /** All pupils in their order, including those who have left. */
  public List<PupilEntry> all() {
    return entries(mapper.of(currentClass()));
  }

  /** The number of each pupil of a class who is there, from 1 in the order of the list. */
  public Map<Long, Integer> numbers(long classId) {
    Map<Long, Integer> numbers = new LinkedHashMap<>();
    names(classId).keySet().forEach(pupil -> numbers.put(pupil, numbers.size() + 1));
    return numbers;
  }

  /** The names of the pupils of a class, in their order, without those who have left. */
  public Map<Long, String> names(long classId) {
    Map<Long, String> names = new LinkedHashMap<>();
    for (PupilRow row : mapper.of(classId)) {
      if (row.leftAt() == null) {
        names.put(row.id(), row.name());
      }
    }
    return names;
  }

  /** The pupils as the screens show them. */
  public static List<PupilEntry> entries(List<PupilRow> rows) {
    return rows.stream()
        .map(row -> new PupilEntry(row.id(), row.name(), row.leftAt() != null))
        .toList();
  }

  /**
   * Adds pupils from a list of names. All or none: a name that is there already, or too long, is
   * named.
   */
  public List<PupilEntry> add(String names) {
    long classId = currentClass();
    Set<String> there = new HashSet<>();
    mapper.of(classId).forEach(row -> there.add(row.name().toLowerCase(Locale.ROOT)));
    List<String> fresh = new ArrayList<>();
    for (String name : NameList.read(names)) {
      if (name.length() > PlainName.LONGEST) {
        throw RefusedException.of("name-too-long", "name", name);
      }
      if (!there.add(name.toLowerCase(Locale.ROOT))) {
        throw RefusedException.of("name-twice", "name", name);
      }
      fresh.add(name);
    }
    if (there.size() > MOST) {
      throw RefusedException.of("too-many-pupils", "most", MOST);
    }
    transactions.executeWithoutResult(status -> fresh.forEach(name -> insert(classId, name)));
    return all();
  }

  /** Another window may have added the name since the list was read. */
  private void insert(long classId, String name) {
    try {
      mapper.insert(classId, name);
    } catch (DuplicateKeyException e) {
      throw RefusedException.of("name-twice", "name", name);
    }
  }

  /** Refuses a title that names a pupil: pupils read it on their sheets. */
  public void refuseNamed(String title) {
    List<PupilRow> pupils = classes.current().map(mapper::of).orElse(List.of());
    for (PupilRow pupil : pupils) {
      if (NamesInText.holds(title, pupil.name())) {
        throw RefusedException.of("title-names-pupil", "name", pupil.name());
      }
    }
  }

  /** Renames a pupil, or notes that one has left or has come back. */
  public List<PupilEntry> change(long id, String name, boolean left) {
    PupilRow row = mapper.find(id).orElseThrow(Roll::missing);
    OffsetDateTime leftAt =
        left ? (row.leftAt() == null ? OffsetDateTime.now(clock) : row.leftAt()) : null;
    try {
      mapper.change(id, name, leftAt);
    } catch (DuplicateKeyException e) {
      throw RefusedException.of("name-twice", "name", name);
    }
    return all();
  }

  /** Puts the pupils in an order; by their names again where none is given. */
  public List<PupilEntry> order(List<Long> pupils) {
    long classId = currentClass();
    Set<Long> there = mapper.of(classId).stream().map(PupilRow::id).collect(Collectors.toSet());
    if (!there.containsAll(pupils)) {
      throw missing();
    }
    mapper.order(classId, pupils);
    return all();
  }

  /** Deletes a pupil for good, with all that is kept of that pupil. */
  public List<PupilEntry> delete(long id) {
    transactions.executeWithoutResult(
        status -> {
          ConnectionCallback<Boolean> erasing = file -> PupilEraser.erase(file, id);
          if (!Boolean.TRUE.equals(tables.execute(erasing))) {
            throw missing();
          }
        });
    events.publishEvent(new PupilDeleted(id));
    events.publishEvent(new Erased());
    return all();
  }

  private static MissingException missing() {
    return new MissingException("pupil");
  }
}
