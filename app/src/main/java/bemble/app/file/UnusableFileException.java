package bemble.app.file;

import bemble.app.http.Sentences;

/** A data file that Bemble must not write on; nothing of it was changed. */
public final class UnusableFileException extends RuntimeException {
  UnusableFileException(String key, Object... named) {
    super(Sentences.of("file." + key, named));
  }
}
