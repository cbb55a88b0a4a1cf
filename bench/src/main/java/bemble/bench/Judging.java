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
import bemble.style.Style;
import java.util.List;
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

/** What it costs to judge a page anew when one more mark has been written on it. */
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
    LONG + " × " + LONG,
    LONG + " − 898765432198765432198765",
    LONG + " ÷ 12",
    "√" + LONG
  })
  public String sum;

  private Judge judge;
  private List<Written> page;

  @Setup
  public void setUp() {
    Reading reading = new ProblemReader(Limits.STANDARD).read(sum);
    Problem problem = ((Reading.Understood) reading).problem();
    Method<?> method = Methods.of(problem.operation()).get(0);
    judge = new Judge(new Sum(problem, method, Style.STANDARD));
    page = Penned.of(new Sum(problem, method, Style.STANDARD).work());
    System.out.println("marks: " + page.size());
  }

  /** A whole page, right to its last mark. */
  @Benchmark
  public Report judge() {
    return judge.judge(page, Stage.IN_WORK, SettingOut.GIVEN);
  }
}
