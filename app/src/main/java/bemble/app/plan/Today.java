package bemble.app.plan;

import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.marking.Handouts;
import bemble.app.plan.PlanJson.AgainView;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.LessonState;
import bemble.app.plan.PlanJson.OtherClass;
import bemble.app.plan.PlanJson.TodayView;
import bemble.app.register.Register;
import bemble.app.table.Shared;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Today's page: the next lesson, handouts that wait, and pupils to look at again. */
@Service
public class Today {
  private final PlanMapper mapper;
  private final Roll roll;
  private final PlanDays days;
  private final Handouts handouts;
  private final Register register;
  private final Course course;
  private final Classes classes;
  private final Shared shared;

  Today(
      PlanMapper mapper,
      Roll roll,
      PlanDays days,
      Handouts handouts,
      Register register,
      Course course,
      Classes classes,
      Shared shared) {
    this.mapper = mapper;
    this.roll = roll;
    this.days = days;
    this.handouts = handouts;
    this.register = register;
    this.course = course;
    this.classes = classes;
    this.shared = shared;
  }

  /** Today's page of the current class. */
  public TodayView view() {
    return shared.of(List.of("today", days.today()), this::work);
  }

  private TodayView work() {
    long classId = classes.here();
    LocalDate today = days.today();
    Optional<DayView> next =
        mapper.nextPlanned(classId, today).map(day -> days.of(classId, day, day).get(0));
    return new TodayView(
        today,
        next.isPresent(),
        next.orElse(null),
        handouts.waiting(classId),
        again(classId),
        classes.all().stream().filter(each -> each.id() != classId).map(this::other).toList());
  }

  private OtherClass other(ClassView room) {
    Optional<LocalDate> next = mapper.nextPlanned(room.id(), days.today());
    List<String> titles =
        next.stream()
            .flatMap(day -> mapper.lessons(room.id(), day, day).stream())
            .filter(row -> row.state().equals(LessonState.PLANNED.name()))
            .map(LessonRow::title)
            .toList();
    int waiting = handouts.waiting(room.id()).size();
    return new OtherClass(room.id(), room.name(), next.orElse(null), titles, waiting);
  }

  private List<AgainView> again(long classId) {
    PlanWords words = new PlanWords(register.words(classId), roll.names(classId));
    return course.proposals(classId, days.today(), days.today()).opener().stream()
        .map(words::again)
        .toList();
  }
}
