package bemble.app.words;

/** Texts in a table of comma-separated values, which a spreadsheet might take for a formula. */
public final class SafeCells {
  private static final String FORMULAS = "=+-@";
  private static final String TEXT = "'";

  private SafeCells() {}

  /** A text that no spreadsheet takes for a formula; a sign alone and numbers stay the same. */
  public static String safe(String text) {
    return isFormula(text) ? TEXT + text : text;
  }

  /** A text as it was before {@link #safe}. */
  public static String bare(String text) {
    boolean isSafe = text.startsWith(TEXT) && isFormula(text.substring(1));
    return isSafe ? text.substring(1) : text;
  }

  private static boolean isFormula(String text) {
    return text.length() > 1 && FORMULAS.indexOf(text.charAt(0)) >= 0;
  }
}
