package bemble.app.plan;

import bemble.app.house.Roll;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.HolidayRequest;
import bemble.app.plan.PlanJson.LessonView;
import bemble.app.plan.PlanJson.PlanView;
import bemble.app.plan.PlanJson.SharesRequest;
import bemble.app.plan.PlanJson.TimetableRequest;
import bemble.app.register.Register;
import bemble.app.register.SchoolWeek;
import bemble.app.table.Shared;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** The plan of the current class week by week. */
@Service
public class Plan {
  private static final Map<Proposal.Why, Integer> SHOWN =
      Map.of(
          Proposal.Why.SLIP, 2,
          Proposal.Why.NOT_YET, 2,
          Proposal.Why.GO_ON, 2,
          Proposal.Why.BEGIN, 2,
          Proposal.Why.FOR_SOME, 3);

  private static final int MOST_IN_OPENER = 6;

  private final PlanMapper mapper;
  private final Roll roll;
  private final Calendar calendar;
  private final Course course;
  private final PlanRules rules;
  private final Lessons lessons;
  private final Register register;
  private final Shared shared;
  private final TransactionOperations transactions;

  Plan(
      PlanMapper mapper,
      Roll roll,
      Calendar calendar,
      Course course,
      PlanRules rules,
      Lessons lessons,
      Register register,
      Shared shared,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.roll = roll;
    this.calendar = calendar;
    this.course = course;
    this.rules = rules;
    this.lessons = lessons;
    this.register = register;
    this.shared = shared;
    this.transactions = transactions;
  }

  LocalDate today() {
    return calendar.today();
  }

  /**
   * Some weeks.
   *
   * @param from a day of the first week; this week's if null
   */
  public PlanView view(@Nullable String from, int weeks) {
    return shared.of(
        List.of("plan", from == null ? "" : from, weeks, today()), () -> work(from, weeks));
  }

  private PlanView work(@Nullable String from, int weeks) {
    long classId = lessons.currentClass();
    LocalDate first = SchoolWeek.monday(from == null ? today() : Calendar.day(from));
    Proposals proposals = course.proposals(classId, today(), today());
    PlanWords words = new PlanWords(register.words(classId), roll.names(classId));
    return new PlanView(
        today(),
        days(classId, first, first.plusWeeks(weeks).minusDays(1)),
        calendar.timetable(classId),
        calendar.begins(classId),
        words.proposals(few(proposals.all())),
        words.proposals(proposals.opener().stream().limit(MOST_IN_OPENER).toList()),
        rules.view(classId));
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

  /** The first few proposals of each kind, so that new rungs are always among them. */
  private static List<Proposal> few(List<Proposal> all) {
    Map<Proposal.Why, Integer> shown = new EnumMap<>(Proposal.Why.class);
    return all.stream()
        .filter(
            each -> shown.merge(each.why(), 1, Integer::sum) <= SHOWN.getOrDefault(each.why(), 1))
        .toList();
  }

  /** Sets the shares that a teacher may choose among the rules. */
  public void choose(SharesRequest request) {
    rules.choose(lessons.currentClass(), request);
  }

  /** Makes a day free, or takes that back. */
  public void holiday(HolidayRequest request) {
    long classId = lessons.currentClass();
    LocalDate day = Calendar.day(request.day());
    String name = request.name();
    if (name == null || name.isBlank()) {
      mapper.removeHoliday(classId, day);
    } else {
      transactions.executeWithoutResult(
          status -> {
            mapper.addHoliday(classId, day, name);
            if (request.moveLessons()) {
              lessons.moveOn(classId, day);
            }
          });
    }
  }

  /** Sets the lessons of each weekday from Monday to Sunday. */
  public void timetable(TimetableRequest request) {
    long classId = lessons.currentClass();
    List<String> begins = request.begins() == null ? calendar.begins(classId) : request.begins();
    transactions.executeWithoutResult(
        status -> {
          for (int day = 0; day < begins.size(); day++) {
            int minutes = request.minutes().get(day);
            mapper.setWeekday(classId, new WeekdayRow(day + 1, minutes, begins.get(day)));
          }
        });
  }
}
