package bemble.app.refusal;

import java.util.Objects;

/** An exception whose message is a sentence for whoever asked. */
public abstract class SaidException extends RuntimeException {
  protected SaidException(String sentence) {
    super(sentence);
  }

  /** The sentence. */
  public final String sentence() {
    return Objects.requireNonNull(getMessage());
  }
}
