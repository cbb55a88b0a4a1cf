package bemble.app.file;

import bemble.app.refusal.SaidException;
import bemble.app.words.Sentences;

/** A data file that Bemble must not write on; it was left unchanged. */
public final class UnusableFileException extends SaidException {
  private final boolean newer;

  UnusableFileException(String key, Object... fillIns) {
    super(Sentences.of("file." + key, fillIns));
    newer = key.startsWith("newer");
  }

  /** Whether a newer Bemble has written the file. */
  boolean isNewer() {
    return newer;
  }
}
