package bemble.bench;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Lesson;
import bemble.practice.Pace;
import bemble.progress.ClassProgress;
import bemble.progress.Evidence;
import bemble.progress.LessonMaker;
import bemble.progress.Progress;
import bemble.progress.Proposals;
import bemble.progress.Rules;
import bemble.progress.Taught;
import bemble.style.Style;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The time of telling the standings of a class of thirty on every rung, and of proposing lessons
 * from them.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class Registers {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 20);
  private static final int PUPILS = 30;
  private static final int WEEKS = 8;
  private static final int SUMS = 5;
  private static final String GOAL = "subtraction-one-zero-crossed";

  private final Map<Long, Map<String, List<Evidence>>> evidence = new LinkedHashMap<>();
  private final LessonMaker maker = new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);
  private ClassProgress progress;
  private Taught taught;

  /** Five sums of each rung a week for every pupil. */
  @Setup
  public void work() {
    Random random = new Random(12);
    for (long pupil = 1; pupil <= PUPILS; pupil++) {
      Map<String, List<Evidence>> rungs = new LinkedHashMap<>();
      for (Rung rung : Ladder.STANDARD.all()) {
        List<Evidence> sums = new ArrayList<>();
        for (int week = WEEKS; week > 0; week--) {
          LocalDate day = TODAY.minusWeeks(week);
          for (int sum = 0; sum < SUMS; sum++) {
            boolean right = random.nextInt(SUMS) > 0;
            sums.add(right ? Evidence.right(day) : Evidence.wrong(day, "carry-not-added"));
          }
        }
        rungs.put(rung.id(), sums);
      }
      evidence.put(pupil, rungs);
    }
    progress = tellTheStandings();
    List<Taught.Topic> lessons =
        Ladder.STANDARD.all().stream()
            .map(rung -> new Taught.Topic(TODAY.minusWeeks(1), rung.id(), ""))
            .toList();
    taught = new Taught(lessons.subList(0, lessons.size() / 2), Set.of(), Map.of());
  }

  /** From the evidence to the standing of each pupil on each rung. */
  @Benchmark
  public ClassProgress tellTheStandings() {
    Map<Long, Map<String, Progress>> all = new LinkedHashMap<>();
    evidence.forEach(
        (pupil, rungs) -> {
          Map<String, Progress> told = new LinkedHashMap<>();
          rungs.forEach((rung, sums) -> told.put(rung, Progress.of(sums, TODAY, Rules.STANDARD)));
          all.put(pupil, told);
        });
    return new ClassProgress(Ladder.STANDARD, all);
  }

  /** Proposes lessons, rungs for the opener, and pupils for a part of their own. */
  @Benchmark
  public List<Object> propose() {
    Proposals proposals = new Proposals(progress, taught, TODAY, Rules.STANDARD);
    return List.of(proposals.all(), proposals.opener(), proposals.group(GOAL));
  }

  /** A lesson of forty-five minutes for a new rung, by a maker that has made one before. */
  @Benchmark
  public Lesson makeALesson() {
    Rung goal = Ladder.STANDARD.find(GOAL).orElseThrow();
    List<Rung> again = Ladder.STANDARD.all().subList(0, 20);
    return maker.make(goal, goal.methods().get(0), again, Optional.empty(), 45);
  }
}
