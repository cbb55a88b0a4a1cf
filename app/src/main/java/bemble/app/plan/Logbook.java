package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.plan.PlanJson.LogEntry;
import bemble.app.plan.PlanJson.LogKind;
import bemble.app.plan.PlanJson.LogView;
import bemble.app.plan.PlanJson.RungYear;
import bemble.app.plan.PlanJson.YearView;
import bemble.app.register.Register;
import bemble.app.register.RegisterWords;
import bemble.app.register.SchoolWeek;
import bemble.app.table.Like;
import bemble.app.table.Shared;
import bemble.app.words.Sentences;
import bemble.ladder.Rung;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The work with a class day by day, and how its rungs came to be sure over a year. */
@Service
public class Logbook {
  private static final int SIZE = 60;
  private static final int MOST_WEEKS = 52;

  private final PlanMapper mapper;
  private final Calendar calendar;
  private final Register register;
  private final Classes classes;
  private final Shared shared;

  Logbook(PlanMapper mapper, Calendar calendar, Register register, Classes classes, Shared shared) {
    this.mapper = mapper;
    this.calendar = calendar;
    this.register = register;
    this.classes = classes;
    this.shared = shared;
  }

  /**
   * A slice of the logbook, latest first.
   *
   * @param words words of its title or note; empty for everything
   * @param skipped how many entries were had before
   */
  public LogView view(String words, int skipped) {
    String like = Like.containing(words.toLowerCase(Locale.ROOT).strip());
    List<LogRow> rows = mapper.log(classes.here(), like, Math.max(0, skipped), SIZE + 1);
    List<LogEntry> entries =
        rows.stream()
            .limit(SIZE)
            .map(
                row ->
                    new LogEntry(
                        LogKind.valueOf(row.kind()),
                        row.id(),
                        row.doneOn(),
                        row.title(),
                        told(row),
                        row.note()))
            .toList();
    return new LogView(entries, rows.size() > SIZE);
  }

  private static String told(LogRow row) {
    if (LogKind.valueOf(row.kind()) != LogKind.VOTE) {
      return row.told();
    }
    String[] votes = row.told().split(" ");
    return Sentences.of(
        "plan.voted", "found", Integer.valueOf(votes[0]), "votes", Integer.valueOf(votes[1]));
  }

  /** How many were sure of each rung at the end of each week, up to this one. */
  public YearView year() {
    return shared.of(List.of("year", calendar.today()), this::workYear);
  }

  private YearView workYear() {
    long classId = classes.here();
    RegisterWords words = register.words(classId);
    Optional<LocalDate> first = register.firstDay(classId);
    if (first.isEmpty()) {
      return new YearView(List.of(), 0, List.of());
    }
    List<LocalDate> weeks = SchoolWeek.mondays(first.get(), calendar.today(), MOST_WEEKS);
    List<Map<String, Integer>> sure =
        register.sure(classId, weeks.stream().map(week -> week.plusDays(6)).toList());
    List<RungYear> rungs =
        words.ladder().rungs().stream()
            .map(Rung::id)
            .filter(rung -> sure.stream().anyMatch(week -> week.containsKey(rung)))
            .map(
                rung ->
                    new RungYear(
                        words.label(rung),
                        sure.stream().map(week -> week.getOrDefault(rung, 0)).toList()))
            .toList();
    return new YearView(weeks, register.progress(classId).pupils().size(), rungs);
  }
}
