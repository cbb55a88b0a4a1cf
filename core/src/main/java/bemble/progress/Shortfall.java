package bemble.progress;

/** The reasons why a rung is not sure; each is a rule of {@link Rules}. */
public enum Shortfall {
  /** Too few sums were right, help counting for less. */
  TOO_FEW,
  /** Too many of the latest sums were wrong. */
  TOO_MANY_WRONG,
  /** It was right on too few different days. */
  TOO_FEW_DAYS,
  /** A named slip was made on one of the latest days. */
  SLIP_LATELY
}
