package bemble.progress;

import bemble.number.NumberTable;
import bemble.number.Require;
import java.time.LocalDate;
import java.util.List;

/**
 * The thresholds of standings and lessons: {@code progress.properties}, which says why each is what
 * it is.
 *
 * @param help what a right sum counts that was helped
 * @param leastForSure how many right sums make a rung sure at the least
 * @param latestForSure of so many latest sums
 * @param wrongForSure no more than so many may be wrong
 * @param daysForSure on how many days some must be right
 * @param daysWithoutSlip on how many of the latest days no named slip may be made
 * @param leastForNearly how many right sums make a rung nearly sure at the least
 * @param latestForNearly of so many latest sums
 * @param wrongForNearly no more than so many may be wrong
 * @param weeks after how many weeks to look again, the first time, the second time and so on
 * @param openerPart what part of a lesson goes to sums looked at again
 * @param showPart what part to those that are shown
 * @param togetherPart what part to those done together
 * @param homeworkMinutes how long homework takes
 */
public record Rules(
    double help,
    int leastForSure,
    int latestForSure,
    int wrongForSure,
    int daysForSure,
    int daysWithoutSlip,
    int leastForNearly,
    int latestForNearly,
    int wrongForNearly,
    List<Integer> weeks,
    double openerPart,
    double showPart,
    double togetherPart,
    int homeworkMinutes) {
  /** The rules that Bemble works by. */
  public static final Rules STANDARD = read();

  /** Keeps a copy of the weeks; refuses to look again never. */
  public Rules {
    weeks = List.copyOf(weeks);
    Require.that(!weeks.isEmpty(), "weeks", weeks, "must be one or more");
  }

  /** When to look again at what was right on a day, after it stayed right so many times. */
  LocalDate lookAgain(LocalDate day, int times) {
    return day.plusWeeks(weeks.get(Math.min(times, weeks.size() - 1)));
  }

  private static Rules read() {
    NumberTable table = NumberTable.read("progress");
    return new Rules(
        table.number("help"),
        table.count("sure.least"),
        table.count("sure.latest"),
        table.count("sure.wrong"),
        table.count("sure.days"),
        table.count("sure.days-without-slip"),
        table.count("nearly.least"),
        table.count("nearly.latest"),
        table.count("nearly.wrong"),
        table.counts("look-again.weeks"),
        table.number("lesson.opener"),
        table.number("lesson.show"),
        table.number("lesson.together"),
        table.count("lesson.homework-minutes"));
  }
}
