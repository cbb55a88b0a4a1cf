package bemble.app.scan.sight;

/** Says that a page is given up: it would take too much memory or time. */
final class TooMuchException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  TooMuchException(String what) {
    super(what);
  }
}
