package bemble.app.file;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.core.io.support.PropertiesLoaderUtils;

/** The versions of the schema that this Bemble knows. */
public final class Schema {
  private static final Pattern NAME = Pattern.compile("V(\\d+)__.*");

  /** The digest of the definitions of each version, by its number. */
  private static final Properties DEFINITIONS = definitions();

  /** The checksum of each version, as Flyway notes it in the file. */
  private static final Map<Integer, Integer> CHECKSUMS = checksums();

  private Schema() {}

  /** The newest of the versions. */
  public static int newest() {
    return CHECKSUMS.size();
  }

  /** The version of the tables of a database. */
  static int of(Connection database) throws SQLException {
    try (Statement statement = database.createStatement();
        ResultSet result =
            statement.executeQuery(
                "select max(cast(\"version\" as int)) from \"flyway_schema_history\"")) {
      result.next();
      return result.getInt(1);
    }
  }

  /** Whether a file has the definitions of its version and no other. */
  static boolean isOwn(Definitions found) {
    return found.digest().equals(DEFINITIONS.getProperty(String.valueOf(found.schema())));
  }

  /** Whether the tables of a database came about by the versions that this Bemble knows. */
  static boolean isOwnHistory(Connection database) throws SQLException {
    int version = of(database);
    Map<Integer, Integer> noted = new TreeMap<>();
    try (Statement statement = database.createStatement();
        ResultSet rows =
            statement.executeQuery(
                "select cast(\"version\" as int), \"checksum\" from \"flyway_schema_history\""
                    + " where \"success\" and \"version\" is not null")) {
      while (rows.next()) {
        noted.put(rows.getInt(1), rows.getInt(2));
      }
    }
    Map<Integer, Integer> own = new TreeMap<>(CHECKSUMS);
    own.keySet().removeIf(each -> each > version);
    return noted.equals(own);
  }

  private static Properties definitions() {
    try {
      return PropertiesLoaderUtils.loadProperties(
          new ClassPathResource("db/definitions.properties"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Map<Integer, Integer> checksums() {
    Map<Integer, Integer> checksums = new TreeMap<>();
    try {
      for (Resource migration :
          new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql")) {
        Matcher name = NAME.matcher(String.valueOf(migration.getFilename()));
        if (name.matches()) {
          checksums.put(Integer.parseInt(name.group(1)), checksum(migration));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return checksums;
  }

  /** Flyway takes the lines without their ends. */
  private static int checksum(Resource migration) throws IOException {
    CRC32 checksum = new CRC32();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(migration.getInputStream(), StandardCharsets.UTF_8))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        checksum.update(line.getBytes(StandardCharsets.UTF_8));
      }
    }
    return (int) checksum.getValue();
  }
}
