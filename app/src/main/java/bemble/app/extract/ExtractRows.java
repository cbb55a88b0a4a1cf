package bemble.app.extract;

import bemble.app.file.EarlierTables;
import bemble.app.file.NamesInText;
import bemble.app.file.Schema;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.words.PlainNames;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.SimpleJdbcInsert;
import org.springframework.jdbc.support.rowset.SqlRowSet;

/** Takes the rows of a class or a pupil out of some tables, and inserts them into others. */
record ExtractRows(JdbcTemplate tables) {
  /** The columns of texts that a teacher or a pupil wrote. */
  private static final List<String> WRITTEN = List.of("title", "note", "explanation");

  /** The columns of names and titles. */
  private static final List<String> NAMES = List.of("name", "title", "who");

  private static final String ID = "id";
  private static final String CLASS_ID = "class_id";

  /** A class or a pupil with all rows of it. */
  Extract take(Extract.Kind kind, long id) {
    Map<String, List<Map<String, Object>>> rows = new LinkedHashMap<>();
    ExtractTables.of(kind)
        .forEach(
            (table, where) -> {
              String condition = where.replace(":id", String.valueOf(id));
              rows.put(
                  table,
                  tables.query(
                      "select %1$s.* from %1$s %2$s order by 1".formatted(table, condition),
                      (row, number) -> {
                        Map<String, Object> values = new LinkedHashMap<>();
                        for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                          String column =
                              row.getMetaData().getColumnName(i).toLowerCase(Locale.ROOT);
                          Object value = row.getObject(i);
                          if (value != null) {
                            values.put(column, plain(value));
                          }
                        }
                        return values;
                      }));
            });
    if (kind == Extract.Kind.PUPIL) {
      List<String> others = othersThan(id);
      rows.values().forEach(table -> table.forEach(row -> takeOut(others, row)));
    }
    Extract extract = new Extract(Extract.FORMAT, Schema.newest(), kind, rows);
    if (extract.count(kind.head()) == 0) {
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

  /** Days and moments are written as text. */
  private static Object plain(Object value) {
    return value instanceof Number || value instanceof Boolean ? value : value.toString();
  }

  /**
   * Inserts table after table. Each row comes after those that it refers to.
   *
   * @return the numbers of the rows in the file and here, by table
   */
  Map<String, Map<Long, Long>> insert(Extract extract) {
    Map<String, Map<Long, Long>> numbers = new HashMap<>();
    if (extract.kind() == Extract.Kind.PUPIL) {
      numbers.put("school_class", classesOf(extract));
    }
    List<String> order = EarlierTables.inOrder(tables);
    if (!order.containsAll(extract.rows().keySet())) {
      throw RefusedException.of("no-extract");
    }
    for (String table : order) {
      Set<String> columns = columns(table);
      Map<Long, Long> numbered = numbers.computeIfAbsent(table, any -> new HashMap<>());
      Map<Set<String>, SimpleJdbcInsert> ways = new HashMap<>();
      for (Map<String, Object> row : extract.of(table)) {
        if (!columns.containsAll(row.keySet())) {
          throw RefusedException.of("no-extract");
        }
        SimpleJdbcInsert into =
            ways.computeIfAbsent(Set.copyOf(row.keySet()), some -> into(table, some));
        Map<String, Object> values = values(table, row, numbers);
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
      String table, Map<String, Object> row, Map<String, Map<Long, Long>> numbers) {
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
            String named = to.equals(ExtractTables.ITSELF) ? table : to;
            values.put(column, numbers.getOrDefault(named, Map.of()).get(number.longValue()));
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
