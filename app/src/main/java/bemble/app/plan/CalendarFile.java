package bemble.app.plan;

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
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The plan as a file that calendars read: RFC 5545. */
@Service
public class CalendarFile {
  private static final int WEEKS_BACK = 8;
  private static final int WEEKS_ON = 26;

  private final Plan plan;
  private final Lessons lessons;

  CalendarFile(Plan plan, Lessons lessons) {
    this.plan = plan;
    this.lessons = lessons;
  }

  /** The lessons and holidays of the current class, from eight weeks ago to half a year on. */
  public String write() {
    long classId = lessons.currentClass();
    LocalDate today = plan.today();
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Bemble//Plan//EN");
    for (DayView day :
        plan.days(classId, today.minusWeeks(WEEKS_BACK), today.plusWeeks(WEEKS_ON))) {
      if (day.holiday() != null) {
        calendar.addEvent(event("holiday-" + classId + "-" + day.day(), day.day(), day.holiday()));
      }
      for (LessonView lesson : day.lessons()) {
        VEvent event = event("lesson-" + lesson.id(), day.day(), lesson.title());
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

  /** An entry of a whole day: a lesson has minutes, but no hour. */
  private static VEvent event(String id, LocalDate day, String title) {
    VEvent event = new VEvent();
    event.setUid(id + "@bemble");
    event.setSummary(title);
    DateTimeComponents date =
        new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth());
    event.setDateStart(new ICalDate(date, false));
    return event;
  }
}
