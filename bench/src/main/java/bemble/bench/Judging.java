package bemble.bench;

import bemble.judge.Judge;
import bemble.judge.Judge.SettingOut;
import bemble.judge.Judge.Stage;
import bemble.judge.Penned;
import bemble.judge.Report;
import bemble.judge.Written;
import bemble.method.Method;
import bemble.method.Methods;
import bemble.method.Sum;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
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

/** What it costs to judge a page, as is done after each mark that is written on it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class Judging {
  private static final String LONG = "987654321098765432109876";

  @Param({
    "57 × 38",
    "987654 × 456",
    "98765432 + 12345678 + 55555555 + 98989898 + 77777777",
    "98765432 ÷ 47",
    "√98765432",
    LONG + " × " + LONG,
    LONG + " − 898765432198765432198765",
    LONG + " ÷ 12",
    "√" + LONG
  })
  public String sum;

  /** What stands on the page: nothing wrong, one slip, three wrong figures, or any figures. */
  @Param({"right", "slip", "three", "random"})
  public String kind;

  private Judge judge;
  private List<Written> page;

  @Setup
  public void setUp() {
    Reading reading = new ProblemReader(Limits.STANDARD).read(sum);
    Problem problem = ((Reading.Understood) reading).problem();
    Method<?> method = Methods.of(problem.operation()).get(0);
    Sum worked = new Sum(problem, method, Style.STANDARD);
    judge = new Judge(worked);
    List<Slip> slips = kind.equals("slip") ? method.slips().subList(1, 2) : List.of();
    page = new ArrayList<>(Penned.of(Judge.simulate(worked, slips)));
    spoil(new Random(7));
    System.out.println("marks: " + page.size());
  }

  private void spoil(Random random) {
    int often = kind.equals("random") ? page.size() : kind.equals("three") ? 3 : 0;
    for (int i = 0; i < often; i++) {
      int at = kind.equals("random") ? i : random.nextInt(page.size());
      Written written = page.get(at);
      String other = String.valueOf(random.nextInt(10));
      page.set(at, new Written(written.at(), written.spot(), other));
    }
  }

  /** A whole page, to its last mark. */
  @Benchmark
  public Report judge() {
    return judge.judge(page, Stage.IN_WORK, SettingOut.GIVEN);
  }
}
