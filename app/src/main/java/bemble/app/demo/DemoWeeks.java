package bemble.app.demo;

import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.register.SchoolWeek;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.store.AnswerRow;
import bemble.app.store.HandoutMapper;
import bemble.app.store.HandoutSumRow;
import bemble.app.store.LessonPartRow;
import bemble.app.store.LessonRow;
import bemble.app.store.NewHandout;
import bemble.app.store.NewLesson;
import bemble.app.store.PlanMapper;
import bemble.app.store.PupilMapper;
import bemble.app.store.PupilRow;
import bemble.diagnosis.Mark;
import bemble.judge.Judge;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Eight weeks of the three classes: what was handed out and answered, and the lessons. They were
 * simulated once ({@code ./bemble demo-weeks}) and are dated back from this week.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 2)
@ConditionalOnProperty("bemble.demo")
class DemoWeeks implements ApplicationRunner {
  private static final int ANSWERS_AT_ONCE = 400;

  private final HandoutMapper handouts;
  private final PlanMapper plans;
  private final PupilMapper pupils;
  private final Classes classes;
  private final Clock clock;
  private final ObjectMapper json;
  private final TransactionOperations together;

  DemoWeeks(
      HandoutMapper handouts,
      PlanMapper plans,
      PupilMapper pupils,
      Classes classes,
      Clock clock,
      ObjectMapper json,
      TransactionOperations together) {
    this.handouts = handouts;
    this.plans = plans;
    this.pupils = pupils;
    this.classes = classes;
    this.clock = clock;
    this.json = json;
    this.together = together;
  }

  /**
   * A day of a class.
   *
   * @param room the name of the class
   * @param week 0 for this week, -1 for the one before
   * @param weekday 1 for Monday
   */
  record When(String room, int week, int weekday) {}

  /** A sum with its right answer. */
  record Sum(String plain, String method, String rung, String right) {}

  /**
   * A handout that was marked.
   *
   * @param answers for each pupil, in the order of their names, what was given: + where it was
   *     right, o for a blank, otherwise the answer, and behind a colon the slip
   */
  record Handout(When when, String title, String kind, List<Sum> sums, List<String> answers) {}

  /** A part of a lesson. */
  record Part(String kind, int minutes, List<SetLineView> lines) {}

  /** A lesson; its state is what came of it when its day is over. */
  record Lesson(
      When when,
      String kind,
      String rung,
      String slip,
      String title,
      String state,
      String note,
      List<Part> parts) {}

  /** A day without lessons. */
  record Holiday(When when, String name) {}

  /** All of it. */
  record Weeks(List<Handout> handouts, List<Lesson> lessons, List<Holiday> holidays) {}

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    Map<String, Long> rooms =
        classes.all().stream().collect(Collectors.toMap(ClassView::name, ClassView::id));
    if (rooms.values().stream().anyMatch(room -> handouts.count(room) > 0)) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/weeks.json")) {
      Weeks weeks = json.readValue(file, Weeks.class);
      together.executeWithoutResult(
          status -> {
            weeks.handouts().forEach(each -> hand(each, rooms.get(each.when().room())));
            weeks.lessons().forEach(each -> plan(each, rooms.get(each.when().room())));
            for (Holiday each : weeks.holidays()) {
              plans.addHoliday(rooms.get(each.when().room()), day(each.when()), each.name());
            }
          });
    }
  }

  private LocalDate day(When when) {
    return SchoolWeek.monday(LocalDate.now(clock))
        .plusWeeks(when.week())
        .plusDays(when.weekday() - 1L);
  }

  private void hand(Handout demo, long room) {
    List<PupilRow> there = pupils.of(room);
    long id =
        handouts.insert(
            new NewHandout(
                room, null, "A", demo.title(), demo.kind(), day(demo.when()), null, null));
    List<HandoutSumRow> sums = new ArrayList<>();
    for (Sum sum : demo.sums()) {
      sums.add(new HandoutSumRow(sums.size(), sum.plain(), sum.method(), sum.rung()));
    }
    handouts.addSums(id, sums);
    handouts.addPupils(id, there.stream().map(PupilRow::id).toList());
    List<AnswerRow> answers = new ArrayList<>();
    for (int pupil = 0; pupil < demo.answers().size(); pupil++) {
      String[] given = demo.answers().get(pupil).split(" ");
      for (int number = 0; number < given.length; number++) {
        String right = demo.sums().get(number).right();
        answers.add(answer(there.get(pupil).id(), number, given[number], right));
      }
    }
    OffsetDateTime at = OffsetDateTime.now(clock);
    for (int from = 0; from < answers.size(); from += ANSWERS_AT_ONCE) {
      int to = Math.min(answers.size(), from + ANSWERS_AT_ONCE);
      handouts.addAnswers(id, answers.subList(from, to), Judge.VERSION, at);
    }
  }

  private static AnswerRow answer(long pupil, int number, String told, String right) {
    if (told.equals("+")) {
      return new AnswerRow(pupil, number, right, Mark.RIGHT.name(), null, false);
    }
    if (told.equals("o")) {
      return new AnswerRow(pupil, number, "", Mark.BLANK.name(), null, false);
    }
    String[] wrong = told.replace('_', ' ').split(":");
    String slip = wrong.length > 1 ? wrong[1] : null;
    return new AnswerRow(pupil, number, wrong[0], Mark.WRONG.name(), slip, false);
  }

  private void plan(Lesson demo, long room) {
    LocalDate day = day(demo.when());
    long id =
        plans.insert(
            new NewLesson(room, day, demo.kind(), demo.rung(), demo.slip(), demo.title(), ""));
    List<LessonPartRow> parts = new ArrayList<>();
    for (Part part : demo.parts()) {
      parts.add(
          new LessonPartRow(
              id, parts.size(), part.kind(), write(part.lines()), part.minutes(), null));
    }
    plans.addParts(id, parts);
    if (day.isBefore(LocalDate.now(clock))) {
      plans.change(
          new LessonRow(
              id,
              room,
              day,
              demo.kind(),
              demo.rung(),
              demo.slip(),
              demo.title(),
              demo.state(),
              demo.note(),
              1));
    }
  }

  private String write(List<SetLineView> lines) {
    try {
      return json.writeValueAsString(lines);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
