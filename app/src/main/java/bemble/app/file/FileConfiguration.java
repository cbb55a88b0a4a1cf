package bemble.app.file;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Opens the data file once it is known to be good, and seals it when all is done. */
@Configuration
@EnableScheduling
class FileConfiguration {
  @Bean
  DataFile dataFile(@Value("${bemble.data}") Path base) throws IOException {
    Path folder = base.toAbsolutePath().getParent();
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw new UnusableFileException("no-folder", folder);
    }
    if (!Files.isWritable(folder)) {
      throw new UnusableFileException("no-folder", folder);
    }
    DataFile file = new DataFile(base);
    file.check(Schema.newest());
    return file;
  }

  /** A pool whose closing packs the file and seals it. */
  @Bean
  @ConfigurationProperties("spring.datasource.hikari")
  HikariDataSource dataSource(DataFile file, DataSourceProperties properties) {
    file.open();
    SealingPool pool = new SealingPool(file);
    pool.setJdbcUrl(properties.determineUrl());
    pool.setUsername(properties.determineUsername());
    pool.setPassword(properties.determinePassword());
    return pool;
  }

  private static final class SealingPool extends HikariDataSource {
    private final transient DataFile file;

    SealingPool(DataFile file) {
      this.file = file;
    }

    @Override
    public void close() {
      if (isClosed()) {
        return;
      }
      try (Connection connection = getConnection();
          Statement statement = connection.createStatement()) {
        statement.execute("shutdown compact");
      } catch (SQLException e) {
        // A file that could not be packed is closed as it is.
        super.close();
        return;
      }
      super.close();
      file.close();
    }
  }

  @Bean
  RoomGuard roomGuard(DataFile file) {
    return new RoomGuard(file.path().toAbsolutePath().getParent().toFile());
  }

  @Bean
  Keeper keeper(DataFile file, DataSource source, Clock clock) {
    Keeper keeper = new Keeper(file, source, clock);
    if (Files.exists(file.path())) {
      keeper.copy();
    }
    return keeper;
  }
}
