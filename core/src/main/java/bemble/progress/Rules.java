package bemble.progress;

import bemble.number.NumberTable;
import bemble.number.Require;
import java.time.LocalDate;
import java.util.List;

/**
 * The thresholds of standings, proposals and lessons: {@code progress.properties}, which gives the
 * reason of each.
 *
 * @param help the weight of a right sum that was helped
 * @param weeks after how many weeks to look again, the first time, the second time and so on
 */
public record Rules(
    double help,
    Sure sure,
    Nearly nearly,
    List<Integer> weeks,
    Next next,
    Mixed mixed,
    Worked worked,
    Shares shares) {
  /** The rules that Bemble works by. */
  public static final Rules STANDARD = read();

  /**
   * The rules for a sure rung, and for its end.
   *
   * @param least how many right sums at the least
   * @param latest of so many latest sums
   * @param wrong no more than so many may be wrong
   * @param days on how many days some must be right
   * @param slipDays in the last so many days no slip may be made
   * @param wrongToFall so many of the latest wrong end it
   * @param slipsToFall as does the same slip so often in the last {@code slipDays} days
   */
  public record Sure(
      int least, int latest, int wrong, int days, int slipDays, int wrongToFall, int slipsToFall) {}

  /**
   * The rules for a nearly sure rung.
   *
   * @param least how many right sums at the least
   * @param latest of so many latest sums
   * @param wrong no more than so many may be wrong
   */
  public record Nearly(int least, int latest, int wrong) {}

  /**
   * The rules for the next rungs of a class.
   *
   * @param half the share of the class with which it goes on
   * @param third the share of the class for which a slip is taught against in a lesson
   * @param lessons on one rung, after which it goes on without waiting for more
   * @param pause days before the same slip is taught against again
   * @param untouched school days within which each group gets sums of its rung
   * @param begin how far each operation waits for those before it, as a share of their rungs
   */
  public record Next(
      double half, double third, int lessons, int pause, int untouched, double begin) {}

  /**
   * When a lesson is for nothing new.
   *
   * @param quarter the share of the class that it takes
   * @param open they are not nearly sure of more than so many rungs that were taught
   * @param openShare and of more than this share of them
   * @param between how many lessons lie between two such ones at the least
   */
  public record Mixed(double quarter, int open, double openShare, int between) {}

  /**
   * When a day counts as a lesson by the work on it.
   *
   * @param sums so many sums of the rung that a pupil worked at the least
   * @param share the share of the class that worked them
   */
  public record Worked(int sums, double share) {}

  /**
   * The shares of a lesson's parts.
   *
   * @param opener the share of the minutes for rungs to look at again
   * @param show the share for showing
   * @param together the share for working together
   * @param sums how many sums of one rung are practised at the most; more at once adds little
   * @param homeworkMinutes how long homework takes
   */
  public record Shares(
      double opener, double show, double together, int sums, int homeworkMinutes) {}

  /** Keeps a copy of the weeks; refuses to look again never. */
  public Rules {
    weeks = List.copyOf(weeks);
    Require.that(!weeks.isEmpty(), "weeks", weeks, "must be one or more");
  }

  /** The same where a teacher has chosen three of them. */
  public Rules with(double opener, double half, double third) {
    Next chosen =
        new Next(half, third, next.lessons(), next.pause(), next.untouched(), next.begin());
    Shares parts =
        new Shares(
            opener, shares.show(), shares.together(), shares.sums(), shares.homeworkMinutes());
    return new Rules(help, sure, nearly, weeks, chosen, mixed, worked, parts);
  }

  /** When to look again at a rung that was right on a day and has stayed right so many times. */
  LocalDate lookAgain(LocalDate day, int times) {
    return day.plusWeeks(weeks.get(Math.min(times, weeks.size() - 1)));
  }

  private static Rules read() {
    NumberTable table = NumberTable.read("progress");
    return new Rules(
        table.number("help"),
        new Sure(
            table.count("sure.least"),
            table.count("sure.latest"),
            table.count("sure.wrong"),
            table.count("sure.days"),
            table.count("sure.slip-days"),
            table.count("sure.wrong-to-fall"),
            table.count("sure.slips-to-fall")),
        new Nearly(
            table.count("nearly.least"), table.count("nearly.latest"), table.count("nearly.wrong")),
        table.counts("look-again.weeks"),
        new Next(
            table.number("next.half"),
            table.number("next.third"),
            table.count("next.lessons"),
            table.count("next.pause"),
            table.count("next.untouched"),
            table.number("next.begin")),
        new Mixed(
            table.number("mixed.quarter"),
            table.count("mixed.open"),
            table.number("mixed.open-share"),
            table.count("mixed.between")),
        new Worked(table.count("worked.sums"), table.number("worked.share")),
        new Shares(
            table.number("lesson.opener"),
            table.number("lesson.show"),
            table.number("lesson.together"),
            table.count("lesson.sums"),
            table.count("lesson.homework-minutes")));
  }
}
