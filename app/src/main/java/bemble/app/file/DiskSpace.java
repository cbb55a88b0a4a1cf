package bemble.app.file;

import bemble.app.refusal.DiskFullException;
import bemble.app.refusal.NotWrittenException;
import java.io.File;
import java.nio.file.Path;

/**
 * The room on the disk that the data file is on. A database whose disk is full closes itself; one
 * that was not asked to write goes on as soon as there is room.
 */
public final class DiskSpace {
  /** The least free space: more than the largest change, with the database's own writing. */
  static final long LEAST_BYTES = 16L << 20;

  private final File folder;

  DiskSpace(Path folder) {
    this.folder = folder.toFile();
  }

  /** Refuses to write while the disk is nearly full. */
  public void refuseIfFull() {
    refuseIfLess(0);
  }

  /** The reason for a failure of the database: a full disk, or the failure itself. */
  RuntimeException reason(Throwable failure) {
    return folder.getUsableSpace() < LEAST_BYTES
        ? new DiskFullException()
        : new NotWrittenException(failure);
  }

  /** Refuses to write so many bytes where the disk would be nearly full then. */
  void refuseIfLess(long bytes) {
    if (folder.getUsableSpace() < LEAST_BYTES + bytes) {
      throw new DiskFullException();
    }
  }
}
