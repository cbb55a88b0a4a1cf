package bemble.app.refusal;

/** Says that the disk is too full to keep anything more. */
public class DiskFullException extends RuntimeException {
  private static final long serialVersionUID = 1L;
}
