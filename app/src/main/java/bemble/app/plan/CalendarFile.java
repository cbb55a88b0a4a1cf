package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.LessonView;
import bemble.app.plan.PlanJson.PartView;
import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The plan as a file that calendars read: RFC 5545. */
@Service
public class CalendarFile {
  private static final int WEEKS_BACK = 8;
  private static final int WEEKS_ON = 26;

  private final PlanDays days;
  private final Classes classes;
  private final Calendar timetable;

  CalendarFile(PlanDays days, Classes classes, Calendar timetable) {
    this.days = days;
    this.classes = classes;
    this.timetable = timetable;
  }

  /** The lessons and holidays of the current class, from eight weeks ago to half a year on. */
  public String write() {
    long classId = classes.here();
    LocalDate today = timetable.today();
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Bemble//Plan//EN");
    // An hour of the school's is the same wherever the calendar is read.
    calendar.getTimezoneInfo().setGlobalFloatingTime(true);
    List<String> hours = timetable.begins(classId);
    for (DayView day : days.of(classId, today.minusWeeks(WEEKS_BACK), today.plusWeeks(WEEKS_ON))) {
      if (day.holiday() != null) {
        calendar.addEvent(event("holiday-" + classId + "-" + day.day(), day.day(), day.holiday()));
      }
      Optional<LocalDateTime> begins = begins(day.day(), hours);
      for (LessonView lesson : day.lessons()) {
        VEvent event =
            begins.isPresent()
                ? timed("lesson-" + lesson.id(), begins.get(), lesson)
                : event("lesson-" + lesson.id(), day.day(), lesson.topic().title());
        begins = begins.map(time -> time.plusMinutes(lesson.minutes()));
        event.setDescription(
            lesson.parts().stream()
                .map(PartView::told)
                .flatMap(List::stream)
                .collect(Collectors.joining("\n")));
        calendar.addEvent(event);
      }
    }
    return Biweekly.write(calendar).version(ICalVersion.V2_0).go();
  }

  /** When the first lesson of a day begins; empty where that is not said. */
  private static Optional<LocalDateTime> begins(LocalDate day, List<String> hours) {
    String hour = hours.get(day.getDayOfWeek().getValue() - 1);
    return hour.isEmpty() ? Optional.empty() : Optional.of(day.atTime(LocalTime.parse(hour)));
  }

  /** An entry from one hour to another. */
  private static VEvent timed(String id, LocalDateTime begins, LessonView lesson) {
    VEvent event = named(id, lesson.topic().title());
    event.setDateStart(new ICalDate(components(begins), true));
    event.setDateEnd(new ICalDate(components(begins.plusMinutes(lesson.minutes())), true));
    return event;
  }

  private static DateTimeComponents components(LocalDateTime time) {
    return new DateTimeComponents(
        time.getYear(),
        time.getMonthValue(),
        time.getDayOfMonth(),
        time.getHour(),
        time.getMinute(),
        0,
        false);
  }

  private static VEvent named(String id, String title) {
    VEvent event = new VEvent();
    event.setUid(id + "@bemble");
    event.setSummary(title);
    return event;
  }

  /** An entry of a whole day: a lesson has minutes, but where none is said no hour. */
  private static VEvent event(String id, LocalDate day, String title) {
    VEvent event = named(id, title);
    DateTimeComponents date =
        new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth());
    event.setDateStart(new ICalDate(date, false));
    return event;
  }
}
