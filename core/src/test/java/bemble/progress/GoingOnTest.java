package bemble.progress;

import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.practice.Pace;
import bemble.practice.SetLine;
import bemble.style.Style;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Classes whose teacher follows the first proposal on every school day. */
class GoingOnTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);
  private static final int PUPILS = 24;
  private static final int MINUTES = 45;
  private static final LessonMaker LESSONS =
      new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);

  private final List<Map<String, List<Evidence>>> seen = new ArrayList<>();
  private final List<Taught.Topic> given = new ArrayList<>();

  /** How likely a pupil is right in a sum of a rung. */
  private interface Skill {
    double of(int pupil, String rung);
  }

  @BeforeEach
  void aClassThatWorkedNothing() {
    for (int pupil = 0; pupil < PUPILS; pupil++) {
      seen.add(new HashMap<>());
    }
  }

  private Proposals proposals(LocalDate day) {
    Map<Long, Map<String, Progress>> all = new LinkedHashMap<>();
    for (int pupil = 0; pupil < PUPILS; pupil++) {
      Map<String, Progress> own = new HashMap<>();
      seen.get(pupil)
          .forEach((rung, sums) -> own.put(rung, Progress.of(sums, day, Rules.STANDARD)));
      all.put((long) pupil, own);
    }
    Taught taught = new Taught(given, Set.of(), Map.of());
    return new Proposals(new ClassProgress(Ladder.STANDARD, all), taught, day, Rules.STANDARD);
  }

  private static Rung rung(String id) {
    return Ladder.STANDARD.find(id).orElseThrow();
  }

  /** Gives the lesson of the first proposal. */
  private Proposal lesson(LocalDate day, Skill skill, Random random) {
    Proposals proposals = proposals(day);
    Proposal first = proposals.all().get(0);
    boolean isMixed = first.why().kind() == Proposal.Kind.LOOK_AGAIN;
    Lesson lesson = LESSONS.make(proposals, first.why().kind(), rung(first.rung()), MINUTES);
    given.add(new Taught.Topic(day, isMixed ? "" : first.rung(), first.slip()));
    for (Lesson.Part part : lesson.parts()) {
      if (part.kind() == LessonPart.OPENER || part.kind() == LessonPart.PRACTISE) {
        work(part, day, skill, random);
      }
    }
    return first;
  }

  private void work(Lesson.Part part, LocalDate day, Skill skill, Random random) {
    for (int pupil = 0; pupil < PUPILS; pupil++) {
      if (part.pupils().isEmpty() || part.pupils().contains((long) pupil)) {
        for (SetLine line : part.lines()) {
          String rung = line.rung().id();
          for (int i = 0; i < line.count(); i++) {
            boolean right = random.nextDouble() < skill.of(pupil, rung);
            seen.get(pupil)
                .computeIfAbsent(rung, any -> new ArrayList<>())
                .add(right ? Evidence.right(day) : Evidence.wrong(day, ""));
          }
        }
      }
    }
  }

  private static LocalDate schoolDayAfter(LocalDate day) {
    return day.plusDays(day.getDayOfWeek() == DayOfWeek.FRIDAY ? 3 : 1);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void aClassThatIsOnlyCarelessReachesFiveRungsInTenLessons(long seed) {
    Random random = new Random(seed);
    double careless = 0.02 + 0.06 * random.nextDouble();
    Set<String> rungs = new HashSet<>();
    int against = 0;
    LocalDate day = MONDAY;
    for (int i = 0; i < 10; i++) {
      Proposal first = lesson(day, (pupil, rung) -> 1 - careless, random);
      rungs.add(first.rung());
      against += first.why() == Proposal.Why.SLIP ? 1 : 0;
      day = schoolDayAfter(day);
    }
    assertTrue(rungs.size() >= 5, rungs::toString);
    assertTrue(against <= 1);
  }

  /**
   * The class goes on although one pupil is always wrong, and that pupil's rung comes each week.
   */
  @ParameterizedTest
  @ValueSource(longs = {5, 6})
  void aStragglerHoldsNobodyUpAndIsNotLeftBehind(long seed) {
    Random random = new Random(seed);
    Skill skill = (pupil, rung) -> pupil == 7 ? 0 : 0.97;
    LocalDate day = MONDAY;
    Map<String, Integer> untouched = new HashMap<>();
    Set<String> led = new HashSet<>();
    for (int i = 0; i < 30; i++) {
      String first = lesson(day, skill, random).rung();
      led.add(first);
      if (i >= 3) {
        assertTrue(led.size() > 1, first);
      }
      LocalDate today = day;
      seen.get(7)
          .forEach(
              (rung, sums) -> {
                boolean came = sums.get(sums.size() - 1).day().equals(today);
                int days = came ? 0 : untouched.getOrDefault(rung, 0) + 1;
                untouched.put(rung, days);
                assertTrue(days <= 5 || !rung(rung).needs().isEmpty(), rung);
              });
      day = schoolDayAfter(day);
    }
    assertTrue(led.size() > 15, led::toString);
  }

  @ParameterizedTest
  @ValueSource(longs = {8, 9})
  void noRungLeadsFourLessonsInARow(long seed) {
    Random random = new Random(seed);
    Map<String, Double> skills = new HashMap<>();
    Skill skill = (pupil, rung) -> skills.computeIfAbsent(pupil + rung, any -> random.nextDouble());
    LocalDate day = MONDAY;
    for (int i = 0; i < 40; i++) {
      lesson(day, skill, random);
      day = schoolDayAfter(day);
      String last = given.get(i).rung();
      assertTrue(
          i < 3 || given.subList(i - 3, i).stream().anyMatch(each -> !each.rung().equals(last)),
          last);
    }
  }
}
