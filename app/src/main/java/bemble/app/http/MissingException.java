package bemble.app.http;

import bemble.app.words.Sentences;

/** Something asked for that is not, or no longer, there. */
public final class MissingException extends RuntimeException {
  /** Said by the sentence under {@code missing.} and the key. */
  public MissingException(String key, Object... named) {
    super(Sentences.of("missing." + key, named));
  }
}
