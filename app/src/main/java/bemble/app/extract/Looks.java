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
import bemble.app.sets.KeptSets;
import bemble.app.sets.SetMapper;
import bemble.app.sets.SetSumRow;
import bemble.app.slate.Attempts;
import bemble.app.table.Stored;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the screens read the rows of each table. */
@Configuration
class Looks {
  private static final int WEEKS = 12;

  /** Whatever of a class is damaged is left out on its screens, but not read in. */
  @Bean
  Look atClasses(ClassMapper classes, Stored stored, Ladders ladders) {
    return Look.each(
        "school_class",
        id -> {
          if (!stored.isStyle(classes.find(id).orElseThrow().style()) || !ladders.isReadable(id)) {
            throw RefusedException.of("no-extract");
          }
        });
  }

  @Bean
  Look atLadder(LadderBook ladder) {
    return numbers -> ladder.view();
  }

  @Bean
  Look atSets(SetMapper sums, KeptSets sets) {
    return Look.each(
        "practice_set",
        id ->
            sums.sums(id).stream()
                .map(SetSumRow::version)
                .distinct()
                .forEach(version -> sets.open(id, version)));
  }

  @Bean
  Look atWork(Attempts attempts) {
    return Look.each("work", attempts::look);
  }

  @Bean
  Look atRuns(Runs runs) {
    return Look.each("run", runs::open);
  }

  @Bean
  Look atHandouts(Handouts handouts) {
    return Look.each("handout", handouts::open);
  }

  @Bean
  Look atGlances(Glances glances) {
    return Look.each("handout", glances::of);
  }

  @Bean
  Look atLessons(Lessons lessons) {
    return Look.each("lesson", lessons::open);
  }

  @Bean
  Look atPupils(PupilPages pupils) {
    return Look.each("pupil", pupils::of);
  }

  @Bean
  Look atRegister(Register register) {
    return numbers -> register.view();
  }

  @Bean
  Look atPlan(Plan plan, Today today) {
    return numbers -> {
      plan.view(null, WEEKS);
      today.view();
    };
  }

  @Bean
  Look atLog(Logbook logbook) {
    return numbers -> {
      logbook.view("", 0);
      logbook.year();
    };
  }
}
