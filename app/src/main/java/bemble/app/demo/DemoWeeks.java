package bemble.app.demo;

import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.marking.AnswerRow;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.HandoutSumRow;
import bemble.app.marking.NewHandout;
import bemble.app.plan.LessonPartRow;
import bemble.app.plan.LessonRow;
import bemble.app.plan.NewLesson;
import bemble.app.plan.PlanMapper;
import bemble.app.register.SchoolWeek;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.words.SlipIds;
import bemble.diagnosis.Outcome;
import bemble.judge.Judge;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Eight weeks of the three classes: handouts, their answers, and the lessons. They were simulated
 * once ({@code ./bemble demo-weeks}) and are dated back from this week.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DemoWeeks implements DemoPart {
  /** In one batch for all: there are twelve thousand, and they are to be there at once. */
  private static final String ANSWER =
      """
      insert into work (handout_id, pupil_id, number, worked_on, given, outcome, slip, said,
                        marked_by, changed_at)
      values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
      """;

  private final HandoutMapper handouts;
  private final PlanMapper plans;
  private final PupilMapper pupils;
  private final Classes classes;
  private final Clock clock;
  private final ObjectMapper json;
  private final CompletableFuture<Weeks> weeks;
  private final TransactionOperations transactions;
  private final JdbcTemplate tables;

  DemoWeeks(
      HandoutMapper handouts,
      PlanMapper plans,
      PupilMapper pupils,
      Classes classes,
      Clock clock,
      ObjectMapper json,
      TransactionOperations transactions,
      JdbcTemplate tables) {
    this.handouts = handouts;
    this.plans = plans;
    this.pupils = pupils;
    this.classes = classes;
    this.clock = clock;
    this.json = json;
    // Read while the rest of Bemble starts.
    this.weeks = CompletableFuture.supplyAsync(this::read);
    this.transactions = transactions;
    this.tables = tables;
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
   * @param answers the answers of each pupil, in the order of their names: + for right, o for a
   *     blank, otherwise the answer, and behind a colon the slip that the diagnosis says
   */
  record Handout(When when, String title, String kind, List<Sum> sums, List<String> answers) {}

  /**
   * A part of a lesson.
   *
   * @param pupils the places of those whom it is for in the order of their names; missing where it
   *     is for all
   */
  record Part(String kind, int minutes, List<SetLineView> lines, @Nullable List<Integer> pupils) {}

  /** A lesson; its state is the one that it had at the end of its day. */
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

  /** The eight weeks. */
  record Weeks(List<Handout> handouts, List<Lesson> lessons, List<Holiday> holidays) {}

  @Override
  public void make() {
    Map<String, Long> rooms =
        classes.all().stream().collect(Collectors.toMap(ClassView::name, ClassView::id));
    if (rooms.values().stream().anyMatch(room -> handouts.count(room) > 0)) {
      return;
    }
    Weeks read = weeks.join();
    transactions.executeWithoutResult(
        status -> {
          read.handouts().stream()
              .filter(each -> day(each.when()).isBefore(LocalDate.now(clock)))
              .forEach(each -> hand(each, room(each.when(), rooms)));
          read.lessons().forEach(each -> plan(each, room(each.when(), rooms)));
          for (Holiday each : read.holidays()) {
            plans.addHoliday(room(each.when(), rooms), day(each.when()), each.name());
          }
        });
  }

  private static long room(When when, Map<String, Long> rooms) {
    return Objects.requireNonNull(rooms.get(when.room()));
  }

  private Weeks read() {
    try (InputStream file = getClass().getResourceAsStream("/demo/weeks.json")) {
      return json.readValue(file, Weeks.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
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
    tables.batchUpdate(
        ANSWER,
        answers.stream()
            .map(
                row ->
                    new Object[] {
                      id,
                      row.pupilId(),
                      row.number(),
                      day(demo.when()),
                      row.given(),
                      row.outcome(),
                      row.slip() == null ? null : SlipIds.slips(row.slip()).get(0).id(),
                      row.slip() == null ? "" : row.slip(),
                      Judge.VERSION,
                      at
                    })
            .toList());
  }

  private static AnswerRow answer(long pupil, int number, String told, String right) {
    if (told.equals("+")) {
      return new AnswerRow(pupil, number, right, Outcome.RIGHT.name(), null, false);
    }
    if (told.equals("o")) {
      return new AnswerRow(pupil, number, "", Outcome.BLANK.name(), null, false);
    }
    String[] wrong = told.replace('_', ' ').split(":");
    String slip = wrong.length > 1 ? wrong[1] : null;
    return new AnswerRow(pupil, number, wrong[0], Outcome.WRONG.name(), slip, false);
  }

  private void plan(Lesson demo, long room) {
    LocalDate day = day(demo.when());
    long id =
        plans.insert(
            new NewLesson(
                room, day, demo.kind(), demo.rung(), demo.slip(), demo.title(), "", null));
    List<PupilRow> there = pupils.of(room);
    List<LessonPartRow> parts = new ArrayList<>();
    for (Part part : demo.parts()) {
      parts.add(
          new LessonPartRow(
              id,
              parts.size(),
              part.kind(),
              json.valueToTree(part.lines()),
              part.minutes(),
              json.valueToTree(ids(part, there)),
              null));
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

  private static List<Long> ids(Part part, List<PupilRow> there) {
    return part.pupils() == null
        ? List.of()
        : part.pupils().stream().map(place -> there.get(place).id()).toList();
  }
}
