package bemble.app.refusal;

import bemble.app.words.Sentences;

/** A request for something that does not exist, or no longer. */
public final class MissingException extends SaidException {
  /** Said by the sentence under {@code missing.} and the key. */
  public MissingException(String key, Object... fillIns) {
    super(Sentences.of("missing." + key, fillIns));
  }
}
