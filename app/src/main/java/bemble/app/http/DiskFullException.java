package bemble.app.http;

/** Says that the disk is too full to keep anything more. */
public class DiskFullException extends RuntimeException {
  private static final long serialVersionUID = 1L;
}
