package bemble.method;

import bemble.number.Numeral;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import bemble.procedure.Working;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * The squares that stand open for an answer on a sheet that is to be filled in. They tell nothing
 * of the answer: there are as many as the longest answer to numbers of these lengths has figures.
 */
public final class AnswerSquares {
  /**
   * A square for a figure of the answer.
   *
   * @param place the power of ten of the figure there
   */
  public record Open(Square at, int place) {}

  private AnswerSquares() {}

  /**
   * The open squares of a page, row by row from the right; those of its answer if a class does so.
   */
  public static List<Square> of(Working page, Style style) {
    return placed(page, style).stream().map(Open::at).toList();
  }

  /** The same with the place of each. */
  public static List<Open> placed(Working page, Style style) {
    Map<Integer, List<Open>> rows = new TreeMap<>();
    for (Mark mark : page.paper().marks()) {
      if (mark.role().kind() == Role.Kind.ANSWER && mark.shape() instanceof Shape.Figure figure) {
        int place = mark.place() == null ? 0 : mark.place();
        rows.computeIfAbsent(figure.at().row(), row -> new ArrayList<>())
            .add(new Open(figure.at(), place));
      }
    }
    boolean exact = style.has(Choice.AnswerSquares.EXACT);
    return rows.values().stream()
        .flatMap(row -> (exact ? row : asManyAsAny(row, page)).stream())
        .toList();
  }

  private static List<Open> asManyAsAny(List<Open> row, Working page) {
    return page.problem() instanceof Root root
        ? overPairs(row, root)
        : asMany(row, most(page.problem()), page);
  }

  /** A square over each pair, also over pairs that a root which ends sooner does not need. */
  private static List<Open> overPairs(List<Open> row, Root root) {
    Open first = row.stream().min(Comparator.comparing(open -> open.at().column())).orElseThrow();
    return IntStream.range(0, most(root))
        .mapToObj(pair -> new Open(first.at().moved(0, 2 * pair), first.place() - pair))
        .toList();
  }

  private static List<Open> asMany(List<Open> row, int most, Working page) {
    Open last = row.stream().max(Comparator.comparing(open -> open.at().column())).orElseThrow();
    int room = last.at().column() - page.paper().extent().from().column() + 1;
    return IntStream.range(0, Math.min(most, room))
        .mapToObj(left -> new Open(last.at().moved(0, -left), last.place() + left))
        .toList();
  }

  /** How many figures an answer to numbers as long as these may have, its decimals among them. */
  public static int most(Problem problem) {
    if (problem instanceof Addition sum) {
      BigInteger most =
          sum.addends().stream()
              .map(addend -> BigInteger.TEN.pow(addend.highestPlace() + 1).subtract(BigInteger.ONE))
              .reduce(BigInteger.ZERO, BigInteger::add);
      return most.toString().length() + scale(sum);
    }
    if (problem instanceof Subtraction sum) {
      return sum.minuend().highestPlace() + 1 + scale(sum);
    }
    if (problem instanceof Multiplication product) {
      return product.multiplicand().length() + product.multiplier().length();
    }
    if (problem instanceof Division division) {
      return Math.max(1, division.dividend().length() - division.divisor().length() + 1);
    }
    Root root = (Root) problem;
    return root.radicand().highestPlace() / 2 + 1 + root.places();
  }

  private static int scale(Problem sum) {
    return sum.numbers().stream().mapToInt(Numeral::scale).max().orElse(0);
  }
}
