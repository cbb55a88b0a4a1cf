package bemble.app.file;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.StandardOpenOption;

/**
 * Held while a Bemble starts on a data file: of two that start together one waits for the other.
 */
public final class StartLock implements AutoCloseable {
  private final FileChannel channel;
  private final boolean waited;

  /**
   * Waits until no other Bemble is starting on the file.
   *
   * @throws UnusableFileException where nothing can be written beside it
   */
  public StartLock(DataFile file) {
    try {
      Folders.make(file.folder());
      channel =
          FileChannel.open(file.starting(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      waited = channel.tryLock() == null;
      if (waited) {
        channel.lock();
      }
    } catch (IOException e) {
      throw new UnusableFileException("no-folder", "folder", file.folder());
    }
  }

  /** Whether another one was starting. */
  public boolean hasWaited() {
    return waited;
  }

  @Override
  public void close() throws IOException {
    channel.close();
  }
}
