package bemble.practice;

import bemble.ladder.Ladder;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Problem;
import bemble.style.Style;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A sum of a set.
 *
 * @param problem the sum
 * @param method the id of the method that it is worked by
 * @param rung the id of the rung that it was drawn for; empty for one that was not
 * @param part the part of the lesson that it belongs to
 */
public record Item(Problem problem, String method, String rung, LessonPart part) {
  /** The same sum for another part of a lesson. */
  public Item in(LessonPart other) {
    return new Item(problem, method, rung, other);
  }

  /** A sum to be worked alone. */
  public static Item of(Problem problem, String method, String rung) {
    return new Item(problem, method, rung, LessonPart.PRACTISE);
  }

  /**
   * The item with the rung of its sum on a ladder, if it has no rung yet and the ladder has one.
   */
  public Item placed(Ladder ladder) {
    return rung.isEmpty()
        ? ladder
            .place(problem, method)
            .map(found -> new Item(problem, method, found.id(), part))
            .orElse(this)
        : this;
  }

  /** The sum in the conventions of a class. */
  public Sum sum(Style style) {
    return new Sum(problem, Methods.find(problem.operation(), method).orElseThrow(), style);
  }

  /** The same for sums that count as one: 46 + 38 and 38 + 46. */
  public String key() {
    List<Numeral> numbers = problem.numbers();
    String written = numbers.stream().map(Numeral::toString).collect(Collectors.joining(" "));
    if (problem instanceof Addition) {
      written = numbers.stream().map(Numeral::toString).sorted().collect(Collectors.joining(" "));
    }
    return problem.operation() + " " + written;
  }
}
