package bemble.number;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * A non-negative decimal number as it is written: its figures, and how many of them stand after the
 * point. Trailing zeros after the point are kept, so 2.50 and 2.5 are two numerals of one value.
 *
 * @param figures decimal digits, highest place first; at least one stands before the point and no
 *     needless zero leads
 * @param scale how many of the figures stand after the point, 0 or more
 */
public record Numeral(String figures, int scale) {
  /** Zero, written 0. */
  public static final Numeral ZERO = new Numeral("0", 0);

  /** Brings the figures to their canonical form: {@code 007} with scale 1 becomes {@code 07}. */
  public Numeral {
    Require.that(scale >= 0, "scale", scale, "must not be negative");
    Require.that(
        !figures.isEmpty() && allDigits(figures), "figures", figures, "must be decimal digits");
    int wanted = scale + 1;
    if (figures.length() < wanted) {
      figures = "0".repeat(wanted - figures.length()) + figures;
    }
    int lead = 0;
    while (figures.length() - lead > wanted && figures.charAt(lead) == '0') {
      lead++;
    }
    figures = figures.substring(lead);
  }

  private static boolean allDigits(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) < '0' || text.charAt(i) > '9') {
        return false;
      }
    }
    return true;
  }

  /** The numeral of a whole number, {@code value} not negative. */
  public static Numeral of(BigInteger value) {
    return new Numeral(Figures.of(value), 0);
  }

  /** The numeral of a whole number, {@code value} not negative. */
  public static Numeral of(long value) {
    return new Numeral(Long.toString(value), 0);
  }

  /** The numeral {@code unscaled} / 10^{@code scale}. */
  public static Numeral of(BigInteger unscaled, int scale) {
    return new Numeral(Figures.of(unscaled), scale);
  }

  /** The numeral written plainly: digits with at most one point among them, as in {@code 12.50}. */
  public static Numeral parse(String plain) {
    int point = plain.indexOf('.');
    return point < 0
        ? new Numeral(plain, 0)
        : new Numeral(
            plain.substring(0, point) + plain.substring(point + 1), plain.length() - point - 1);
  }

  /** The digit at {@code place} (0 the ones, 1 the tens, −1 the tenths); 0 outside the figures. */
  public int digitAt(int place) {
    int index = highestPlace() - place;
    return index < 0 || index >= figures.length() ? 0 : figures.charAt(index) - '0';
  }

  /** The place of the first figure; 0 for a number below ten. */
  public int highestPlace() {
    return figures.length() - scale - 1;
  }

  /** The place of the last figure: 0, or negative with figures after the point. */
  public int lowestPlace() {
    return -scale;
  }

  /** How many figures are written. */
  public int length() {
    return figures.length();
  }

  /** The figures read as one whole number, as if there were no point. */
  public BigInteger unscaled() {
    return new BigInteger(figures);
  }

  /** The value. */
  public BigDecimal value() {
    return new BigDecimal(unscaled(), scale);
  }

  /** This value with {@code places} figures after the point, filled up with zeros, never cut. */
  public Numeral padded(int places) {
    return places <= scale ? this : new Numeral(figures + "0".repeat(places - scale), places);
  }

  /** This value without zeros that end it after the point. */
  public Numeral stripped() {
    int zeros = 0;
    while (zeros < scale && figures.charAt(figures.length() - 1 - zeros) == '0') {
      zeros++;
    }
    return zeros == 0
        ? this
        : new Numeral(figures.substring(0, figures.length() - zeros), scale - zeros);
  }

  /** Whether no figure stands after the point. */
  public boolean isWhole() {
    return scale == 0;
  }

  /** Whether the value is zero. */
  public boolean isZero() {
    return zeros() == figures.length();
  }

  /** How many of the figures are zeros. */
  public int zeros() {
    int zeros = 0;
    for (int i = 0; i < figures.length(); i++) {
      zeros += figures.charAt(i) == '0' ? 1 : 0;
    }
    return zeros;
  }

  /** Written plainly with a point, without thousands marks. */
  @Override
  public String toString() {
    int whole = figures.length() - scale;
    return isWhole() ? figures : figures.substring(0, whole) + "." + figures.substring(whole);
  }
}
