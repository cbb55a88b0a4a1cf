package bemble.app.file;

import java.nio.file.Path;

/** Gives tests of other packages Bemble's look at a data file before it is opened. */
public final class Look {
  private Look() {}

  /** Whether the file would be opened. */
  public static boolean isTaken(Path base) {
    try {
      new DataFile(base).check();
      return true;
    } catch (UnusableFileException e) {
      return false;
    }
  }

  /** Whether a backup would be brought back; it is unpacked beside the data file of that base. */
  public static boolean isBackup(Path base, Path zip) {
    try {
      Backup.read(new DataFile(base), zip);
      return true;
    } catch (UnusableFileException e) {
      return false;
    }
  }
}
