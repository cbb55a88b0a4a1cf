package bemble.procedure;

import java.math.BigInteger;

/**
 * The content that a hand gives a slot: a number, or nothing.
 *
 * @param isBlank whether the square is left blank
 * @param value the number, not negative; a blank square counts as zero from then on
 */
public record Fill(boolean isBlank, BigInteger value) {
  /** Nothing: the square is left blank. */
  public static final Fill BLANK = new Fill(true, BigInteger.ZERO);

  /** A number, not negative. */
  public static Fill of(BigInteger value) {
    return new Fill(false, value);
  }
}
