package bemble.app.plan;

import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.LessonView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Days of a class with their lessons. */
@Component
class PlanDays {
  private final PlanMapper mapper;
  private final Calendar calendar;
  private final Lessons lessons;

  PlanDays(PlanMapper mapper, Calendar calendar, Lessons lessons) {
    this.mapper = mapper;
    this.calendar = calendar;
    this.lessons = lessons;
  }

  LocalDate today() {
    return calendar.today();
  }

  /** Some days with their lessons, both ends among them. */
  List<DayView> of(long classId, LocalDate first, LocalDate last) {
    List<Integer> timetable = calendar.timetable(classId);
    Map<LocalDate, String> holidays =
        mapper.holidays(classId, first, last).stream()
            .collect(Collectors.toMap(HolidayRow::freeOn, HolidayRow::name));
    Map<Long, List<LessonPartRow>> parts =
        mapper.parts(classId, first, last).stream()
            .collect(Collectors.groupingBy(LessonPartRow::lessonId));
    Map<LocalDate, List<LessonView>> byDay =
        mapper.lessons(classId, first, last).stream()
            .collect(
                Collectors.groupingBy(
                    LessonRow::taughtOn,
                    Collectors.mapping(
                        row -> lessons.view(row, parts.getOrDefault(row.id(), List.of())),
                        Collectors.toList())));
    return first
        .datesUntil(last.plusDays(1))
        .map(
            day ->
                new DayView(
                    day,
                    holidays.containsKey(day)
                        ? 0
                        : timetable.get(day.getDayOfWeek().getValue() - 1),
                    holidays.get(day),
                    byDay.getOrDefault(day, List.of())))
        .toList();
  }
}
