package bemble.app.refusal;

/** The data file could not be written on, for another reason than a full disk. */
public final class NotWrittenException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotWrittenException(Throwable cause) {
    super(cause);
  }
}
