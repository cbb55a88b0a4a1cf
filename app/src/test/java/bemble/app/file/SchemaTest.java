package bemble.app.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;

/** The tables of each version, as they are in a file. */
class SchemaTest {
  @TempDir Path folder;

  private DataFile file(String name) {
    return new DataFile(folder.resolve(name));
  }

  private static void migrate(DataFile file, int version) {
    Flyway.configure()
        .dataSource("jdbc:h2:file:" + file.base(), "sa", "")
        .target(String.valueOf(version))
        .load()
        .migrate();
  }

  /** A new migration gets a line in {@code db/definitions.properties}: the one that this names. */
  @Test
  void knowsTheDefinitionsOfEveryVersion() throws IOException {
    Map<String, String> found = new TreeMap<>();
    DataFile upgraded = file("upgraded");
    for (int version = 1; version <= Schema.newest(); version++) {
      migrate(upgraded, version);
      found.put(String.valueOf(version), Definitions.of(upgraded.path()).digest());
    }
    Map<String, String> noted = new TreeMap<>();
    PropertiesLoaderUtils.loadProperties(new ClassPathResource("db/definitions.properties"))
        .forEach((version, digest) -> noted.put(version.toString(), digest.toString()));
    assertEquals(found, noted);
  }

  /** A file that was made in one go has the definitions of one that was brought there by steps. */
  @Test
  void findsTheSameDefinitionsInAFileThatSkippedVersions() {
    for (int version : List.of(5, 14, 19, 27, Schema.newest())) {
      DataFile fresh = file("fresh-" + version);
      migrate(fresh, version);
      Definitions found = Definitions.of(fresh.path());
      assertEquals(version, found.schema());
      assertTrue(Schema.isOwn(found), "version " + version);
    }
  }

  @Test
  void namesEveryTableAfterThoseThatItRefersTo() throws SQLException {
    try (Connection file = file("ordered").make(Schema.newest())) {
      List<String> order = Tables.inOrder(file);
      assertTrue(order.indexOf("sheet") > order.indexOf("handout"), order::toString);
      assertTrue(order.indexOf("stroke") > order.indexOf("work"), order::toString);
      assertTrue(order.containsAll(Tables.nextNumbers(file).keySet()));
    }
  }
}
