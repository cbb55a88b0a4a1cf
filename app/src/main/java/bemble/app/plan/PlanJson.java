package bemble.app.plan;

import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.register.RegisterJson.RungLabel;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.words.PlainName;
import bemble.practice.LessonPart;
import bemble.progress.Proposal;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The JSON of plans. Days are sent as 2026-11-26. */
public final class PlanJson {
  private PlanJson() {}

  /** The states of a lesson. */
  public enum LessonState {
    PLANNED,
    DONE,
    /** Done in part: the rest moves to another day. */
    HALF,
    /** Not done: the whole lesson moves to another day. */
    MOVED
  }

  /**
   * A part of a lesson.
   *
   * @param told its lines in words
   * @param summary all of them in short
   * @param pupils those whom it is for, while the others do the part before it; none where it is
   *     for all
   * @param names the names of the pupils
   * @param set the set that was made for it, if any
   */
  public record PartView(
      LessonPart kind,
      List<SetLineView> lines,
      List<String> told,
      String summary,
      int minutes,
      List<Long> pupils,
      List<String> names,
      @Nullable Long set) {}

  /**
   * A lesson. Its topic lies flat in JSON.
   *
   * @param minutes its length, without homework and parallel parts
   * @param version counts the changes
   */
  public record LessonView(
      long id,
      int version,
      LocalDate day,
      @JsonUnwrapped LessonTopic topic,
      LessonState state,
      String note,
      int minutes,
      List<PartView> parts) {}

  /** The topic of a lesson: a rung, or a slip that is made on it. */
  public record LessonTopic(Proposal.Kind kind, String rung, @Nullable String slip, String title) {}

  /**
   * A day.
   *
   * @param minutes how many there are for lessons
   * @param holiday its name; missing on other days
   */
  public record DayView(
      LocalDate day, int minutes, @Nullable String holiday, List<LessonView> lessons) {}

  /**
   * A proposal for the class.
   *
   * @param title the title of a lesson on it
   * @param reason why it is proposed
   * @param pupils the names of those whom it is for
   */
  public record ProposalView(
      Proposal.Kind kind,
      Proposal.Why why,
      String rung,
      @Nullable String slip,
      String title,
      String reason,
      List<String> pupils) {}

  /**
   * Some weeks of a class.
   *
   * @param days all days from the first Monday to the last Sunday
   * @param timetable the minutes of each weekday from Monday to Sunday
   * @param begins when the lessons begin, as 09:15; empty where that is not said
   * @param proposals the proposals for a lesson, the best first
   * @param opener the rungs that come again in openers
   */
  public record PlanView(
      LocalDate today,
      List<DayView> days,
      List<Integer> timetable,
      List<String> begins,
      List<ProposalView> proposals,
      List<ProposalView> opener,
      SharesView shares) {}

  /**
   * The shares that a teacher may choose among the rules, in percent.
   *
   * @param opener the share of a lesson for rungs to look at again
   * @param half with which share of the class it goes on
   * @param third for which share of the class a slip is taught against in a lesson
   * @param rules the rules of the plan in words, with these shares
   */
  public record SharesView(int opener, int half, int third, List<String> rules) {}

  /** The same for a change. */
  public record SharesRequest(
      @NotNull(message = "{valid.opener-share}")
          @Min(value = 0, message = "{valid.opener-share}")
          @Max(value = 60, message = "{valid.opener-share}")
          Integer opener,
      @NotNull(message = "{valid.half-share}")
          @Min(value = 10, message = "{valid.half-share}")
          @Max(value = 100, message = "{valid.half-share}")
          Integer half,
      @NotNull(message = "{valid.third-share}")
          @Min(value = 5, message = "{valid.third-share}")
          @Max(value = 100, message = "{valid.third-share}")
          Integer third) {}

  /**
   * A lesson to be planned: on a rung, or against a slip.
   *
   * @param day a day like 2026-11-26
   */
  public record LessonRequest(
      @NotBlank(message = "{valid.day}") String day,
      @NotNull(message = "{valid.lesson-kind}") Proposal.Kind kind,
      @NotBlank(message = "{valid.rung}") String rung,
      @Nullable String slip) {}

  /**
   * A part as it is to be; its minutes follow from its sums.
   *
   * @param pupils those whom it is for; missing or none where it is for all
   */
  public record PartRequest(
      @NotNull(message = "{valid.lesson-part}") LessonPart kind,
      @NotEmpty(message = "{valid.lines-of-set}") @Size(max = 20, message = "{valid.lines-of-set}")
          List<@Valid @NotNull SetLineView> lines,
      @Nullable @Size(max = 100, message = "{valid.lesson-part}") List<@NotNull Long> pupils) {}

  /**
   * How a lesson is to be.
   *
   * @param version as it was seen
   * @param day another day moves it
   * @param parts missing where they stay
   */
  public record LessonChange(
      int version,
      @NotBlank(message = "{valid.day}") String day,
      @NotBlank(message = "{valid.title}") @PlainName String title,
      @Nullable @Size(max = 10, message = "{valid.lesson-part}")
          List<@Valid @NotNull PartRequest> parts) {}

  /** The result of a lesson. */
  public record LogRequest(
      int version,
      @NotNull(message = "{valid.lesson-state}") LessonState state,
      @Size(max = 2000, message = "{valid.note-length}") @Nullable String note) {}

  /** In how many more weeks a lesson comes again. */
  public record RepeatRequest(
      @Min(value = 1, message = "{valid.repeat}") @Max(value = 12, message = "{valid.repeat}")
          int weeks) {}

  /**
   * A day without lessons; without a name it is one with lessons again.
   *
   * @param moveLessons whether the lessons still to be taught on it move to the next free days
   */
  public record HolidayRequest(
      @NotBlank(message = "{valid.day}") String day,
      @PlainName @Nullable String name,
      boolean moveLessons) {}

  /**
   * The lessons of each weekday from Monday to Sunday.
   *
   * @param begins when they begin, as 09:15; empty where that is not said
   */
  public record TimetableRequest(
      @NotNull(message = "{valid.timetable}") @Size(min = 7, max = 7, message = "{valid.timetable}")
          List<
                  @NotNull @Min(value = 0, message = "{valid.timetable}")
                  @Max(value = 240, message = "{valid.timetable}") Integer>
              minutes,
      @Nullable @Size(min = 7, max = 7, message = "{valid.begins}")
          List<
                  @NotNull
                  @Pattern(regexp = "|([01]\\d|2[0-3]):[0-5]\\d", message = "{valid.begins}")
                  String>
              begins) {}

  /** The set of a part, and its sums in their order. */
  public record OpenedPart(long set, List<OpenedSum> sums) {}

  /** A sum by its line and its method. */
  public record OpenedSum(String plain, String method) {}

  /**
   * A rung that some are to look at again.
   *
   * @param reason how many are due, or not sure yet
   */
  public record AgainView(RungLabel rung, String reason, List<String> pupils) {}

  /**
   * Today's page.
   *
   * @param planned whether anything is planned from today on
   * @param next the next day with a lesson that is still planned, today if there is one; missing
   *     where nothing is planned
   * @param waiting handouts with answers to be entered
   * @param others the other classes
   */
  public record TodayView(
      LocalDate today,
      boolean planned,
      @Nullable DayView next,
      List<HandoutEntry> waiting,
      List<AgainView> again,
      List<OtherClass> others) {}

  /**
   * The next lesson of another class.
   *
   * @param next the next day with a lesson that is still planned; missing where nothing is
   * @param lessons the lessons planned on it
   * @param waiting how many handouts wait to be marked
   */
  public record OtherClass(
      long id, String name, @Nullable LocalDate next, List<String> lessons, int waiting) {}

  /** The kinds of entries in the logbook. */
  public enum LogKind {
    LESSON,
    HANDOUT,
    SET,
    RUN,
    /** On where a page of a shared slip first goes wrong. */
    VOTE
  }

  /**
   * An entry of the logbook.
   *
   * @param told the result of a lesson, the kind of a handout, the writer of a run, the votes of a
   *     class
   */
  public record LogEntry(
      LogKind kind, long id, LocalDate day, String title, String told, String note) {}

  /** A part of the logbook. */
  public record LogView(List<LogEntry> entries, boolean more) {}

  /** How many pupils were sure of a rung at the end of each week. */
  public record RungYear(RungLabel rung, List<Integer> sure) {}

  /**
   * A year of a class.
   *
   * @param weeks the Mondays of its weeks
   * @param rungs the rungs of which some pupil was sure
   */
  public record YearView(List<LocalDate> weeks, int pupils, List<RungYear> rungs) {}
}
