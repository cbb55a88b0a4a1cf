package bemble.method;

import bemble.number.Numeral;
import bemble.number.Require;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.problem.Addition;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A problem with a method and a style. The method fits the problem: the caller has asked {@link
 * Method#misfit} before.
 *
 * @param problem the problem to be worked
 * @param method how
 * @param style the conventions of the class
 */
public record Sum(Problem problem, Method<?> method, Style style) {
  /** Throws {@link IllegalArgumentException} for a method of another operation. */
  public Sum {
    Require.that(
        method.operation() == problem.operation(),
        () -> method.id() + " is no method for " + problem);
  }

  /** The sum in other conventions. */
  public Sum in(Style other) {
    return new Sum(problem, method, other);
  }

  /** The page of the true hand. */
  public Working work() {
    return work(Hand.TRUE);
  }

  /** The page that {@code hand} writes. */
  public Working work(Hand hand) {
    Problem onPaper = arranged();
    Working working = typed().work(onPaper, new Script(hand, style));
    return onPaper.equals(problem) ? working : working.named(problem);
  }

  /**
   * The answer of {@code hand} without its page, for callers that need thousands. Only drawings to
   * be counted are worked as a page.
   */
  public Answer answer(Hand hand) {
    if (method.form() == PageForm.COUNTED) {
      return work(hand).answer();
    }
    return typed().work(arranged(), Script.inTheHead(hand, style)).answer();
  }

  /** Adds the rulings of a sheet for a writer to its printed marks. */
  public List<Mark> ruled(Area sheet, List<Mark> printed) {
    List<Mark> marks = new ArrayList<>(printed);
    int id = printed.stream().mapToInt(Mark::id).max().orElse(-1) + 1;
    for (Shape shape : typed().ruled(arranged(), style, sheet)) {
      if (printed.stream().noneMatch(mark -> mark.shape().equals(shape))) {
        marks.add(new Mark(id++, Role.RULE, null, 0, shape));
      }
    }
    return marks;
  }

  /** The same problem with the number on top that the class puts there. */
  private Problem arranged() {
    if (style.has(Choice.OnTop.AS_GIVEN)) {
      return problem;
    }
    if (problem instanceof Addition addition) {
      List<Numeral> longestFirst = new ArrayList<>(addition.addends());
      longestFirst.sort(Comparator.comparing(Numeral::highestPlace).reversed());
      return new Addition(longestFirst);
    }
    if (problem instanceof Multiplication product
        && product.multiplicand().value().compareTo(product.multiplier().value()) < 0) {
      return new Multiplication(product.multiplier(), product.multiplicand());
    }
    return problem;
  }

  @SuppressWarnings("unchecked") // the constructor holds the method to the problem's operation
  private Method<Problem> typed() {
    return (Method<Problem>) method;
  }
}
