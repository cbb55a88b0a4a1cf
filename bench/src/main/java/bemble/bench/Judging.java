package bemble.bench;

import bemble.judge.Judge;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
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

/** The time of judging a whole page; {@link JudgingTable} has each mark of many pages. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class Judging {
  @Param({"57 × 38", "987654 × 456", "98765432 ÷ 47", "√98765432"})
  public String sum;

  @Param({"RIGHT", "SLIP", "THREE", "RANDOM"})
  public String kind;

  private Judge judge;
  private List<Written> page;

  @Setup
  public void setUp() {
    WrongPages pages = new WrongPages(sum);
    judge = new Judge(pages.sum());
    page = pages.page(WrongPages.Kind.valueOf(kind), 7);
  }

  /** A whole page, to its last mark. */
  @Benchmark
  public Report judge() {
    return judge.judge(page, Stage.IN_WORK, SettingOut.GIVEN);
  }
}
