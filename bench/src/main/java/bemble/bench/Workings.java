package bemble.bench;

import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.Locale;
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

/** The time of a working, method by method and size by size, beside BigInteger's own time. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class Workings {
  @Param({
    "addition column 12",
    "addition column 2",
    "addition in-pairs 12",
    "addition left-to-right 12",
    "subtraction exchange 2",
    "subtraction add-to-both 2",
    "subtraction expanded 2",
    "subtraction count-up 2",
    "multiplication column 2",
    "multiplication area 2",
    "multiplication crosswise 2",
    "multiplication lattice 2",
    "division long 2",
    "division partial-quotients 2",
    "root digit-pairs 1"
  })
  public String method;

  /** Digits of each number; a divisor has half as many. */
  @Param({"4", "12", "24"})
  public int digits;

  private Sum sum;
  private Problem problem;

  @Setup
  public void setUp() {
    String[] parts = method.split(" ");
    Operation operation = Operation.valueOf(parts[0].toUpperCase(Locale.ROOT));
    Method<?> found = Methods.find(operation, parts[1]).orElseThrow();
    String line = line(operation, Integer.parseInt(parts[2]));
    Reading reading = new ProblemReader(Limits.STANDARD).read(line);
    problem = ((Reading.Understood) reading).problem();
    sum = new Sum(problem, found, Style.STANDARD);
    System.out.println("marks: " + work().paper().marks().size());
  }

  private String line(Operation operation, int numbers) {
    String first = "9087060504030201908706050".substring(0, digits);
    String second = "8976543219876543219876543".substring(0, digits);
    return switch (operation) {
      case ADDITION -> (second + " + ").repeat(numbers - 1) + first;
      case SUBTRACTION -> first + " − " + second;
      case MULTIPLICATION -> first + " × " + second;
      case DIVISION -> first + " ÷ " + second.substring(0, digits / 2);
      case ROOT -> "√" + first;
    };
  }

  @Benchmark
  public Working work() {
    return sum.work();
  }

  /** The same answer without its page. */
  @Benchmark
  public Answer answer() {
    return sum.answer(Hand.TRUE);
  }

  @Benchmark
  public BigInteger bigInteger() {
    BigInteger first = problem.numbers().get(0).unscaled();
    BigInteger last = problem.numbers().get(problem.numbers().size() - 1).unscaled();
    return switch (problem.operation()) {
      case ADDITION ->
          problem.numbers().stream()
              .map(number -> number.unscaled())
              .reduce(BigInteger.ZERO, BigInteger::add);
      case SUBTRACTION -> first.subtract(last);
      case MULTIPLICATION -> first.multiply(last);
      case DIVISION -> first.divide(last);
      case ROOT -> first.sqrt();
    };
  }
}
