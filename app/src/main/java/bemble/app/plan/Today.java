package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.marking.Handouts;
import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.plan.PlanJson.AgainView;
import bemble.app.plan.PlanJson.DayView;
import bemble.app.plan.PlanJson.TodayView;
import bemble.app.register.Register;
import bemble.app.register.RegisterWords;
import bemble.app.store.PlanMapper;
import bemble.app.store.PupilMapper;
import bemble.app.store.PupilRow;
import bemble.app.store.Shared;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What comes next: a lesson, handouts that wait, and whom to look at again. */
@Service
public class Today {
  private final PlanMapper mapper;
  private final PupilMapper pupils;
  private final Plan plan;
  private final Lessons lessons;
  private final Handouts handouts;
  private final Register register;
  private final Classes classes;
  private final Shared shared;

  Today(
      PlanMapper mapper,
      PupilMapper pupils,
      Plan plan,
      Lessons lessons,
      Handouts handouts,
      Register register,
      Classes classes,
      Shared shared) {
    this.mapper = mapper;
    this.pupils = pupils;
    this.plan = plan;
    this.lessons = lessons;
    this.handouts = handouts;
    this.register = register;
    this.classes = classes;
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
    RegisterWords words = register.words(classId);
    Map<Long, String> names =
        pupils.of(classId).stream().collect(Collectors.toMap(PupilRow::id, PupilRow::name));
    return register.progress(classId).lookAgain().stream()
        .map(
            due ->
                new AgainView(
                    words.label(due.rung()), due.pupils().stream().map(names::get).toList()))
        .toList();
  }
}
