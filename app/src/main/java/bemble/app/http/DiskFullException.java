package bemble.app.http;

/** The disk is too full for anything more to be kept. */
public class DiskFullException extends RuntimeException {
  private static final long serialVersionUID = 1L;
}
