package bemble.method;

/** Why a method does not suit a sum. */
public enum Misfit {
  /** Two whole addends below 100 are wanted. */
  TWO_ADDENDS_BELOW_100,
  /** Whole numbers up to 9,999 are wanted. */
  WHOLE_UP_TO_9999,
  /** A whole subtrahend below 100 is wanted. */
  SUBTRAHEND_BELOW_100,
  /** A divisor up to 12 is wanted. */
  DIVISOR_UP_TO_12,
  /** A dividend up to 100 is wanted. */
  DIVIDEND_UP_TO_100
}
