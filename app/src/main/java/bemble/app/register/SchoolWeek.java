package bemble.app.register;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.stream.Stream;

/** Weeks, which begin on Mondays. */
public final class SchoolWeek {
  private SchoolWeek() {}

  /** The Monday of a day's week. */
  public static LocalDate monday(LocalDate day) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  /** The Mondays from the week of one day to that of another, the latest of them where too many. */
  public static List<LocalDate> mondays(LocalDate from, LocalDate to, int most) {
    LocalDate last = monday(to);
    long behind = Math.max(0, ChronoUnit.WEEKS.between(monday(from), last));
    long count = Math.min(most, behind + 1);
    return Stream.iterate(last.minusWeeks(count - 1), monday -> monday.plusWeeks(1))
        .limit(count)
        .toList();
  }
}
