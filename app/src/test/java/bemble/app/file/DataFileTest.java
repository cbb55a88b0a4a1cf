package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A file that is not as it was left is never written on. */
class DataFileTest {
  @TempDir Path folder;
  private DataFile file;

  @BeforeEach
  void keepSomething() throws SQLException {
    file = new DataFile(folder.resolve("bemble"));
    Flyway.configure().dataSource(url(file), "sa", "").load().migrate();
    run(
        file,
        "insert into page (plain, method, style, title, note, kept_at) select '46 + 38',"
            + " 'column', '{}', 'Bulbs ' || x, '"
            + "a note ".repeat(100)
            + "', current_timestamp from system_range(1, 60)");
    file.close();
  }

  private static String url(DataFile of) {
    return "jdbc:h2:file:" + of.base();
  }

  private static void run(DataFile on, String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(on), "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private static int pages(DataFile in) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url(in), "sa", "");
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery("select count(*) from page")) {
      result.next();
      return result.getInt(1);
    }
  }

  private void isRefusedUntouched(String why) throws IOException {
    byte[] before = Files.readAllBytes(file.path());
    UnusableFileException refused =
        assertThrows(UnusableFileException.class, () -> file.check(Schema.newest()));
    assertTrue(refused.getMessage().contains(why), refused::getMessage);
    assertTrue(refused.getMessage().contains(file.path().toString()), refused::getMessage);
    assertArrayEquals(before, Files.readAllBytes(file.path()));
  }

  @Test
  void theFileOfACleanStopIsGood() {
    assertDoesNotThrow(() -> file.check(Schema.newest()));
  }

  @Test
  void noFileAtAllIsANewBeginning() {
    assertDoesNotThrow(() -> new DataFile(folder.resolve("new")).check(Schema.newest()));
  }

  static Stream<Arguments> damages() {
    return Stream.of(
        Arguments.of("without its last 20 kB", 20_000, -1),
        Arguments.of("without its last byte", 1, -1),
        Arguments.of("with noise in the middle", 0, 5_000),
        Arguments.of("with another byte at its end", -1, -1));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("damages")
  void aDamagedFileIsRefusedUntouched(String how, int less, int noise) throws IOException {
    byte[] bytes = Files.readAllBytes(file.path());
    byte[] damaged = Arrays.copyOf(bytes, bytes.length - less);
    if (noise >= 0) {
      byte[] other = new byte[300];
      new Random(4).nextBytes(other);
      System.arraycopy(other, 0, damaged, noise, other.length);
    }
    Files.write(file.path(), damaged);
    isRefusedUntouched("damaged");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "This is a letter to my aunt.", "\u0000\u0000\u0000\u0000"})
  void aFileThatIsNoneIsRefusedUntouchedWithoutASeal(String text) throws IOException {
    file.open();
    Files.writeString(file.path(), text);
    isRefusedUntouched("left as it is");
  }

  @Test
  void aDatabaseOfSomethingElseIsRefusedUntouched() throws IOException, SQLException {
    file = new DataFile(folder.resolve("foreign"));
    run(file, "create table recipe (name varchar(20))");
    isRefusedUntouched("no data file of Bemble");
  }

  @Test
  void aFileOfANewerBembleIsRefusedUntouched() throws IOException {
    byte[] before = Files.readAllBytes(file.path());
    int older = Schema.newest() - 1;
    UnusableFileException refused =
        assertThrows(UnusableFileException.class, () -> file.check(older));
    assertTrue(refused.getMessage().contains("newer Bemble"));
    assertArrayEquals(before, Files.readAllBytes(file.path()));
  }

  @Test
  void afterAKilledProcessThereIsNoSealAndTheFileIsGood() throws SQLException {
    file.open();
    assertFalse(Files.exists(file.seal()));
    run(file, "delete from page where title = 'Bulbs 7'");
    assertDoesNotThrow(() -> file.check(Schema.newest()));
    assertEquals(59, pages(file));
  }

  @Test
  void aFileThatIsOpenIsNamedAsSuch() throws SQLException {
    file.open();
    try (Connection connection = DriverManager.getConnection(url(file), "sa", "")) {
      assertFalse(connection.isClosed());
      // The same process may open it twice; another one may not, as the journeys show.
      assertDoesNotThrow(() -> file.check(Schema.newest()));
    } catch (UnusableFileException refused) {
      assertTrue(refused.getMessage().contains("open in another Bemble"));
    }
  }

  @Test
  void aBackupBringsEverythingBack() throws IOException, SQLException {
    Path zip = folder.resolve("all.zip");
    Backup.write(file, zip);
    file.open();
    run(file, "delete from page");
    file.close();
    String said = Backup.read(file, zip);
    assertTrue(said.contains(file.path().toString()), said);
    assertDoesNotThrow(() -> file.check(Schema.newest()));
    assertEquals(60, pages(file));
    try (Stream<Path> copies = Files.list(file.copies())) {
      assertEquals(
          1, copies.filter(each -> each.getFileName().toString().startsWith("before-")).count());
    }
  }

  @Test
  void aBackupReplacesADamagedFile() throws IOException, SQLException {
    Path zip = folder.resolve("all.zip");
    Backup.write(file, zip);
    Files.writeString(file.path(), "torn");
    Backup.read(file, zip);
    assertEquals(60, pages(file));
  }

  @ParameterizedTest
  @ValueSource(strings = {"not a zip", ""})
  void whatIsNoBackupReplacesNothing(String text) throws IOException {
    Path zip = Files.writeString(folder.resolve("letter.zip"), text);
    byte[] before = Files.readAllBytes(file.path());
    assertThrows(UnusableFileException.class, () -> Backup.read(file, zip));
    assertThrows(
        UnusableFileException.class, () -> Backup.read(file, folder.resolve("nowhere.zip")));
    assertArrayEquals(before, Files.readAllBytes(file.path()));
    try (Stream<Path> left = Files.list(folder)) {
      assertTrue(left.noneMatch(each -> each.getFileName().toString().startsWith("restoring")));
    }
  }

  @Test
  void aBackupBeginsAFileThatIsNotThere() throws IOException, SQLException {
    Path zip = folder.resolve("all.zip");
    Backup.write(file, zip);
    DataFile anew = new DataFile(folder.resolve("elsewhere").resolve("bemble"));
    String said = Backup.read(anew, zip);
    assertFalse(said.contains("before"), said);
    assertEquals(60, pages(anew));
  }
}
