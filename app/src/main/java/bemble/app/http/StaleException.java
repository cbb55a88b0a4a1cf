package bemble.app.http;

/** A change to something that has been changed meanwhile. */
public final class StaleException extends RuntimeException {
  public StaleException(String sentence) {
    super(sentence);
  }
}
