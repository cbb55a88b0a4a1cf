package bemble.app.extract;

import bemble.app.house.ClassMapper;
import bemble.app.ladder.LadderBook;
import bemble.app.ladder.Ladders;
import bemble.app.marking.Glances;
import bemble.app.marking.Handouts;
import bemble.app.plan.Lessons;
import bemble.app.plan.Logbook;
import bemble.app.plan.Plan;
import bemble.app.plan.Today;
import bemble.app.refusal.RefusedException;
import bemble.app.register.PupilPages;
import bemble.app.register.Register;
import bemble.app.runs.Runs;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetMapper;
import bemble.app.sets.SetSumRow;
import bemble.app.slate.Attempts;
import bemble.app.table.Stored;
import java.util.Collection;
import java.util.Map;
import java.util.function.LongConsumer;
import org.springframework.stereotype.Component;

/** Reads whatever was inserted in the way in which the screens read it. */
@Component
class Everything {
  private static final int WEEKS = 12;

  private final ClassMapper classes;
  private final Stored stored;
  private final Ladders ladders;
  private final LadderBook ladder;
  private final SetMapper setSums;
  private final SetBook sets;
  private final Runs runs;
  private final Attempts attempts;
  private final Handouts handouts;
  private final Glances glances;
  private final Lessons lessons;
  private final Register register;
  private final PupilPages pupils;
  private final Plan plan;
  private final Today today;
  private final Logbook logbook;

  Everything(
      ClassMapper classes,
      Stored stored,
      Ladders ladders,
      LadderBook ladder,
      SetMapper setSums,
      SetBook sets,
      Runs runs,
      Attempts attempts,
      Handouts handouts,
      Glances glances,
      Lessons lessons,
      Register register,
      PupilPages pupils,
      Plan plan,
      Today today,
      Logbook logbook) {
    this.classes = classes;
    this.stored = stored;
    this.ladders = ladders;
    this.ladder = ladder;
    this.setSums = setSums;
    this.sets = sets;
    this.runs = runs;
    this.attempts = attempts;
    this.handouts = handouts;
    this.glances = glances;
    this.lessons = lessons;
    this.register = register;
    this.pupils = pupils;
    this.plan = plan;
    this.today = today;
    this.logbook = logbook;
  }

  /**
   * Looks at the current class and at all inserted rows.
   *
   * @param numbers for each table, the numbers of the inserted rows as values
   * @throws RuntimeException if a screen could not show a row
   */
  void look(Map<String, Map<Long, Long>> numbers) {
    each(numbers, "school_class", this::lookAtClass);
    ladder.view();
    each(numbers, "practice_set", this::lookAtSet);
    each(numbers, "work", attempts::look);
    each(numbers, "run", runs::open);
    each(numbers, "handout", handouts::open);
    each(numbers, "handout", glances::of);
    each(numbers, "lesson", lessons::open);
    each(numbers, "pupil", pupils::of);
    register.view();
    plan.view(null, WEEKS);
    today.view();
    logbook.view("", 0);
    logbook.year();
  }

  private static void each(Map<String, Map<Long, Long>> numbers, String table, LongConsumer look) {
    Collection<Long> here = numbers.getOrDefault(table, Map.of()).values();
    here.forEach(look::accept);
  }

  /** Whatever of a class is damaged is left out on its screens, but not read in. */
  private void lookAtClass(long classId) {
    if (!stored.isStyle(classes.find(classId).orElseThrow().style())
        || !ladders.isReadable(classId)) {
      throw RefusedException.of("no-extract");
    }
  }

  private void lookAtSet(long id) {
    setSums.sums(id).stream()
        .map(SetSumRow::version)
        .distinct()
        .forEach(version -> sets.open(id, version));
  }
}
