package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The floors of docs/fairness.md, with fewer pupils. */
class FairnessTest {
  private static final int PUPILS = 2;

  @Test
  void aSlipIsToldOfWhoMakesItAndOfNobodyElse() {
    List<FairnessMeasure> all = FairnessMeasure.all(PUPILS, 77);
    int told = 0;
    int make = 0;
    for (FairnessMeasure each : all) {
      told += each.ever();
      make += each.hasSlip() ? each.pupils() : 0;
      boolean isTidy = !each.hasSlip() && each.who().contains(" 0 %");
      assertTrue(!isTidy || each.falsely() == 0, () -> "told of pupils without a slip: " + each);
    }
    assertTrue(told >= 0.95 * make, told + " of " + make);
    int falsely = all.stream().mapToInt(FairnessMeasure::falsely).sum();
    int weeks = all.stream().mapToInt(FairnessMeasure::weeks).sum();
    assertEquals(0, falsely / (weeks / 200), falsely + " of " + weeks);
  }
}
