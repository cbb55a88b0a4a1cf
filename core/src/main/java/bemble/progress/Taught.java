package bemble.progress;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The lessons that a class has had, and those that are planned.
 *
 * <p>A day on which a large part of the class worked several sums of a rung counts as a lesson on
 * it: not every teacher plans in Bemble.
 */
public final class Taught {
  /** No lesson yet. */
  public static final Taught NOTHING = new Taught(List.of(), Set.of(), Map.of());

  private final List<Topic> lessons;
  private final Map<String, Set<LocalDate>> days = new HashMap<>();
  private final Set<String> planned;
  private final Map<String, LocalDate> last;

  /**
   * A lesson.
   *
   * @param rung the id of the rung that it was about; empty for mixed practice
   * @param slip the id of the slip that it was against; empty for other lessons
   */
  public record Topic(LocalDate day, String rung, String slip) {}

  /**
   * The work of a pupil on a rung and day.
   *
   * @param sums how many, 1 or more
   */
  public record Worked(long pupil, String rung, LocalDate day, int sums) {}

  /**
   * Some lessons.
   *
   * @param lessons in any order
   * @param planned the ids of the rungs that lessons are planned on, empty for mixed practice
   * @param last by the id of a rung the last day on which any part of a lesson has sums of it,
   *     planned or not
   */
  public Taught(List<Topic> lessons, Set<String> planned, Map<String, LocalDate> last) {
    this.lessons = lessons.stream().sorted(Comparator.comparing(Topic::day).reversed()).toList();
    this.planned = Set.copyOf(planned);
    this.last = Map.copyOf(last);
    lessons.forEach(
        each -> days.computeIfAbsent(each.rung(), any -> new HashSet<>()).add(each.day()));
  }

  /**
   * The days that count as lessons by the work on them, where no lesson is noted.
   *
   * @param pupils how many there are in the class
   * @param noted the lessons that are noted
   */
  public static List<Topic> byWork(
      Collection<Worked> worked, int pupils, List<Topic> noted, Rules rules) {
    record Day(LocalDate day, String rung) {}

    Set<Day> known =
        noted.stream().map(each -> new Day(each.day(), each.rung())).collect(Collectors.toSet());
    Map<Day, Long> busy =
        worked.stream()
            .filter(each -> each.sums() >= rules.worked().sums())
            .map(each -> new Day(each.day(), each.rung()))
            .filter(day -> !known.contains(day))
            .collect(Collectors.groupingBy(day -> day, Collectors.counting()));
    return busy.entrySet().stream()
        .filter(each -> each.getValue() >= rules.worked().share() * pupils)
        .map(each -> new Topic(each.getKey().day(), each.getKey().rung(), ""))
        .toList();
  }

  /** On how many days a rung was taught. */
  int lessons(String rung) {
    return days.getOrDefault(rung, Set.of()).size();
  }

  /** Whether any of the latest so many lessons was about a rung. */
  boolean isAmongLatest(String rung, int many) {
    return lessons.stream().limit(many).anyMatch(each -> each.rung().equals(rung));
  }

  /** The last day on which some part of a lesson has sums of a rung. */
  LocalDate last(String rung) {
    return last.getOrDefault(rung, LocalDate.MIN);
  }

  /** Whether a lesson on a rung is planned. */
  boolean isPlanned(String rung) {
    return planned.contains(rung);
  }

  /** Whether the latest so many lessons were all about a rung. */
  boolean isLatest(String rung, int many) {
    return lessons.size() >= many
        && lessons.stream().limit(many).allMatch(each -> each.rung().equals(rung));
  }

  /** The last day on which a rung was taught against a slip. */
  Optional<LocalDate> against(String rung, String slip) {
    return lessons.stream()
        .filter(each -> each.rung().equals(rung) && each.slip().equals(slip))
        .map(Topic::day)
        .findFirst();
  }
}
