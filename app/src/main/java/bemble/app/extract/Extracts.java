package bemble.app.extract;

import bemble.app.file.DataReplaced;
import bemble.app.file.DiskSpace;
import bemble.app.file.EarlierTables;
import bemble.app.file.Schema;
import bemble.app.house.Classes;
import bemble.app.refusal.DiskFullException;
import bemble.app.refusal.NotWrittenException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.Map;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
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
    return new ExtractRows(tables).take(kind, id);
  }

  /** Reads a file in: a class beside those that are there, a pupil into the current class. */
  public ExtractView read(byte[] file) {
    Extract given = checked(file);
    Extract extract;
    try {
      extract = given.schema() < Schema.newest() ? broughtUp(given) : given;
      transactions.executeWithoutResult(status -> insertAndLook(extract));
    } catch (DuplicateKeyException e) {
      throw RefusedException.of("extract-name-twice", "name", name(given));
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
        extract.answers());
  }

  private static String name(Extract extract) {
    return String.valueOf(extract.of(extract.kind().head()).get(0).get("name"));
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
        || extract.count(extract.kind().head()) != 1
        || !ExtractTables.known(extract.kind()).containsAll(extract.rows().keySet())) {
      throw RefusedException.of("no-extract");
    }
    if (extract.schema() > Schema.newest()) {
      throw RefusedException.of("newer-extract");
    }
    return extract;
  }

  /** The same rows as the newest tables have them. */
  private static Extract broughtUp(Extract earlier) {
    try (EarlierTables then = new EarlierTables(earlier.schema())) {
      ExtractRows rows = new ExtractRows(then.tables());
      long id = head(earlier, rows.insert(earlier));
      then.migrate();
      return rows.take(earlier.kind(), id);
    }
  }

  /** The number that the class or the pupil of an extract was given. */
  private static long head(Extract extract, Map<String, Map<Long, Long>> numbers) {
    return Objects.requireNonNull(numbers.get(extract.kind().head())).values().iterator().next();
  }

  /** Inserts all rows and reads them as the screens do; takes them back if that fails. */
  private void insertAndLook(Extract extract) {
    room.refuseIfFull();
    Map<String, Map<Long, Long>> numbers = new ExtractRows(tables).insert(extract);
    if (extract.kind() == Extract.Kind.CLASS) {
      long read = head(extract, numbers);
      // Choosing it would lock all classes while it is looked at.
      classes.as(read, () -> everything.look(numbers));
    } else {
      everything.look(numbers);
    }
  }
}
