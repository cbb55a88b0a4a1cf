package bemble.app.sets;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The text in the code of an exercise sheet: {@code BEMBLE2 17/204/9F3A07C1}. A shorter one has
 * larger squares.
 *
 * @param sheet the number that finds its table; 0 where it was only looked at
 * @param copy the pupil that this copy is for; 0 for anybody's
 * @param check the word that is kept with the table; empty on sheets of the first form
 */
public record SheetCode(long sheet, long copy, String check) {
  private static final Pattern SECOND =
      Pattern.compile("BEMBLE2 (\\d{1,18})/(\\d{1,18})/([0-9A-F]{8})");
  private static final Pattern FIRST =
      Pattern.compile("BEMBLE SET \\d+ [A-Z] SHEET \\d+ NO (\\d{1,18})");

  /** The code of a sheet that is only looked at. */
  static final SheetCode TO_LOOK_AT = new SheetCode(0, 0, "00000000");

  /** Reads the text of a code; empty where it is no sheet's. */
  public static Optional<SheetCode> read(String text) {
    Matcher second = SECOND.matcher(text);
    if (second.matches()) {
      return Optional.of(
          new SheetCode(number(second.group(1)), number(second.group(2)), second.group(3)));
    }
    Matcher first = FIRST.matcher(text);
    return first.matches()
        ? Optional.of(new SheetCode(number(first.group(1)), 0, ""))
        : Optional.empty();
  }

  private static long number(String digits) {
    return Long.parseLong(digits);
  }

  /** The same for a pupil. */
  SheetCode copyFor(long pupil) {
    return new SheetCode(sheet, pupil, check);
  }

  /** As it stands on the sheet. */
  String text() {
    return "BEMBLE2 " + sheet + "/" + copy + "/" + check;
  }
}
