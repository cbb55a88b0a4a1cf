package bemble.remark;

import bemble.number.Numeral;
import java.math.BigInteger;

/**
 * So many of a place, as in 8 tens.
 *
 * @param count how many
 * @param place the power of ten: 0 ones, 1 tens, −1 tenths
 */
public record Quantity(BigInteger count, int place) implements Mention {
  /** The quantity of a number at a place. */
  public static Quantity of(Numeral number, int place) {
    return new Quantity(BigInteger.valueOf(number.digitAt(place)), place);
  }

  /** The value: 30 for 3 tens. */
  public Numeral worth() {
    return place < 0
        ? Numeral.of(count, -place)
        : Numeral.of(count.multiply(BigInteger.TEN.pow(place)));
  }
}
