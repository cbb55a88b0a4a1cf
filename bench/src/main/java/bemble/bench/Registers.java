package bemble.bench;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Pace;
import bemble.progress.ClassProgress;
import bemble.progress.Evidence;
import bemble.progress.Lesson;
import bemble.progress.LessonMaker;
import bemble.progress.Progress;
import bemble.progress.Proposal;
import bemble.progress.Rules;
import bemble.style.Style;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
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
 * What it costs to tell the standings of a class of thirty on every rung, and to plan from them.
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

  private final Map<Long, Map<String, List<Evidence>>> evidence = new LinkedHashMap<>();
  private ClassProgress progress;

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

  /** What to teach, reteach and look at again. */
  @Benchmark
  public List<Proposal> propose() {
    List<Proposal> proposals = new ArrayList<>(progress.teach());
    proposals.addAll(progress.reteach());
    proposals.addAll(progress.lookAgain());
    return proposals;
  }

  /** A lesson of forty-five minutes for a new rung. */
  @Benchmark
  public Lesson makeALesson() {
    Rung goal = Ladder.STANDARD.find("subtraction-one-zero-crossed").orElseThrow();
    LessonMaker maker = new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);
    return maker.make(goal, goal.methods().get(0), Ladder.STANDARD.all().subList(0, 3), 45);
  }
}
