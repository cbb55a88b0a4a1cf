package bemble.app.http;

import bemble.app.words.Sentences;

/** A request whose change was made before Bemble was started anew. */
final class DoneBeforeException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  DoneBeforeException() {
    super(Sentences.of("stale.done-before"));
  }
}
