package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Nothing that somebody has put into a data file is run, by whatever way the file comes in. */
class CraftedFileTest {
  @TempDir Path folder;
  private DataFile file;
  private Path mark;

  @BeforeEach
  void makeAGoodFile() throws SQLException {
    file = new DataFile(folder.resolve("bemble"));
    mark = folder.resolve("mark");
    CraftedFile.good(file.base());
    file.check();
  }

  private void isRefused(Executable entrance) throws IOException {
    byte[] before = Files.readAllBytes(file.path());
    UnusableFileException refused = assertThrows(UnusableFileException.class, entrance);
    assertFalse(refused.getMessage().isBlank());
    assertFalse(Files.exists(mark), "something was run");
    assertArrayEquals(before, Files.readAllBytes(file.path()));
  }

  @ParameterizedTest
  @EnumSource
  void isRefusedAtEveryEntrance(CraftedFile crafted) throws IOException, SQLException {
    crafted.make(file.base(), mark);
    Path zip = CraftedFile.backup(file.base(), folder.resolve("earlier.zip"));
    isRefused(file::check);
    isRefused(file::accept);
    isRefused(() -> Backup.write(file, folder.resolve("now.zip")));
    Files.delete(file.seal().path());
    isRefused(file::check);
    isRefused(file::accept);
    file.seal().open(0);
    isRefused(file::check);
    DataFile other = new DataFile(folder.resolve("other").resolve("bemble"));
    isRefused(() -> Backup.read(other, zip));
    assertFalse(Files.exists(other.path()));
  }

  @Test
  void aGoodFilePassesThroughAllOfThem() throws IOException {
    Path zip = CraftedFile.backup(file.base(), folder.resolve("earlier.zip"));
    Backup.write(file, folder.resolve("now.zip"));
    file.accept();
    file.check();
    for (Path each : new Path[] {zip, folder.resolve("now.zip")}) {
      DataFile other = new DataFile(folder.resolve(each.getFileName() + "-read").resolve("bemble"));
      Backup.read(other, each);
      other.check();
      assertEquals(file.rows(), other.rows());
    }
  }

  @Test
  void noObjectIsMadeOfAValue() throws SQLException {
    try (Connection connection = file.connect();
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("select cast(x'aced0005' as java_object)")) {
      assertTrue(rows.next());
      assertThrows(SQLException.class, () -> rows.getObject(1));
    }
  }
}
