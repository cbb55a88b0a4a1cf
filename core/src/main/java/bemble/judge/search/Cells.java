package bemble.judge.search;

import bemble.number.Numeral;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.Optional;

/** Numbers of several figures in one square. */
final class Cells {
  private static final int LONGEST = 60;

  private Cells() {}

  /**
   * The written number in units of the slot's place; empty where it is not a whole number of them.
   */
  static Optional<BigInteger> value(String text, Slot slot) {
    String plain = text.replace(',', '.');
    if (plain.length() > LONGEST || !plain.matches("\\d+(\\.\\d+)?")) {
      return Optional.empty();
    }
    Numeral number = Numeral.parse(plain);
    var units = number.value().movePointLeft(slot.place()).stripTrailingZeros();
    return units.scale() > 0 ? Optional.empty() : Optional.of(units.toBigInteger());
  }
}
