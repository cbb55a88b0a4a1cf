package bemble.judge.right;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Right work of other kinds is right at the end, and in five orders while it is written. */
class RightWorkTest {
  private static final int PAGES = 10;

  static List<RightKind> kinds() {
    return RightMeasure.KINDS;
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void isNeverCalledWrong(RightKind kind) {
    RightMeasure.Counted counted = RightMeasure.count(kind, PAGES, 91);
    assertEquals(0, counted.wrong() + counted.alarmed(), counted::example);
    assertEquals(0, counted.notNeeded(), kind::title);
  }
}
