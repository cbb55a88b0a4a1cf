package bemble.app.file;

import java.nio.file.Path;
import java.util.Map;
import java.util.function.Function;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.SingleFileStore;

/** Reads the store of a data file without the database above it. */
final class StoreFile {
  private StoreFile() {}

  /**
   * Uses the store of a file, which is let go of in the end, whatever is wrong with it.
   *
   * @throws org.h2.mvstore.MVStoreException where it is no store, or a damaged one, or another
   *     process has it open
   */
  static <T> T read(Path path, Function<MVStore, T> use) {
    SingleFileStore file = new SingleFileStore(Map.of("readOnly", 1));
    file.open(path.toString(), true, null);
    try (MVStore store =
        new MVStore.Builder().fileStore(file).readOnly().autoCommitDisabled().open()) {
      return use.apply(store);
    } finally {
      file.close();
    }
  }
}
