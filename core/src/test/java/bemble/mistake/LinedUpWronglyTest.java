package bemble.mistake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.style.Style;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinedUpWronglyTest {
  private static Optional<LinedUpWrongly> made(Problem problem, String method) {
    return LinedUpWrongly.of(
        new Sum(problem, Methods.find(problem.operation(), method).orElseThrow(), Style.STANDARD));
  }

  /** The last number counts ten times, whatever else the sum has. */
  @ParameterizedTest
  @CsvSource({"ADDITION, column", "ADDITION, in-pairs", "SUBTRACTION, exchange"})
  void countsTheLastNumberTenTimes(Operation operation, String method) {
    int made = 0;
    for (Problem problem : new RandomSums(95).of(operation).limit(200).toList()) {
      List<Numeral> numbers = problem.numbers();
      Optional<LinedUpWrongly> wrong = made(problem, method);
      if (wrong.isEmpty()) {
        continue;
      }
      made++;
      BigDecimal due = numbers.get(0).value();
      for (int i = 1; i < numbers.size(); i++) {
        boolean last = i == numbers.size() - 1;
        BigDecimal number = numbers.get(i).value().movePointRight(last ? 1 : 0);
        due = operation == Operation.ADDITION ? due.add(number) : due.subtract(number);
      }
      assertEquals(
          0, due.compareTo(wrong.get().page().answer().value().value()), problem::toString);
    }
    assertTrue(made > 40, "only " + made);
  }

  @Test
  void leavesAloneWhatIsNotLinedUp() {
    for (Operation operation : List.of(Operation.MULTIPLICATION, Operation.DIVISION)) {
      Problem problem = new RandomSums(96).of(operation).limit(1).toList().get(0);
      assertTrue(made(problem, Methods.usual(operation).id()).isEmpty());
    }
    Problem sum = new RandomSums(96).of(Operation.ADDITION).limit(1).toList().get(0);
    assertTrue(made(sum, "blocks").isEmpty());
  }
}
