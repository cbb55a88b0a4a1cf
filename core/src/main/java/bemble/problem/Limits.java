package bemble.problem;

/**
 * The limits for typed sums. The methods themselves have none.
 *
 * @param characters longest text read as a sum
 * @param addends most addends of an addition
 * @param digits most digits of a number
 * @param divisorDigits most digits of a divisor
 * @param places most decimal places of a root
 */
public record Limits(int characters, int addends, int digits, int divisorDigits, int places) {
  /** The limits of the running product. */
  public static final Limits STANDARD = new Limits(600, 12, 24, 12, 12);
}
