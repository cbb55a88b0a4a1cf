package bemble.app.refusal;

import bemble.app.words.Sentences;

/** A change to data that was changed elsewhere meanwhile. */
public final class StaleException extends SaidException {
  /** Said by the sentence under {@code stale.} and the key. */
  public StaleException(String key, Object... named) {
    super(Sentences.of("stale." + key, named));
  }
}
