package bemble.diagnosis;

/** Steps of probability that a teacher can tell apart. */
public enum Sureness {
  NEARLY_CERTAIN(0.95),
  VERY_LIKELY(0.8),
  LIKELY(0.5),
  POSSIBLE(0.2),
  UNLIKELY(0);

  private final double least;

  Sureness(double least) {
    this.least = least;
  }

  /** The step of a probability from 0 to 1. */
  public static Sureness of(double probability) {
    for (Sureness each : values()) {
      if (probability >= each.least) {
        return each;
      }
    }
    return UNLIKELY;
  }
}
