package bemble.app.plan;

import bemble.app.plan.PlanJson.LessonState;
import bemble.app.register.Register;
import bemble.progress.ClassProgress;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import bemble.progress.Taught;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Everything that a class has been taught, and everything that may come next on a day. */
@Component
class Course {
  private static final LocalDate EVER = LocalDate.of(1999, 12, 31);

  private final PlanMapper mapper;
  private final Register register;
  private final PlanRules rules;
  private final LessonParts parts;

  Course(PlanMapper mapper, Register register, PlanRules rules, LessonParts parts) {
    this.mapper = mapper;
    this.register = register;
    this.rules = rules;
    this.parts = parts;
  }

  /**
   * The proposals for a lesson on a day.
   *
   * @param today the current day; lessons planned before it, and not noted as done, do not count
   */
  Proposals proposals(long classId, LocalDate day, LocalDate today) {
    ClassProgress progress = register.progress(classId);
    Taught taught = taught(classId, progress.pupils().size(), day, today);
    return new Proposals(progress, taught, day, rules.of(classId));
  }

  private Taught taught(long classId, int pupils, LocalDate day, LocalDate today) {
    List<LessonRow> lessons = mapper.lessons(classId, EVER, day.plusYears(1));
    List<Taught.Topic> given = new ArrayList<>();
    Set<String> planned = new HashSet<>();
    Map<Long, LessonRow> counted = new HashMap<>();
    for (LessonRow lesson : lessons) {
      LessonState state = LessonState.valueOf(lesson.state());
      boolean isAhead = state == LessonState.PLANNED && !lesson.taughtOn().isBefore(today);
      if (state == LessonState.DONE || state == LessonState.HALF) {
        given.add(given(lesson));
      } else if (isAhead) {
        planned.add(about(lesson));
      }
      if (state != LessonState.MOVED && lesson.taughtOn().isBefore(day)) {
        counted.put(lesson.id(), lesson);
      }
    }
    given.addAll(Taught.byWork(register.worked(classId), pupils, given, rules.of(classId)));
    return new Taught(given, planned, last(classId, counted, day));
  }

  private static Taught.Topic given(LessonRow lesson) {
    return new Taught.Topic(lesson.taughtOn(), about(lesson), lesson.slip());
  }

  /** The rung that a lesson is about; none of mixed practice. */
  private static String about(LessonRow lesson) {
    return isNew(lesson) ? lesson.rung() : "";
  }

  private static boolean isNew(LessonRow lesson) {
    return Proposal.Kind.valueOf(lesson.kind()) != Proposal.Kind.LOOK_AGAIN;
  }

  /** The last day before a day on which a lesson has sums of each rung. */
  private Map<String, LocalDate> last(long classId, Map<Long, LessonRow> lessons, LocalDate day) {
    Map<String, LocalDate> last = new HashMap<>();
    Map<Long, List<LessonPartRow>> rows =
        mapper.parts(classId, day.minusWeeks(2), day.minusDays(1)).stream()
            .collect(Collectors.groupingBy(LessonPartRow::lessonId));
    rows.forEach(
        (id, some) -> {
          LessonRow lesson = lessons.get(id);
          if (lesson != null) {
            some.forEach(
                row ->
                    parts
                        .lines(row)
                        .forEach(
                            line ->
                                last.merge(
                                    line.rung(),
                                    lesson.taughtOn(),
                                    (one, other) -> one.isAfter(other) ? one : other)));
          }
        });
    return last;
  }
}
