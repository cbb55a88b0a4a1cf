package bemble.remark;

import bemble.number.Numeral;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A remark on a step, not yet in words.
 *
 * @param kind the kind of remark
 * @param fillIns the fill-ins of its sentences
 */
public record Remark(RemarkKind kind, List<FillIn> fillIns) {
  /**
   * A fill-in of a sentence, by its name there.
   *
   * @param name the name in the sentence
   * @param value the value that stands for it
   */
  public record FillIn(String name, Mention value) {}

  /** Keeps a copy of the fill-ins. */
  public Remark {
    fillIns = List.copyOf(fillIns);
  }

  /** A remark without fill-ins. */
  public static Remark of(RemarkKind kind) {
    return new Remark(kind, List.of());
  }

  /** This remark with one more fill-in. */
  public Remark with(String name, Mention value) {
    FillIn[] more = fillIns.toArray(new FillIn[fillIns.size() + 1]);
    more[fillIns.size()] = new FillIn(name, value);
    return new Remark(kind, List.of(more));
  }

  /** The same with a whole number. */
  public Remark with(String name, BigInteger number) {
    return with(name, new Mention.Count(number));
  }

  /** The same with a small number. */
  public Remark with(String name, int number) {
    return with(name, BigInteger.valueOf(number));
  }

  /** The same with a number that may have places behind the point. */
  public Remark with(String name, Numeral number) {
    return with(name, new Mention.Decimal(number));
  }

  /** The same with a sum. */
  public Remark with(String name, Problem problem) {
    return with(name, new Mention.Asked(problem));
  }

  /** The same remark with a text that is said unchanged. */
  public Remark with(String name, String text) {
    return with(name, new Mention.Text(text));
  }

  /** The same with some things one after the other. */
  public Remark with(String name, List<?> several) {
    return with(name, Mention.of(several));
  }

  /** The same fill-ins in a remark of another kind. */
  public Remark as(RemarkKind other) {
    return new Remark(other, fillIns);
  }

  /** This remark with another sum wherever one is mentioned. */
  public Remark replacing(Problem problem, Problem other) {
    Mention before = new Mention.Asked(problem);
    Mention after = new Mention.Asked(other);
    return new Remark(
        kind,
        fillIns.stream()
            .map(each -> each.value().equals(before) ? new FillIn(each.name(), after) : each)
            .toList());
  }

  /** The fill-in of that name; null where there is none. */
  public @Nullable Mention fill(String name) {
    for (FillIn fillIn : fillIns) {
      if (fillIn.name().equals(name)) {
        return fillIn.value();
      }
    }
    return null;
  }
}
