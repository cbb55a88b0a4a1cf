package bemble.app.plan;

import bemble.app.plan.PlanJson.HolidayRequest;
import bemble.app.plan.PlanJson.LessonChange;
import bemble.app.plan.PlanJson.LessonRequest;
import bemble.app.plan.PlanJson.LessonView;
import bemble.app.plan.PlanJson.LogRequest;
import bemble.app.plan.PlanJson.LogView;
import bemble.app.plan.PlanJson.OpenedPart;
import bemble.app.plan.PlanJson.PlanView;
import bemble.app.plan.PlanJson.RepeatRequest;
import bemble.app.plan.PlanJson.SharesRequest;
import bemble.app.plan.PlanJson.TimetableRequest;
import bemble.app.plan.PlanJson.TodayView;
import bemble.app.plan.PlanJson.YearView;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The plan of the current class, today's page, and the logbook. */
@RestController
@RequestMapping("/api/plan")
class PlanController {
  private static final int MOST_WEEKS = 16;

  private final Plan plan;
  private final PlanFrame frame;
  private final Lessons lessons;
  private final PartSets parts;
  private final Today today;
  private final Logbook logbook;
  private final CalendarFile calendar;

  PlanController(
      Plan plan,
      PlanFrame frame,
      Lessons lessons,
      PartSets parts,
      Today today,
      Logbook logbook,
      CalendarFile calendar) {
    this.plan = plan;
    this.frame = frame;
    this.lessons = lessons;
    this.parts = parts;
    this.today = today;
    this.logbook = logbook;
    this.calendar = calendar;
  }

  /** Some weeks, from the week of a day on. */
  @GetMapping
  PlanView view(
      @RequestParam(required = false) String from, @RequestParam(defaultValue = "4") int weeks) {
    return plan.view(from, Math.min(MOST_WEEKS, Math.max(1, weeks)));
  }

  @GetMapping("/today")
  TodayView today() {
    return today.view();
  }

  /** The lessons and holidays as a calendar file. */
  @GetMapping(path = "/calendar", produces = "text/calendar")
  String calendar() {
    return calendar.write();
  }

  @PostMapping("/lessons")
  @ResponseStatus(HttpStatus.CREATED)
  LessonView add(@Valid @RequestBody LessonRequest request) {
    return lessons.plan(request);
  }

  @GetMapping("/lessons/{id}")
  LessonView lesson(@PathVariable long id) {
    return lessons.open(id);
  }

  @PutMapping("/lessons/{id}")
  LessonView change(@PathVariable long id, @Valid @RequestBody LessonChange request) {
    return lessons.change(id, request);
  }

  /** Keeps the result of a lesson. Its untaught rest moves to the next free day. */
  @PostMapping("/lessons/{id}/log")
  LessonView log(@PathVariable long id, @Valid @RequestBody LogRequest request) {
    return lessons.log(id, request);
  }

  /** Plans a lesson again in the weeks that follow. */
  @PostMapping("/lessons/{id}/repeat")
  LessonView repeat(@PathVariable long id, @Valid @RequestBody RepeatRequest request) {
    return lessons.repeat(id, request.weeks());
  }

  /** The set of a part; it is made when it is opened for the first time. */
  @PostMapping("/lessons/{id}/parts/{number}")
  OpenedPart openPart(@PathVariable long id, @PathVariable int number) {
    return parts.open(id, number);
  }

  @DeleteMapping("/lessons/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    lessons.delete(id);
  }

  @PostMapping("/lessons/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    lessons.restore(id);
  }

  @PutMapping("/holidays")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void holiday(@Valid @RequestBody HolidayRequest request) {
    frame.holiday(request);
  }

  @PutMapping("/timetable")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void timetable(@Valid @RequestBody TimetableRequest request) {
    frame.timetable(request);
  }

  /** Sets the shares that a teacher may choose among the rules. */
  @PutMapping("/shares")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void shares(@Valid @RequestBody SharesRequest request) {
    frame.choose(request);
  }

  /** The logbook, latest first. */
  @GetMapping("/log")
  LogView log(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "0") int skipped) {
    return logbook.view(search, skipped);
  }

  @GetMapping("/year")
  YearView year() {
    return logbook.year();
  }
}
