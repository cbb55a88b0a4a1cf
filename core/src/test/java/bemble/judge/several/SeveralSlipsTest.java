package bemble.judge.several;

import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Of two wrong figures both are found. */
class SeveralSlipsTest {
  private static final int PAGES = 24;

  static List<Method<?>> judged() {
    return SeveralMeasure.methods();
  }

  @ParameterizedTest
  @MethodSource("judged")
  void areBothFound(Method<?> method) {
    SeveralMeasure.Counted counted = SeveralMeasure.count(method, 2, PAGES, 93);
    assertTrue(100 * counted.all() >= 85 * PAGES, counted::example);
  }
}
