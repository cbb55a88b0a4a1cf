package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.plan.PlanJson.HolidayRequest;
import bemble.app.plan.PlanJson.SharesRequest;
import bemble.app.plan.PlanJson.TimetableRequest;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** What the plan of a class has to keep to: its free days, its timetable, its shares. */
@Service
class PlanFrame {
  private final PlanMapper mapper;
  private final Calendar calendar;
  private final PlanRules rules;
  private final Lessons lessons;
  private final Classes classes;
  private final TransactionOperations transactions;

  PlanFrame(
      PlanMapper mapper,
      Calendar calendar,
      PlanRules rules,
      Lessons lessons,
      Classes classes,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.calendar = calendar;
    this.rules = rules;
    this.lessons = lessons;
    this.classes = classes;
    this.transactions = transactions;
  }

  /** Sets the shares that a teacher may choose among the rules. */
  void choose(SharesRequest request) {
    rules.choose(classes.here(), request);
  }

  /** Makes a day free, or takes that back. */
  void holiday(HolidayRequest request) {
    long classId = classes.here();
    LocalDate day = Calendar.day(request.day());
    String name = request.name();
    if (name == null || name.isBlank()) {
      mapper.removeHoliday(classId, day);
    } else {
      transactions.executeWithoutResult(
          status -> {
            mapper.addHoliday(classId, day, name);
            if (request.moveLessons()) {
              lessons.moveOn(classId, day);
            }
          });
    }
  }

  /** Sets the lessons of each weekday from Monday to Sunday. */
  void timetable(TimetableRequest request) {
    long classId = classes.here();
    List<String> begins = request.begins() == null ? calendar.begins(classId) : request.begins();
    transactions.executeWithoutResult(
        status -> {
          for (int day = 0; day < begins.size(); day++) {
            int minutes = request.minutes().get(day);
            mapper.setWeekday(classId, new WeekdayRow(day + 1, minutes, begins.get(day)));
          }
        });
  }
}
