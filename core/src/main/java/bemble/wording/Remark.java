package bemble.wording;

/**
 * What there is to say about a step, not yet in words. It speaks of numbers, numerals, {@link
 * Quantity quantities}, {@link Place places} or lists of these, by the names that its sentences
 * use.
 *
 * <p>A long page has thousands of remarks, so one with another fill-in shares the rest.
 *
 * @param kind what sort of remark
 * @param name the name of its last fill-in; null where it has none
 * @param value the last fill-in
 * @param others the same remark without it
 */
public record Remark(RemarkKind kind, String name, Object value, Remark others) {
  /** A remark without fill-ins. */
  public static Remark of(RemarkKind kind) {
    return new Remark(kind, null, null, null);
  }

  /** This remark with one more fill-in. */
  public Remark with(String fillName, Object fill) {
    return new Remark(kind, fillName, fill, this);
  }

  /** The same fill-ins in a remark of another kind. */
  public Remark as(RemarkKind other) {
    return new Remark(other, name, value, others);
  }

  /** The fill-in of that name; null where there is none. */
  public Object fill(String wanted) {
    for (Remark remark = this; remark.name != null; remark = remark.others) {
      if (remark.name.equals(wanted)) {
        return remark.value;
      }
    }
    return null;
  }
}
