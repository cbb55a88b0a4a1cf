package bemble.app.siege;

import bemble.app.file.Look;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.util.FileSystemUtils;

/** The contents of a closed data file or a backup, in the words of {@link Writers}. */
final class Kept {
  private static final String ALL =
      """
      select title from page where deleted_at is null
      union all
      select 'attempt ' || a.who || ' ' || s.n
      from work a,
           (select id as work_id, 0 as n from work where begun_at is not null
            union all select work_id, number + 1 from stroke) s
      where s.work_id = a.id
      union all
      select 'answer ' || p.name || ' ' || a.number || ' ' || a.given
      from work a join pupil p on p.id = a.pupil_id
      where a.handout_id is not null
      """;

  private Kept() {}

  /** The contents of a data file. A copy of it is read, so that it is not written on. */
  static Set<String> in(Path base) throws IOException, SQLException {
    Path file = base.resolveSibling(base.getFileName() + ".mv.db");
    return inFolder(copy -> Files.copy(file, copy.resolveSibling(copy.getFileName() + ".mv.db")));
  }

  /** Puts a data file somewhere. */
  private interface Putting {
    void to(Path base) throws IOException;
  }

  private static Set<String> inFolder(Putting putting) throws IOException, SQLException {
    Path folder = Files.createTempDirectory("kept");
    try {
      putting.to(folder.resolve("kept"));
      return read(folder.resolve("kept"));
    } finally {
      FileSystemUtils.deleteRecursively(folder);
    }
  }

  private static Set<String> read(Path base) throws SQLException {
    Set<String> all = new TreeSet<>();
    String url = "jdbc:h2:file:" + base + ";IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(ALL)) {
      while (rows.next()) {
        all.add(rows.getString(1));
      }
    }
    return all;
  }

  /** The contents of the copies that were made before restores. */
  static Set<String> inCopies(Path base) throws IOException, SQLException {
    Set<String> all = new TreeSet<>();
    Path copies = base.resolveSibling(base.getFileName() + "-copies");
    if (Files.isDirectory(copies)) {
      try (DirectoryStream<Path> before = Files.newDirectoryStream(copies, "before-*")) {
        for (Path copy : before) {
          all.addAll(inBackup(copy));
        }
      }
    }
    return all;
  }

  /** The contents of a backup. */
  static Set<String> inBackup(Path zip) throws IOException, SQLException {
    return inFolder(
        base -> {
          if (!Look.isBackup(base, zip)) {
            throw new IOException(zip + " is no backup");
          }
        });
  }
}
