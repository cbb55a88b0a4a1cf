package bemble.app.http;

/** Something asked for that is not, or no longer, there. */
public final class MissingException extends RuntimeException {
  public MissingException(String sentence) {
    super(sentence);
  }
}
