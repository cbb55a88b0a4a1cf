package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.plan.PlanJson.PlanView;
import bemble.app.register.Register;
import bemble.app.register.SchoolWeek;
import bemble.app.table.Shared;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

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

  private final Roll roll;
  private final Calendar calendar;
  private final Course course;
  private final PlanDays days;
  private final PlanRules rules;
  private final Classes classes;
  private final Register register;
  private final Shared shared;

  Plan(
      Roll roll,
      Calendar calendar,
      Course course,
      PlanDays days,
      PlanRules rules,
      Classes classes,
      Register register,
      Shared shared) {
    this.roll = roll;
    this.calendar = calendar;
    this.course = course;
    this.days = days;
    this.rules = rules;
    this.classes = classes;
    this.register = register;
    this.shared = shared;
  }

  /**
   * Some weeks.
   *
   * @param from a day of the first week; this week's if null
   */
  public PlanView view(@Nullable String from, int weeks) {
    return shared.of(
        List.of("plan", from == null ? "" : from, weeks, calendar.today()),
        () -> work(from, weeks));
  }

  private PlanView work(@Nullable String from, int weeks) {
    long classId = classes.here();
    LocalDate first = SchoolWeek.monday(from == null ? calendar.today() : Calendar.day(from));
    Proposals proposals = course.proposals(classId, calendar.today(), calendar.today());
    PlanWords words = new PlanWords(register.words(classId), roll.names(classId));
    return new PlanView(
        calendar.today(),
        days.of(classId, first, first.plusWeeks(weeks).minusDays(1)),
        calendar.timetable(classId),
        calendar.begins(classId),
        words.proposals(few(proposals.all())),
        words.proposals(proposals.opener().stream().limit(MOST_IN_OPENER).toList()),
        rules.view(classId));
  }

  /** The first few proposals of each kind, so that new rungs are always among them. */
  private static List<Proposal> few(List<Proposal> all) {
    Map<Proposal.Why, Integer> shown = new EnumMap<>(Proposal.Why.class);
    return all.stream()
        .filter(
            each -> shown.merge(each.why(), 1, Integer::sum) <= SHOWN.getOrDefault(each.why(), 1))
        .toList();
  }
}
