package bemble.bench;

import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.recipe.Fitting;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import bemble.recipe.Trait;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The time of counting and drawing sums, and of working out the answers of slips. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class Recipes {
  private static final int DRAWN = 20;

  /** Recipes of the largest allowed size. */
  @State(Scope.Benchmark)
  public static class Largest {
    @Param({
      "addition of 12",
      "addition of 12, lengths free",
      "subtraction",
      "multiplication, row carries",
      "multiplication, all carries",
      "division",
      "root, zeros to 3 places"
    })
    public String recipe;

    Recipe get() {
      return switch (recipe) {
        case "addition of 12" -> addition(Size.of(12, 12));
        case "addition of 12, lengths free" -> addition(Size.of(1, 12));
        case "subtraction" ->
            new Recipe(
                Operation.SUBTRACTION,
                Collections.nCopies(2, Size.of(1, 12)),
                Map.of(
                    Trait.EXCHANGES, new Range(4, 6),
                    Trait.ZEROS_CROSSED, new Range(2, 3),
                    Trait.ZEROS_IN_ANSWER, new Range(1, 2)),
                0);
        case "multiplication, row carries" ->
            multiplication(Map.of(Trait.ROW_CARRIES, new Range(6, 8)));
        case "multiplication, all carries" ->
            multiplication(
                Map.of(Trait.ROW_CARRIES, new Range(6, 8), Trait.ADD_CARRIES, new Range(2, 4)));
        case "division" ->
            new Recipe(
                Operation.DIVISION,
                List.of(Size.of(1, 8), Size.of(1, 2)),
                Map.of(Trait.ZEROS_IN_QUOTIENT, new Range(1, 2), Trait.REMAINDER, new Range(1, 40)),
                0);
        default ->
            new Recipe(
                Operation.ROOT,
                List.of(Size.of(1, 8)),
                Map.of(Trait.ZEROS_IN_ROOT, new Range(1, 2)),
                3);
      };
    }

    private static Recipe addition(Size size) {
      return new Recipe(
          Operation.ADDITION,
          Collections.nCopies(12, size),
          Map.of(Trait.CARRIES, new Range(5, 8), Trait.CHAIN, new Range(2, 4)),
          0);
    }

    private static Recipe multiplication(Map<Trait, Range> wishes) {
      return new Recipe(Operation.MULTIPLICATION, List.of(Size.of(6, 6), Size.of(3, 3)), wishes, 0);
    }
  }

  /** Every rung of the ladder once: divide by their number for the mean. */
  @Benchmark
  public int wholeLadder() {
    int drawn = 0;
    for (Rung rung : Ladder.STANDARD.all()) {
      drawn += Fitting.of(rung.recipe()).draw(DRAWN, 7).size();
    }
    return drawn;
  }

  @Benchmark
  public List<Problem> largest(Largest largest) {
    return Fitting.of(largest.get()).draw(DRAWN, 7);
  }

  @Benchmark
  public int slipKeyOfTwenty() {
    int wrong = 0;
    for (Item item : items(DRAWN)) {
      wrong += SlipKey.of(item, Style.STANDARD).wrong().size();
    }
    return wrong;
  }

  @Benchmark
  public TellingApart tellApart() {
    List<Item> pool = items(150);
    List<Slip> slips = SlipKey.slips(pool.get(0).sum(Style.STANDARD).method());
    return TellingApart.among(pool, slips, Style.STANDARD);
  }

  private static List<Item> items(int count) {
    Rung rung = Ladder.STANDARD.find("multiplication-three-by-two").orElseThrow();
    return rung.draw(count, 3).stream()
        .map(problem -> Item.of(problem, "column", rung.id()))
        .toList();
  }
}
