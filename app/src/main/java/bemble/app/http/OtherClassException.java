package bemble.app.http;

import bemble.app.words.Sentences;

/** A request that was meant for a class which is not the current one any more. */
public class OtherClassException extends RuntimeException {
  /** Refuses what was not meant for the class of a name. */
  public OtherClassException(String current) {
    super(Sentences.of("stale.other-class", current));
  }
}
