package bemble.app.file;

import bemble.app.guard.Epoch;
import bemble.app.once.RequestInHand;
import bemble.app.table.Changes;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;

/** Opens the data file once it is known to be good, and seals it when all is done. */
@Configuration
@EnableScheduling
class FileConfiguration {
  @Bean
  DataFile dataFile(@Value("${bemble.data}") Path base) {
    DataFile file = new DataFile(base);
    try {
      Folders.make(file.folder());
      if (!Files.isWritable(file.folder())) {
        throw new UnusableFileException("no-folder", "folder", file.folder());
      }
      Folders.ownIfAlone(file.folder(), file.base().getFileName().toString());
    } catch (IOException e) {
      throw new UnusableFileException("no-folder", "folder", file.folder());
    }
    file.check();
    return file;
  }

  /** Is closed, which packs and seals the file, when all that uses it is. */
  @Bean
  OpenFile openFile(DataFile file, Clock clock, Replacement replacement, BuildProperties build)
      throws IOException {
    Copier.copyClosed(file, clock, build.getVersion());
    OpenFile open = new OpenFile(file, replacement::tell);
    file.version().write(build.getVersion());
    WorkFolder.clean(file);
    return open;
  }

  @Bean
  @ConfigurationProperties("spring.datasource.hikari")
  HikariDataSource dataSource(OpenFile open) {
    return new ReopeningPool(open);
  }

  @Bean
  Gate gate(Epoch epoch) {
    return new Gate(epoch);
  }

  @Bean
  PlatformTransactionManager transactions(
      DataSource source, Gate gate, OpenFile open, DiskSpace room, Changes changes) {
    return new KeepingTransactions(source, gate, open, room, changes);
  }

  @Bean
  DiskSpace room(DataFile file) {
    return new DiskSpace(file.folder());
  }

  @Bean
  WriteGuard writeGuard(
      DiskSpace room,
      OpenFile open,
      TransactionOperations transactions,
      ObjectProvider<RequestInHand> inHand) {
    return new WriteGuard(room, open, transactions, inHand::getObject);
  }

  @Bean
  Copier copier(DataFile file, OpenFile open, DiskSpace room, Clock clock) {
    return new Copier(file, open, room, clock);
  }
}
