package bemble.app.extract;

import bemble.app.file.DataReplaced;
import bemble.app.file.DiskSpace;
import bemble.app.file.NamesInText;
import bemble.app.file.Schema;
import bemble.app.house.Classes;
import bemble.app.refusal.DiskFullException;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.NotWrittenException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.words.PlainNames;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.SimpleJdbcInsert;
import org.springframework.jdbc.support.rowset.SqlRowSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Takes a class or a pupil out as a file with all rows about it, and reads such a file in
 * elsewhere. Rows get new numbers there; all of them are read in or none.
 */
@Service
public class Extracts {
  private static final Logger LOG = LoggerFactory.getLogger(Extracts.class);

  /** The columns of texts that a teacher or a pupil wrote. */
  private static final List<String> WRITTEN = List.of("title", "note", "explanation");

  /** The columns of names and titles. */
  private static final List<String> NAMES = List.of("name", "title", "who");

  private static final String ID = "id";
  private static final String CLASS_ID = "class_id";

  private final JdbcTemplate tables;
  private final ObjectMapper json;
  private final ApplicationEventPublisher events;
  private final TransactionOperations transactions;
  private final Classes classes;
  private final Everything everything;
  private final DiskSpace room;

  Extracts(
      JdbcTemplate tables,
      ObjectMapper json,
      ApplicationEventPublisher events,
      TransactionOperations transactions,
      Classes classes,
      Everything everything,
      DiskSpace room) {
    this.tables = tables;
    this.json = json;
    this.events = events;
    this.transactions = transactions;
    this.classes = classes;
    this.everything = everything;
    this.room = room;
  }

  /** A class or a pupil with all rows of it, at one moment, even while others write. */
  @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE)
  public Extract take(Extract.Kind kind, long id) {
    Map<String, List<Map<String, Object>>> rows = new LinkedHashMap<>();
    ExtractTables.of(kind)
        .forEach(
            (table, where) -> {
              String condition = where.replace(":id", String.valueOf(id));
              rows.put(
                  table,
                  tables.query(
                      "select * from " + table + " where " + condition + " order by 1",
                      (row, number) -> {
                        Map<String, Object> values = new LinkedHashMap<>();
                        for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                          String column =
                              row.getMetaData().getColumnName(i).toLowerCase(Locale.ROOT);
                          values.put(column, plain(row.getObject(i)));
                        }
                        return values;
                      }));
            });
    if (kind == Extract.Kind.PUPIL) {
      List<String> others = othersThan(id);
      rows.values().forEach(table -> table.forEach(row -> takeOut(others, row)));
    }
    Extract extract = new Extract(Extract.FORMAT, Schema.newest(), kind, rows);
    if (extract.count(head(kind)) == 0) {
      throw new MissingException(kind == Extract.Kind.CLASS ? "class" : "pupil");
    }
    return extract;
  }

  private List<String> othersThan(long pupil) {
    return tables.queryForList("select name from pupil where id <> ?", String.class, pupil);
  }

  /** Removes the names of other pupils from a row of one pupil. */
  private static void takeOut(List<String> others, Map<String, Object> row) {
    WRITTEN.forEach(
        column ->
            row.computeIfPresent(
                column, (any, text) -> NamesInText.without(text.toString(), others, List.of())));
  }

  private static String head(Extract.Kind kind) {
    return kind == Extract.Kind.CLASS ? "school_class" : "pupil";
  }

  /** Days and moments are written as text. */
  private static Object plain(Object value) {
    return value == null || value instanceof Number || value instanceof Boolean
        ? value
        : value.toString();
  }

  /** Reads a file in: a class beside those that are there, a pupil into the current class. */
  public ExtractView read(byte[] file) {
    Extract extract = checked(file);
    try {
      transactions.executeWithoutResult(status -> insertAndLook(extract));
    } catch (DuplicateKeyException e) {
      throw RefusedException.of("extract-name-twice", name(extract));
    } catch (DiskFullException | NotWrittenException | StaleException e) {
      throw e;
    } catch (RuntimeException e) {
      // Whatever cannot be read now could not be read later.
      LOG.warn("A file was not read in: {}", e.toString());
      throw RefusedException.of("no-extract");
    } finally {
      events.publishEvent(new DataReplaced());
    }
    return new ExtractView(
        extract.kind(),
        name(extract),
        extract.count("pupil"),
        extract.count("handout"),
        extract.count("answer"));
  }

  private static String name(Extract extract) {
    return String.valueOf(extract.rows().get(head(extract.kind())).get(0).get("name"));
  }

  private Extract checked(byte[] file) {
    Extract extract;
    try {
      extract = json.readValue(file, Extract.class);
    } catch (IOException e) {
      LOG.warn("A file was not read in: {}", e.toString());
      throw RefusedException.of("no-extract");
    }
    if (extract == null
        || !Extract.FORMAT.equals(extract.format())
        || extract.kind() == null
        || !extract.hasRows()
        || extract.count(head(extract.kind())) != 1
        || !ExtractTables.of(extract.kind()).keySet().containsAll(extract.rows().keySet())) {
      throw RefusedException.of("no-extract");
    }
    if (extract.schema() > Schema.newest()) {
      throw RefusedException.of("newer-extract");
    }
    return extract;
  }

  /** Inserts all rows and reads them as the screens do; takes them back if that fails. */
  private void insertAndLook(Extract extract) {
    Map<String, Map<Long, Long>> numbers = insert(extract);
    if (extract.kind() == Extract.Kind.CLASS) {
      long read = numbers.get(head(extract.kind())).values().iterator().next();
      // Choosing it would lock all classes while it is looked at.
      classes.as(read, () -> everything.look(numbers));
    } else {
      everything.look(numbers);
    }
  }

  /**
   * Inserts table after table. Each row comes after those that it refers to.
   *
   * @return the numbers of the rows in the file and here, by table
   */
  private Map<String, Map<Long, Long>> insert(Extract extract) {
    room.refuseIfFull();
    Map<String, Map<Long, Long>> numbers = new HashMap<>();
    if (extract.kind() == Extract.Kind.PUPIL) {
      numbers.put("school_class", classesOf(extract));
    }
    for (String table : ExtractTables.of(extract.kind()).keySet()) {
      Set<String> columns = columns(table);
      Map<Long, Long> numbered = numbers.computeIfAbsent(table, any -> new HashMap<>());
      Map<Set<String>, SimpleJdbcInsert> ways = new HashMap<>();
      for (Map<String, Object> row : extract.of(table)) {
        if (!columns.containsAll(row.keySet())) {
          throw RefusedException.of("no-extract");
        }
        SimpleJdbcInsert into =
            ways.computeIfAbsent(Set.copyOf(row.keySet()), some -> into(table, some));
        Map<String, Object> values = values(row, numbers);
        if (row.get(ID) instanceof Number before) {
          numbered.put(before.longValue(), into.executeAndReturnKey(values).longValue());
        } else {
          into.execute(values);
        }
      }
    }
    return numbers;
  }

  /** How rows with some columns go into a table, which is asked for them once. */
  private SimpleJdbcInsert into(String table, Set<String> columns) {
    List<String> written = columns.stream().filter(column -> !column.equals(ID)).toList();
    SimpleJdbcInsert into =
        new SimpleJdbcInsert(tables)
            .withTableName(table)
            .usingColumns(written.toArray(String[]::new));
    return columns.contains(ID) ? into.usingGeneratedKeyColumns(ID) : into;
  }

  /** The values of a row with the numbers that hold here. */
  private static Map<String, Object> values(
      Map<String, Object> row, Map<String, Map<Long, Long>> numbers) {
    Map<String, Object> values = new LinkedHashMap<>(row);
    values.remove(ID);
    NAMES.forEach(
        name ->
            values.computeIfPresent(name, (any, text) -> PlainNames.plain(String.valueOf(text))));
    if (values.containsKey("current_class")) {
      values.put("current_class", false);
    }
    ExtractTables.REFERENCES.forEach(
        (column, to) -> {
          if (values.get(column) instanceof Number number) {
            values.put(column, numbers.getOrDefault(to, Map.of()).get(number.longValue()));
          }
        });
    return values;
  }

  /** Puts the rows of a pupil into the current class, whatever class they came from. */
  private Map<Long, Long> classesOf(Extract extract) {
    long current = currentClass();
    Map<Long, Long> classes = new HashMap<>();
    extract.rows().values().stream()
        .flatMap(List::stream)
        .map(row -> row.get(CLASS_ID))
        .filter(Number.class::isInstance)
        .forEach(id -> classes.put(((Number) id).longValue(), current));
    return classes;
  }

  private long currentClass() {
    return tables
        .queryForList(
            "select id from school_class where current_class and deleted_at is null", Long.class)
        .stream()
        .findFirst()
        .orElseThrow(() -> new MissingException("class"));
  }

  private Set<String> columns(String table) {
    SqlRowSet none = tables.queryForRowSet("select * from " + table + " where 1 = 0");
    Set<String> columns = new HashSet<>();
    for (String column : none.getMetaData().getColumnNames()) {
      columns.add(column.toLowerCase(Locale.ROOT));
    }
    return columns;
  }
}
