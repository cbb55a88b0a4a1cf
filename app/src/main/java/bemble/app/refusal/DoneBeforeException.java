package bemble.app.refusal;

import bemble.app.words.Sentences;

/** A request whose change was made before Bemble was started anew. */
public final class DoneBeforeException extends SaidException {
  private static final long serialVersionUID = 1L;

  public DoneBeforeException() {
    super(Sentences.of("stale.done-before"));
  }
}
