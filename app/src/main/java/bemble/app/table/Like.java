package bemble.app.table;

/** Patterns for searches; their signs of a pattern are escaped with an exclamation mark. */
public final class Like {
  private Like() {}

  /** The pattern of all texts that have some letters in them. */
  public static String containing(String letters) {
    return "%" + letters.replaceAll("([!%_])", "!$1") + "%";
  }
}
