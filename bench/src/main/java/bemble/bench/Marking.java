package bemble.bench;

import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Diagnoser;
import bemble.diagnosis.Diagnosis;
import bemble.diagnosis.Pool;
import bemble.diagnosis.Reply;
import bemble.diagnosis.SimulatedPupil;
import bemble.ladder.Ladder;
import bemble.practice.Item;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The time of explaining the answers of a class of thirty to twenty sums. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class Marking {
  private static final int PUPILS = 30;
  private static final int SUMS = 20;

  /** The rung of the sums. */
  @Param({"subtraction-one-zero-crossed", "multiplication-three-by-two", "division-zero-inside"})
  public String rung;

  private List<Item> items;
  private List<List<AnswerSpace>> pupils;

  /** Draws the sums, and has simulated pupils answer them. */
  @Setup
  public void answer() {
    Random random = new Random(9);
    items = new ArrayList<>();
    String method = Ladder.STANDARD.find(rung).orElseThrow().methods().get(0);
    for (Problem problem : Ladder.STANDARD.find(rung).orElseThrow().draw(SUMS, 9)) {
      items.add(Item.of(problem, method, rung));
    }
    List<Slip> slips = items.get(0).sum(Style.STANDARD).method().slips();
    pupils = new ArrayList<>();
    for (int i = 0; i < PUPILS; i++) {
      Optional<Slip> slip =
          i % 2 == 0 ? Optional.empty() : Optional.of(slips.get(random.nextInt(slips.size())));
      SimulatedPupil pupil = new SimulatedPupil(slip, 0.75, 0.05, 0);
      List<AnswerSpace> row = new ArrayList<>();
      for (Item item : items) {
        row.add(given(pupil.answer(item.sum(Style.STANDARD), random).orElseThrow()));
      }
      pupils.add(row);
    }
  }

  private static AnswerSpace given(Answer answer) {
    return new AnswerSpace.Answered(new Reply(answer.value().value(), Optional.empty()));
  }

  /** From the sums to the diagnosis of each pupil. */
  @Benchmark
  public List<Diagnosis> diagnoseAClass() {
    Diagnoser diagnoser = new Diagnoser(items, Style.STANDARD);
    return pupils.stream().map(diagnoser::of).toList();
  }

  /** The same with the sums to ask next. */
  @Benchmark
  public int askAClassNext() {
    Diagnoser diagnoser = new Diagnoser(items, Style.STANDARD);
    Pool pool = Pool.like(items, Ladder.STANDARD, Style.STANDARD, 3);
    return pupils.stream().mapToInt(row -> diagnoser.askNext(row, pool, 2).size()).sum();
  }
}
