package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.HolidayRequest;
import bemble.app.plan.PlanJson.LessonView;
import bemble.app.plan.PlanJson.PlanView;
import bemble.app.plan.PlanJson.ProposalView;
import bemble.app.register.Register;
import bemble.app.register.SchoolWeek;
import bemble.app.store.HolidayRow;
import bemble.app.store.LessonPartRow;
import bemble.app.store.LessonRow;
import bemble.app.store.PlanMapper;
import bemble.app.store.PupilMapper;
import bemble.app.store.PupilRow;
import bemble.app.store.Shared;
import bemble.app.store.WeekdayRow;
import bemble.progress.ClassProgress;
import bemble.progress.Proposal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** The plan of the current class week by week. */
@Service
public class Plan {
  private static final int MOST_OF_A_KIND = 4;

  private final PlanMapper mapper;
  private final PupilMapper pupils;
  private final Calendar calendar;
  private final Lessons lessons;
  private final Register register;
  private final Classes classes;
  private final Shared shared;
  private final Clock clock;
  private final TransactionOperations together;

  Plan(
      PlanMapper mapper,
      PupilMapper pupils,
      Calendar calendar,
      Lessons lessons,
      Register register,
      Classes classes,
      Shared shared,
      Clock clock,
      TransactionOperations together) {
    this.mapper = mapper;
    this.pupils = pupils;
    this.calendar = calendar;
    this.lessons = lessons;
    this.register = register;
    this.classes = classes;
    this.shared = shared;
    this.clock = clock;
    this.together = together;
  }

  LocalDate today() {
    return LocalDate.now(clock);
  }

  /**
   * Some weeks.
   *
   * @param from a day of the first week; this week's if null
   */
  public PlanView view(String from, int weeks) {
    return shared.of(
        List.of("plan", String.valueOf(from), weeks, today()), () -> work(from, weeks));
  }

  private PlanView work(String from, int weeks) {
    long classId = lessons.currentClass();
    LocalDate first = SchoolWeek.monday(from == null ? today() : Calendar.day(from));
    return new PlanView(
        today(),
        days(classId, first, first.plusWeeks(weeks).minusDays(1)),
        calendar.timetable(classId),
        proposals(classId));
  }

  /** Some days with their lessons, both ends among them. */
  List<DayView> days(long classId, LocalDate first, LocalDate last) {
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

  private List<ProposalView> proposals(long classId) {
    ClassProgress progress = register.progress(classId);
    PlanWords words = new PlanWords(register.words(classId));
    Map<Long, String> names =
        pupils.of(classId).stream().collect(Collectors.toMap(PupilRow::id, PupilRow::name));
    return Stream.of(progress.reteach(), progress.lookAgain(), progress.teach())
        .flatMap(some -> some.stream().limit(MOST_OF_A_KIND))
        .map((Proposal each) -> words.proposal(each, names))
        .toList();
  }

  /** Makes a day free, or takes that back. */
  public void holiday(HolidayRequest request) {
    long classId = lessons.currentClass();
    LocalDate day = Calendar.day(request.day());
    if (request.name() == null || request.name().isBlank()) {
      mapper.removeHoliday(classId, day);
    } else {
      mapper.addHoliday(classId, day, request.name().strip());
    }
  }

  /** Sets the minutes of each weekday from Monday to Sunday. */
  public void timetable(List<Integer> minutes) {
    long classId = lessons.currentClass();
    together.executeWithoutResult(
        status -> {
          for (int day = 0; day < minutes.size(); day++) {
            mapper.setMinutes(classId, new WeekdayRow(day + 1, minutes.get(day)));
          }
        });
  }
}
