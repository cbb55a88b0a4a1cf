package bemble.app.file;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.h2.result.SearchRow;

/**
 * The definitions in a data file: its tables, views, constraints and whatever else the database
 * would carry out when it opens the file. They are read from the store underneath the database, so
 * that nothing of a foreign file is run.
 *
 * @param store the version of the store
 * @param schema the newest version of the tables that is noted in the file; 0 if there is none
 * @param texts the definitions, without the names and numbers that the database makes up
 */
record Definitions(long store, int schema, SortedSet<String> texts) {
  private static final String ALL = "table.0";
  private static final int ALL_COLUMNS = 4;
  private static final int TEXT = 3;

  private static final Pattern HISTORY =
      Pattern.compile("CREATE CACHED TABLE \"PUBLIC\"\\.\"flyway_schema_history\"\\(");
  private static final int HISTORY_COLUMNS = 10;
  private static final int VERSION = 1;

  /** The definitions that a file has before its first table. */
  private static final SortedSet<String> NONE =
      new TreeSet<>(List.of("CREATE USER IF NOT EXISTS \"SA\" ADMIN", "SET CREATE_BUILD"));

  private static final String VIEW = "CREATE FORCE VIEW ";

  /** Whatever of a definition differs between files of one version. */
  private static final List<Pattern> MADE_UP =
      List.of(
          Pattern.compile(
              "(?<=\"(SYSTEM_SEQUENCE|PRIMARY_KEY|CONSTRAINT))(_INDEX)?(_[0-9A-F]++)+(_INDEX_[0-9A-F]++)?(?=\")"),
          Pattern.compile(" (RE)?START WITH \\d++"),
          Pattern.compile(" SELECTIVITY \\d++"),
          Pattern.compile(" SALT '[0-9a-f]++' HASH '[0-9a-f]++'"),
          Pattern.compile("(?<=^SET CREATE_BUILD) \\d++"));

  /**
   * Reads the definitions of a file.
   *
   * @throws ForeignTypesException where its values are of types that Bemble's files do not have
   * @throws MVStoreException where it is no store, or a damaged one, or another process has it open
   */
  static Definitions of(Path file) {
    if (isBare(file)) {
      return new Definitions(0, 0, new TreeSet<>());
    }
    return StoreFile.read(file, Definitions::of);
  }

  private static Definitions of(MVStore store) {
    StoredRows.refuseForeignTypes(store);
    SortedSet<String> texts = new TreeSet<>();
    int schema = 0;
    for (StoredRows.Row row : StoredRows.of(store, ALL, ALL_COLUMNS)) {
      String text = text(row.values(), TEXT);
      texts.add(plain(text));
      if (HISTORY.matcher(text).lookingAt()) {
        schema = Math.max(schema, newest(store, row.number()));
      }
    }
    return new Definitions(store.getCurrentVersion(), schema, texts);
  }

  private static boolean isBare(Path file) {
    try {
      return Files.size(file) == 0;
    } catch (IOException e) {
      return false;
    }
  }

  private static int newest(MVStore store, long history) {
    int newest = 0;
    for (StoredRows.Row row : StoredRows.of(store, "table." + history, HISTORY_COLUMNS)) {
      String version = text(row.values(), VERSION);
      if (version.matches("\\d{1,9}")) {
        newest = Math.max(newest, Integer.parseInt(version));
      }
    }
    return newest;
  }

  private static String text(SearchRow row, int column) {
    return String.valueOf(row.getValue(column).getString());
  }

  private static String plain(String text) {
    String plain = text;
    for (Pattern each : MADE_UP) {
      plain = each.matcher(plain).replaceAll("");
    }
    return plain.startsWith(VIEW) ? inAnyOrder(plain) : plain;
  }

  /** The database writes the conditions of a view in an order of its own. */
  private static String inAnyOrder(String view) {
    return Stream.of(view.split("[\\s()]+")).sorted().collect(Collectors.joining(" "));
  }

  /** Whether there are no tables yet, nor anything else. */
  boolean isEmpty() {
    return NONE.containsAll(texts);
  }

  /** A digest that is the same for all files with these definitions. */
  String digest() {
    MessageDigest digest = Sha256.begin();
    texts.forEach(text -> digest.update((text + "\n").getBytes(StandardCharsets.UTF_8)));
    return Sha256.end(digest);
  }
}
