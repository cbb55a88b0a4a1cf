package bemble.judge.wrong;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One slip is one finding, at its first square, whatever follows from it. */
class FirstSquareTest {
  private static final int PAGES = 40;

  static List<WrongKind> kinds() {
    return WrongMeasure.KINDS;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void isWhereTheSlipWasMade(WrongKind kind) {
    WrongMeasure.Counted counted = WrongMeasure.count(kind, PAGES, 92);
    assertEquals(0, counted.right(), kind::title);
    assertEquals(PAGES, counted.first(), counted::example);
    assertTrue(100 * counted.alone() >= 95 * PAGES, counted::example);
  }
}
