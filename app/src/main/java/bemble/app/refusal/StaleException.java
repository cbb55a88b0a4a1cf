package bemble.app.refusal;

import bemble.app.words.Sentences;

/** A change to data that was changed elsewhere meanwhile. */
public final class StaleException extends SaidException {
  /** Said by the sentence under {@code stale.} and the key. */
  public StaleException(String key, Object... fillIns) {
    super(Sentences.of("stale." + key, fillIns));
  }
}
