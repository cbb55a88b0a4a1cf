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
  private AnswerSquares() {}

  /**
   * The open squares of a page, row by row from the right; those of its answer if a class does so.
   */
  public static List<Square> of(Working page, Style style) {
    Map<Integer, List<Square>> rows = new TreeMap<>();
    for (Mark mark : page.paper().marks()) {
      if (mark.role().kind() == Role.Kind.ANSWER && mark.shape() instanceof Shape.Figure figure) {
        rows.computeIfAbsent(figure.at().row(), row -> new ArrayList<>()).add(figure.at());
      }
    }
    boolean exact = style.has(Choice.AnswerSquares.EXACT);
    return rows.values().stream()
        .flatMap(row -> (exact ? row : asManyAsAny(row, page)).stream())
        .toList();
  }

  private static List<Square> asManyAsAny(List<Square> row, Working page) {
    return page.problem() instanceof Root root
        ? overPairs(row, root)
        : asMany(row, mostFigures(page.problem()), page);
  }

  /** A square over each pair, also over those that a root which ends sooner does not need. */
  private static List<Square> overPairs(List<Square> row, Root root) {
    Square first = row.stream().min(Comparator.comparing(Square::column)).orElseThrow();
    int pairs = root.radicand().highestPlace() / 2 + 1 + root.places();
    return IntStream.range(0, pairs).mapToObj(pair -> first.moved(0, 2 * pair)).toList();
  }

  private static List<Square> asMany(List<Square> row, int most, Working page) {
    int last = row.stream().mapToInt(Square::column).max().orElseThrow();
    int first = Math.max(page.paper().extent().from().column(), last - most + 1);
    List<Square> squares = new ArrayList<>();
    for (int column = last; column >= first; column--) {
      squares.add(new Square(row.get(0).row(), column));
    }
    return squares;
  }

  /** How many figures an answer to numbers as long as these may have. */
  static int mostFigures(Problem problem) {
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
    throw new IllegalArgumentException("no row of figures is the answer to " + problem);
  }

  private static int scale(Problem sum) {
    return sum.numbers().stream().mapToInt(Numeral::scale).max().orElse(0);
  }
}
