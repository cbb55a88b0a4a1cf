package bemble.judge.several;

import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.Judge;
import bemble.method.Method;
import bemble.method.Methods;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Of two wrong figures both are found. */
class SeveralSlipsTest {
  private static final int PAGES = 40;

  static List<Method<?>> judged() {
    // What short division works out stands small, and the figures of its quotient are choices.
    return Methods.all().stream()
        .filter(method -> Judge.judges(method) && !method.id().equals("short"))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("judged")
  void areBothFound(Method<?> method) {
    SeveralMeasure.Counted counted = SeveralMeasure.count(method, 2, PAGES, 93);
    assertTrue(100 * counted.all() >= 85 * PAGES, counted::example);
  }
}
