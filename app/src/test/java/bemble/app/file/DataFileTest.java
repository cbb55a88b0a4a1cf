package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.siege.Mutation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
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

  /** Changes a file; what was there stays in its place, however long closing it takes. */
  private static void run(DataFile on, String sql) throws SQLException {
    String unpacked = url(on) + ";MAX_COMPACT_TIME=0";
    try (Connection connection = DriverManager.getConnection(unpacked, "sa", "");
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
    UnusableFileException refused = assertThrows(UnusableFileException.class, () -> file.check());
    assertTrue(refused.getMessage().contains(why), refused::getMessage);
    assertTrue(refused.getMessage().contains(file.path().toString()), refused::getMessage);
    assertArrayEquals(before, Files.readAllBytes(file.path()));
  }

  @Test
  void theFileOfACleanStopIsGood() {
    assertDoesNotThrow(() -> file.check());
  }

  /** The demo's weeks are written in one transaction of several seconds. */
  @Test
  void aChangeWaitsForALongOne() throws SQLException {
    try (Connection connection = DriverManager.getConnection(file.url(), "sa", "");
        ResultSet wait = connection.createStatement().executeQuery("call lock_timeout()")) {
      assertTrue(wait.next());
      assertTrue(wait.getInt(1) >= 10_000);
    }
  }

  @Test
  void noFileAtAllIsANewBeginning() {
    assertDoesNotThrow(() -> new DataFile(folder.resolve("new")).check());
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
    isRefusedUntouched("not as Bemble left it");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "This is a letter to my aunt.", "\u0000\u0000\u0000\u0000"})
  void aFileThatIsNoneIsRefusedUntouchedWithoutASeal(String text) throws IOException {
    Files.delete(file.seal().path());
    Files.writeString(file.path(), text);
    isRefusedUntouched("left as it is");
  }

  @Test
  void aDatabaseOfSomethingElseIsRefusedUntouched() throws IOException, SQLException {
    file = new DataFile(folder.resolve("foreign"));
    run(file, "create table recipe (name varchar(20))");
    isRefusedUntouched("no data file of Bemble");
  }

  @ParameterizedTest
  @CsvSource({
    "newer Bemble, update \"flyway_schema_history\" set \"version\" = '999' where \"version\" ="
        + " '1'",
    "another build, update \"flyway_schema_history\" set \"checksum\" = 7 where \"version\" = '3'",
    "not Bemble’s own, drop table stroke",
    "not Bemble’s own, drop view evidence"
  })
  void aFileWithOtherTablesIsRefusedUntouched(String why, String change)
      throws IOException, SQLException {
    run(file, change);
    file.close();
    isRefusedUntouched(why);
  }

  @Test
  void afterAKilledProcessTheFileIsGood() throws SQLException {
    file.open();
    run(file, "delete from page where title = 'Bulbs 7'");
    assertDoesNotThrow(() -> file.check());
    assertEquals(59, pages(file));
  }

  /** The first lines of a new file are not on the disk yet. */
  @Test
  void aFileThatWasKilledInItsFirstMomentsIsGood() throws IOException {
    DataFile early = new DataFile(folder.resolve("early"));
    MVStore.open(early.path().toString()).close();
    early.open();
    byte[] before = Files.readAllBytes(early.path());
    assertDoesNotThrow(() -> early.check());
    assertDoesNotThrow(() -> Copier.copyClosed(early, Clock.systemUTC(), "1.0.0"));
    assertFalse(Files.exists(early.copies()), "there is nothing to copy");
    assertArrayEquals(before, Files.readAllBytes(early.path()));
  }

  /** What was there when the file was opened has digests; what was written since has none. */
  @Test
  void aBitThatFlipsAfterAKillInWhatWasThereIsKnown() throws IOException, SQLException {
    byte[] closed = Files.readAllBytes(file.path());
    file.open();
    run(file, "update page set note = 'changed' where title = 'Bulbs 7'");
    assertDoesNotThrow(() -> file.check());
    byte[] killed = Files.readAllBytes(file.path());
    Random random = new Random(11);
    int same = 0;
    int known = 0;
    for (int i = 0; i < 60; i++) {
      int at = 8192 + random.nextInt(closed.length - 8192);
      if (at < killed.length && killed[at] == closed[at]) {
        byte[] flipped = killed.clone();
        flipped[at] ^= (byte) (1 << random.nextInt(8));
        Files.write(file.path(), flipped);
        same++;
        known += Look.isTaken(file.base()) ? 0 : 1;
      }
    }
    assertTrue(same > 20, "too little is as it was: " + same);
    assertTrue(known > 0, "no flip is known");
    Files.write(file.path(), killed);
    assertDoesNotThrow(() -> file.check());
    file.accept();
    assertFalse(Files.exists(folder.resolve("bemble.chunks")));
  }

  /** As a full disk or a careless copy leaves it, after a kill. */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void anEmptyFileIsRefusedWhereSomethingWasConfirmed(boolean isBare) throws IOException {
    file.open();
    Files.delete(file.path());
    if (isBare) {
      Files.createFile(file.path());
    } else {
      MVStore.open(file.path().toString()).close();
    }
    isRefusedUntouched("lacks the changes that were confirmed last");
  }

  /**
   * The seal of an open file tells how much was confirmed, so that a file that was cut is known.
   */
  @Test
  void aFileThatWasCutAfterAKillIsRefusedUntilItIsAccepted() throws IOException, SQLException {
    file.open();
    run(file, "delete from page where title = 'Bulbs 7'");
    file.seal().note(1_000_000);
    isRefusedUntouched("lacks the changes that were confirmed last");
    String said = file.accept();
    assertTrue(said.contains("one class, no pupil and 60 entries"), said);
    assertDoesNotThrow(() -> file.check());
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "\u0000\u0000", "open 12\n", "4096 abc\n"})
  void aSealThatSaysNothingIsToldAndAccepted(String torn) throws IOException {
    Files.writeString(file.seal().path(), torn);
    isRefusedUntouched("Nobody can tell whether");
    file.accept();
    assertDoesNotThrow(() -> file.check());
  }

  @Test
  void aGoodFileBesideTheSealOfAnotherIsToldAndAccepted() throws IOException, SQLException {
    byte[] earlier = Files.readAllBytes(file.path());
    run(file, "delete from page");
    file.close();
    Files.write(file.path(), earlier);
    isRefusedUntouched("another file was put in its place");
    assertTrue(file.accept().contains("61 entries"));
    assertDoesNotThrow(() -> file.check());
  }

  @Test
  void whatCannotBeReadIsNotAccepted() throws IOException {
    Files.writeString(file.path(), "This is a letter to my aunt.");
    assertThrows(UnusableFileException.class, file::accept);
    isRefusedUntouched("not as Bemble left it");
  }

  @Test
  void onlyTheOwnerMayReadTheFileAndItsSeal() throws IOException {
    for (Path each : List.of(file.path(), file.seal().path())) {
      assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(each)));
    }
  }

  @Test
  void aFileThatIsOpenIsNamedAsSuch() throws SQLException {
    file.open();
    try (Connection connection = DriverManager.getConnection(url(file), "sa", "")) {
      assertFalse(connection.isClosed());
      UnusableFileException refused = assertThrows(UnusableFileException.class, () -> file.check());
      assertTrue(refused.getMessage().contains("open in another Bemble"), refused::getMessage);
    }
  }

  @Test
  void aBackupBringsEverythingBack() throws IOException, SQLException {
    Path zip = folder.resolve("all.zip");
    Backup.write(file, zip);
    run(file, "delete from page");
    file.close();
    String said = Backup.read(file, zip);
    assertTrue(said.contains(file.path().toString()), said);
    assertDoesNotThrow(() -> file.check());
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

  /** A backup that was changed is refused before anything is touched. */
  @Test
  void everyMutatedBackupReplacesNothing() throws IOException {
    Path zip = folder.resolve("all.zip");
    Backup.write(file, zip);
    byte[] good = Files.readAllBytes(zip);
    byte[] before = Files.readAllBytes(file.path());
    Random random = new Random(29);
    for (int i = 0; i < 150; i++) {
      Path mutated = Files.write(folder.resolve("mutated.zip"), Mutation.of(good, random));
      assertThrows(UnusableFileException.class, () -> Backup.read(file, mutated));
    }
    assertArrayEquals(before, Files.readAllBytes(file.path()));
    try (Stream<Path> left = Files.list(folder)) {
      assertTrue(left.noneMatch(each -> each.getFileName().toString().contains("restoring")));
    }
  }

  /** As an earlier Bemble has made them: the data file in a zip, no more. */
  @Test
  void aBackupWithoutADigestIsTakenIfItIsWhole() throws IOException, SQLException {
    Path zip = packed(Files.readAllBytes(file.path()));
    run(file, "delete from page");
    Backup.read(file, zip);
    assertEquals(60, pages(file));
    byte[] data = Files.readAllBytes(file.path());
    byte[] flipped = Files.readAllBytes(zip);
    flipped[flipped.length / 2] ^= 1;
    Files.write(zip, flipped);
    assertThrows(UnusableFileException.class, () -> Backup.read(file, zip));
    assertArrayEquals(data, Files.readAllBytes(file.path()));
  }

  @Test
  void aBackupThatGrowsWithoutEndIsLeftAtALimit() throws IOException {
    Path zip = packed(new byte[64 << 20]);
    assertThrows(UnusableFileException.class, () -> Backup.read(file, zip));
  }

  private Path packed(byte[] data) throws IOException {
    Path zip = folder.resolve("packed.zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      out.putNextEntry(new ZipEntry("bemble.mv.db"));
      out.write(data);
    }
    return zip;
  }

  @Test
  void aZipThatIsNotThereIsNamed() {
    assertThrows(
        UnusableFileException.class, () -> Backup.read(file, folder.resolve("nowhere.zip")));
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

  @Test
  void whatAnotherVersionLeftIsCopiedOnceMoreAndStaysAmongTheCopies() {
    Copies copies = new Copies(file.copies());
    for (String version : List.of("1.0.0", "1.0.0", "1.1.0", "1.1.0")) {
      Copier.copyClosed(file, Clock.systemUTC(), version);
      file.version().write(version);
    }
    assertEquals(2, copies.all().stream().filter(Copies.Copy::before).count());
    assertEquals(1, copies.ofDays().size());
  }
}
