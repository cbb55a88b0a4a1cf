package bemble.app.plan;

import bemble.app.house.Roll;
import bemble.app.marking.Handouts;
import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.plan.PlanJson.AgainView;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.TodayView;
import bemble.app.register.Register;
import bemble.app.store.PlanMapper;
import bemble.app.store.Shared;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What comes next: a lesson, handouts that wait, and whom to look at again. */
@Service
public class Today {
  private final PlanMapper mapper;
  private final Roll roll;
  private final Plan plan;
  private final Lessons lessons;
  private final Handouts handouts;
  private final Register register;
  private final Course course;
  private final Shared shared;

  Today(
      PlanMapper mapper,
      Roll roll,
      Plan plan,
      Lessons lessons,
      Handouts handouts,
      Register register,
      Course course,
      Shared shared) {
    this.mapper = mapper;
    this.roll = roll;
    this.plan = plan;
    this.lessons = lessons;
    this.handouts = handouts;
    this.register = register;
    this.course = course;
    this.shared = shared;
  }

  /** What comes next for the current class. */
  public TodayView view() {
    return shared.of(List.of("today", plan.today()), this::work);
  }

  private TodayView work() {
    long classId = lessons.currentClass();
    LocalDate today = plan.today();
    Optional<DayView> next =
        mapper.nextPlanned(classId, today).map(day -> plan.days(classId, day, day).get(0));
    return new TodayView(today, next.isPresent(), next.orElse(null), waiting(), again(classId));
  }

  private List<HandoutEntry> waiting() {
    return handouts.list(Long.MAX_VALUE).entries().stream()
        .filter(entry -> entry.answers() < entry.pupils() * entry.sums())
        .toList();
  }

  private List<AgainView> again(long classId) {
    PlanWords words = new PlanWords(register.words(classId), roll.names(classId));
    return course.proposals(classId, plan.today(), plan.today()).opener().stream()
        .map(words::again)
        .toList();
  }
}
