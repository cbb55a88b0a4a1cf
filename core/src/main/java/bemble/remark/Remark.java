package bemble.remark;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What there is to say about a step, not yet in words.
 *
 * @param kind what sort of remark
 * @param fillIns what its sentences name
 */
public record Remark(RemarkKind kind, List<FillIn> fillIns) {
  /**
   * Something that a sentence names.
   *
   * @param name the name in the sentence
   * @param value a number, a numeral, a problem, a {@link Quantity}, a {@link Place} or a list of
   *     these
   */
  public record FillIn(String name, Object value) {}

  /** Keeps a copy of the fill-ins. */
  public Remark {
    fillIns = List.copyOf(fillIns);
  }

  /** A remark without fill-ins. */
  public static Remark of(RemarkKind kind) {
    return new Remark(kind, List.of());
  }

  /** This remark with one more fill-in. */
  public Remark with(String name, Object value) {
    FillIn[] more = fillIns.toArray(new FillIn[fillIns.size() + 1]);
    more[fillIns.size()] = new FillIn(name, value);
    return new Remark(kind, List.of(more));
  }

  /** The same fill-ins in a remark of another kind. */
  public Remark as(RemarkKind other) {
    return new Remark(other, fillIns);
  }

  /** This remark with another value wherever one is filled in. */
  public Remark replacing(Object value, Object other) {
    return new Remark(
        kind,
        fillIns.stream()
            .map(each -> each.value().equals(value) ? new FillIn(each.name(), other) : each)
            .toList());
  }

  /** The fill-in of that name; null where there is none. */
  public @Nullable Object fill(String name) {
    for (FillIn fillIn : fillIns) {
      if (fillIn.name().equals(name)) {
        return fillIn.value();
      }
    }
    return null;
  }
}
