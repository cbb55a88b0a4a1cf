package bemble.method;

import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.several.SeveralMeasure;
import org.junit.jupiter.api.Test;

/** Slips have their names beside others on the same page too. */
class NamedSlipsTest {
  private static final int PAGES = 12;

  @Test
  void areNamedBesideOthers() {
    NamedMeasure.Counted all = new NamedMeasure.Counted(0, 0, 0, "");
    for (Method<?> method : SeveralMeasure.methods()) {
      all = all.and(NamedMeasure.count(method, 2, PAGES, 75));
    }
    assertTrue(100 * all.found() >= 92 * all.slips(), all::toString);
    assertTrue(100 * all.named() >= 92 * all.found(), all::toString);
  }
}
