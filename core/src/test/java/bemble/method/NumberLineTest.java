package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.Subtraction;
import bemble.procedure.Section;
import bemble.procedure.Working;
import bemble.style.Style;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Counting up goes to the right, counting back to the left, and up to 20 each step is one. */
class NumberLineTest {
  private static Working work(Problem sum, String id) {
    Method<?> method = Methods.find(Operation.SUBTRACTION, id).orElseThrow();
    return new Sum(sum, method, Style.STANDARD).work();
  }

  private static List<Shape.Hop> hops(Working working) {
    return working.paper().marks().stream()
        .map(mark -> mark.shape())
        .filter(Shape.Hop.class::isInstance)
        .map(Shape.Hop.class::cast)
        .toList();
  }

  /** Each hop begins where the one before ended, and goes the way of the method. */
  private static void assertRunsOn(List<Shape.Hop> hops, String id, Problem sum) {
    for (int i = 0; i < hops.size(); i++) {
      int way = hops.get(i).to().column() - hops.get(i).from().column();
      assertTrue(id.equals("count-up") ? way > 0 : way < 0, sum::toString);
      assertTrue(hops.get(i).to().column() >= 0, sum::toString);
      assertTrue(i == 0 || hops.get(i).from().equals(hops.get(i - 1).to()), sum::toString);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"count-up", "count-back"})
  void countsEachStepUpToTwenty(String id) {
    for (int minuend = 0; minuend <= 20; minuend++) {
      for (int subtrahend = 0; subtrahend <= minuend; subtrahend++) {
        Subtraction sum = new Subtraction(Numeral.of(minuend), Numeral.of(subtrahend));
        Working working = work(sum, id);
        int steps = id.equals("count-up") ? minuend - subtrahend : subtrahend;
        List<Shape.Hop> hops = hops(working);
        assertEquals(
            IntStream.rangeClosed(1, steps).mapToObj(String::valueOf).toList(),
            hops.stream().map(Shape.Hop::label).toList());
        assertRunsOn(hops, id, sum);
        assertEquals(Numeral.of(minuend - subtrahend), working.answer().value());
        long said =
            working.steps().stream().filter(step -> step.section().equals(Section.HOPS)).count();
        assertEquals(steps, said);
        long numbers =
            working.paper().marks().stream().filter(mark -> mark.role() == Role.HEAD).count();
        assertEquals(minuend + 1, numbers, "the ruler has every number up to the minuend");
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"count-up", "count-back"})
  void hopsGoOnFromWhereTheLastOneEnded(String id) {
    Method<?> method = Methods.find(Operation.SUBTRACTION, id).orElseThrow();
    new RandomSums(37)
        .fitting(method, 300)
        .forEach(
            sum -> {
              Working working = work(sum, id);
              List<Shape.Hop> hops = hops(working);
              assertRunsOn(hops, id, sum);
              int first = working.paper().extent().from().column();
              boolean isRuler = sum.numbers().get(0).value().intValue() <= 20;
              IntStream.range(0, isRuler ? 0 : hops.size())
                  .forEach(i -> assertIsNear(hops, i, first));
            });
  }

  /** The hops leave no empty paper between them, nor in front of them. */
  private static void assertIsNear(List<Shape.Hop> hops, int index, int first) {
    int apart = Math.abs(hops.get(0).to().column() - hops.get(0).from().column());
    int left = Math.min(hops.get(index).from().column(), hops.get(index).to().column());
    assertTrue(left - first < hops.size() * apart, hops::toString);
  }
}
