package bemble.app.plan;

import bemble.app.refusal.RefusedException;
import bemble.app.register.RegisterWords;
import bemble.app.words.Language;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The school days of a class: how many minutes there are, and which days are free. */
@Component
class Calendar {
  private static final int USUAL_MINUTES = 45;
  private static final int LONGEST_HOLIDAY = 120;

  private final PlanMapper mapper;
  private final Clock clock;

  Calendar(PlanMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  LocalDate today() {
    return LocalDate.now(clock);
  }

  /** A day as it was sent; one that does not exist is refused. */
  static LocalDate day(String text) {
    try {
      LocalDate day = LocalDate.parse(text.strip());
      if (day.getYear() < 2000 || day.getYear() > 2199) {
        throw RefusedException.of("no-day", "day", text);
      }
      return day;
    } catch (DateTimeParseException e) {
      throw RefusedException.of("no-day", "day", text);
    }
  }

  /** The minutes of each weekday from Monday to Sunday. */
  List<Integer> timetable(long classId) {
    Integer[] minutes = new Integer[7];
    Arrays.fill(minutes, 0, 5, USUAL_MINUTES);
    Arrays.fill(minutes, 5, 7, 0);
    for (WeekdayRow row : mapper.timetable(classId)) {
      minutes[row.weekday() - 1] = row.minutes();
    }
    return List.of(minutes);
  }

  /** When lessons begin on each weekday from Monday to Sunday; empty where that is not said. */
  List<String> begins(long classId) {
    String[] begins = new String[7];
    Arrays.fill(begins, "");
    for (WeekdayRow row : mapper.timetable(classId)) {
      begins[row.weekday() - 1] = row.begins();
    }
    return List.of(begins);
  }

  /** The minutes of a day for lessons; refused, with the reason, where there are none. */
  int minutes(long classId, LocalDate day) {
    Optional<HolidayRow> holiday = mapper.holidays(classId, day, day).stream().findFirst();
    if (holiday.isPresent()) {
      throw RefusedException.of(
          "holiday", "day", RegisterWords.day(day), "name", holiday.get().name());
    }
    int minutes = timetable(classId).get(day.getDayOfWeek().getValue() - 1);
    if (minutes == 0) {
      throw RefusedException.of("no-minutes", "weekday", weekday(day.getDayOfWeek()));
    }
    return minutes;
  }

  private static String weekday(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL, Language.locale());
  }

  /** The next day after a day that has minutes and no lesson; empty where none is in sight. */
  Optional<LocalDate> nextFree(long classId, LocalDate after) {
    List<Integer> timetable = timetable(classId);
    LocalDate last = after.plusDays(LONGEST_HOLIDAY);
    var taken =
        mapper.lessons(classId, after, last).stream()
            .map(LessonRow::taughtOn)
            .collect(Collectors.toSet());
    mapper.holidays(classId, after, last).forEach(row -> taken.add(row.freeOn()));
    return after
        .plusDays(1)
        .datesUntil(last)
        .filter(day -> timetable.get(day.getDayOfWeek().getValue() - 1) > 0)
        .filter(day -> !taken.contains(day))
        .findFirst();
  }
}
