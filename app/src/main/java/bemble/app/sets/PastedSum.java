package bemble.app.sets;

import java.util.regex.Pattern;

/** A line with a sum as people have it in their own papers: numbered, and with its answer. */
final class PastedSum {
  /** 1. or a) or (3) or a dot before the sum; a dash may be a sign. */
  private static final Pattern NUMBERED =
      Pattern.compile("^(?:\\d{1,3}[.)]\\s+|[A-Za-z][.)]\\s+|\\([A-Za-z\\d]{1,3}\\)\\s*|[•*]\\s+)");

  /** An equals sign with the text behind it. */
  private static final Pattern ANSWER = Pattern.compile("=[\\s\\d.,_?…☐□r]*$");

  private PastedSum() {}

  /** The sum alone. */
  static String bare(String line) {
    String text = line.strip();
    return ANSWER.matcher(NUMBERED.matcher(text).replaceFirst("")).replaceFirst("").strip();
  }
}
