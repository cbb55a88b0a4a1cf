package bemble.app.plan;

import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.plan.PlanJson.LessonChange;
import bemble.app.plan.PlanJson.LessonRequest;
import bemble.app.plan.PlanJson.LessonState;
import bemble.app.plan.PlanJson.LessonTopic;
import bemble.app.plan.PlanJson.LessonView;
import bemble.app.plan.PlanJson.LogRequest;
import bemble.app.plan.PlanJson.PartView;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.register.Register;
import bemble.app.register.RegisterWords;
import bemble.app.words.SlipIds;
import bemble.ladder.Rung;
import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Plans lessons, and keeps their results. */
@Service
public class Lessons {
  private final PlanMapper mapper;
  private final Calendar calendar;
  private final Register register;
  private final Classes classes;
  private final Course course;
  private final LessonParts parts;
  private final Deletions deletions;
  private final TransactionOperations transactions;

  Lessons(
      PlanMapper mapper,
      Calendar calendar,
      Register register,
      Classes classes,
      Course course,
      LessonParts parts,
      Deletions deletions,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.calendar = calendar;
    this.register = register;
    this.classes = classes;
    this.course = course;
    this.parts = parts;
    this.deletions = deletions;
    this.transactions = transactions;
  }

  /** Plans a lesson that fits into the free time of a day. */
  public LessonView plan(LessonRequest request) {
    long classId = classes.here();
    LocalDate day = Calendar.day(request.day());
    RegisterWords words = register.words(classId);
    Rung goal =
        words
            .ladder()
            .find(request.rung())
            .orElseThrow(() -> RefusedException.of("no-rung", "rung", request.rung()));
    int minutes = calendar.minutes(classId, day);
    for (LessonRow other : mapper.lessons(classId, day, day)) {
      minutes -= view(other).minutes();
    }
    Proposals proposals = course.proposals(classId, day, calendar.today());
    Lesson lesson =
        parts.maker(classId).make(proposals, request.kind(), goal, Math.max(0, minutes));
    if (lesson.minutes() == 0) {
      throw RefusedException.of("day-full", "day", RegisterWords.day(day));
    }
    String slip = request.slip() == null ? "" : request.slip();
    if (!slip.isEmpty() && SlipIds.slips(slip).isEmpty()) {
      throw RefusedException.of("no-such-slip", "slip", slip);
    }
    String title = new PlanWords(words).title(request.kind(), goal.id(), slip);
    NewLesson row =
        new NewLesson(classId, day, request.kind().name(), goal.id(), slip, title, "", null);
    return insert(row, parts.rows(lesson));
  }

  private LessonView insert(NewLesson lesson, List<LessonPartRow> rows) {
    long id =
        Objects.requireNonNull(
            transactions.execute(
                status -> {
                  long inserted = mapper.insert(lesson);
                  if (!rows.isEmpty()) {
                    mapper.addParts(inserted, rows);
                  }
                  return inserted;
                }));
    return open(id);
  }

  /** A lesson with its parts. */
  public LessonView open(long id) {
    return view(find(id));
  }

  LessonRow find(long id) {
    return mapper.find(id).orElseThrow(Lessons::missing);
  }

  private LessonView view(LessonRow row) {
    return view(row, mapper.partsOf(row.id()));
  }

  LessonView view(LessonRow row, List<LessonPartRow> rows) {
    List<PartView> views = parts.views(rows, register.words(row.classId()), row.classId());
    int minutes = views.stream().filter(LessonParts::isForAll).mapToInt(PartView::minutes).sum();
    return new LessonView(
        row.id(),
        row.version(),
        row.taughtOn(),
        new LessonTopic(
            Proposal.Kind.valueOf(row.kind()),
            row.rung(),
            row.slip().isEmpty() ? null : row.slip(),
            row.title()),
        LessonState.valueOf(row.state()),
        row.note(),
        minutes,
        views);
  }

  /** Moves or renames a lesson, or changes its parts. */
  public LessonView change(long id, LessonChange change) {
    LessonRow row = find(id);
    LocalDate day = Calendar.day(change.day());
    if (!day.equals(row.taughtOn())) {
      calendar.minutes(row.classId(), day);
    }
    List<LessonPartRow> rows =
        change.parts() == null ? null : parts.rows(change.parts(), row.classId());
    transactions.executeWithoutResult(
        status -> {
          put(row, change.version(), day, change.title(), row.state(), row.note());
          if (rows != null) {
            mapper.removeParts(id);
            if (!rows.isEmpty()) {
              mapper.addParts(id, rows);
            }
          }
        });
    return open(id);
  }

  private void put(
      LessonRow row, int version, LocalDate day, String title, String state, String note) {
    LessonRow changed =
        new LessonRow(
            row.id(),
            row.classId(),
            day,
            row.kind(),
            row.rung(),
            row.slip(),
            title,
            state,
            note,
            version);
    if (mapper.change(changed) == 0) {
      throw new StaleException("lesson-changed", "title", row.title());
    }
  }

  /**
   * Keeps the result of a lesson. Its untaught rest is planned on the next free day: the whole
   * lesson if it was moved, the parts behind the showing if half was done. The rest is deleted if
   * the lesson turns out to be done.
   */
  public LessonView log(long id, LogRequest request) {
    LessonRow row = find(id);
    String note = request.note() == null ? row.note() : request.note().strip();
    boolean isOther = request.state() != LessonState.valueOf(row.state());
    boolean leaves = request.state() == LessonState.HALF || request.state() == LessonState.MOVED;
    List<LessonPartRow> left =
        leaves && isOther
            ? mapper.partsOf(id).stream().filter(part -> isLeft(part, request.state())).toList()
            : List.of();
    transactions.executeWithoutResult(
        status -> {
          put(row, request.version(), row.taughtOn(), row.title(), request.state().name(), note);
          if (isOther) {
            deleteLeftOf(id);
          }
          if (!left.isEmpty()) {
            LocalDate next =
                calendar.nextFree(row.classId(), row.taughtOn()).orElse(row.taughtOn().plusDays(1));
            copy(row, left, next, id);
          }
        });
    return open(id);
  }

  /** Moves the lesson that holds the untaught rest of another one into the bin. */
  private void deleteLeftOf(long id) {
    for (LessonRow left : mapper.leftOf(id)) {
      if (left.state().equals(LessonState.PLANNED.name())) {
        delete(left.id());
      } else {
        deleteLeftOf(left.id());
      }
    }
  }

  private static boolean isLeft(LessonPartRow part, LessonState state) {
    LessonPart kind = LessonPart.valueOf(part.kind());
    return state == LessonState.MOVED || kind.compareTo(LessonPart.SHOW) > 0;
  }

  private void copy(
      LessonRow row, List<LessonPartRow> rows, LocalDate day, @Nullable Long cameFrom) {
    long copy =
        mapper.insert(
            new NewLesson(
                row.classId(), day, row.kind(), row.rung(), row.slip(), row.title(), "", cameFrom));
    if (!rows.isEmpty()) {
      mapper.addParts(copy, rows);
    }
  }

  /** Moves the lessons that are still to be taught on a day to the next free ones. */
  void moveOn(long classId, LocalDate day) {
    for (LessonRow row : mapper.lessons(classId, day, day)) {
      if (row.state().equals(LessonState.PLANNED.name())) {
        LocalDate next = calendar.nextFree(classId, day).orElse(day.plusDays(1));
        put(row, row.version(), next, row.title(), row.state(), row.note());
      }
    }
  }

  /** Plans a lesson again in the weeks that follow, but for holidays. */
  public LessonView repeat(long id, int weeks) {
    LessonRow row = find(id);
    List<LessonPartRow> again =
        mapper.partsOf(id).stream()
            .map(
                part ->
                    new LessonPartRow(
                        0,
                        part.number(),
                        part.kind(),
                        part.lines(),
                        part.minutes(),
                        part.pupils(),
                        null))
            .toList();
    transactions.executeWithoutResult(
        status -> {
          for (int week = 1; week <= weeks; week++) {
            LocalDate day = row.taughtOn().plusWeeks(week);
            if (mapper.holidays(row.classId(), day, day).isEmpty()) {
              copy(row, again, day, null);
            }
          }
        });
    return open(id);
  }

  void delete(long id) {
    deletions.delete(mapper, id, Lessons::missing);
  }

  void restore(long id) {
    deletions.restore(mapper, id, Lessons::missing);
  }

  static MissingException missing() {
    return new MissingException("lesson");
  }
}
