package bemble.app.refusal;

import bemble.app.words.Sentences;

/** A request that was meant for a class which is not the current one any more. */
public class OtherClassException extends SaidException {
  /** Refuses a request that was meant for a class of another name. */
  public OtherClassException(String current) {
    super(Sentences.of("stale.other-class", "name", current));
  }
}
