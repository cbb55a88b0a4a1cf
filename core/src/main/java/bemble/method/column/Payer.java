package bemble.method.column;

import bemble.plan.Entry;
import java.util.Map;
import java.util.OptionalInt;

/** Who pays in an exchange. */
public final class Payer {
  private Payer() {}

  /**
   * The first place to the left of {@code place} that has anything to give; empty where nobody has,
   * which happens only on a page with a wrong figure.
   */
  public static OptionalInt find(Map<Integer, Entry> standing, int place, int highest) {
    for (int payer = place + 1; payer <= highest; payer++) {
      if (standing.get(payer).value().signum() > 0) {
        return OptionalInt.of(payer);
      }
    }
    return OptionalInt.empty();
  }
}
