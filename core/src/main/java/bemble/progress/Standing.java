package bemble.progress;

/** How sure a pupil is of a rung, the lowest first. */
public enum Standing {
  /** Nothing was worked yet. */
  NEW,
  /** There is some work. */
  BEGUN,
  /** Right more often than not, but not sure yet. */
  NEARLY,
  /** Was sure, and it is time to see whether that still holds. */
  LOOK_AGAIN,
  /** Right nearly always, on more than one day, without a slip of late. */
  SURE;

  /** Whether the rung is at least nearly sure, so that rungs that need it may be begun. */
  public boolean stands() {
    return compareTo(NEARLY) >= 0;
  }

  /** Whether the rung was sure when it was last worked. */
  public boolean isSure() {
    return this == SURE || this == LOOK_AGAIN;
  }
}
