package bemble.slate;

import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.problem.Addition;
import bemble.problem.Division;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.problem.Root;
import bemble.problem.Subtraction;
import bemble.procedure.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The room that a sum may need by the lengths of its numbers alone. A sheet that is cut to the page
 * of one sum would tell how many rounds it takes, and whether anything is left.
 */
public final class SheetRoom {
  /** Figures that make short and long answers, exact ones and ones with a remainder. */
  private static final List<String> FIGURES = List.of("9", "8", "7", "1", "30");

  private SheetRoom() {}

  /**
   * The room of the sum itself and of others whose numbers are as long.
   *
   * @param own the area that its own page takes
   */
  public static Area of(Sum sum, Area own) {
    Area room = own;
    for (Working other : alike(sum)) {
      room = room.joined(other.paper().extent());
    }
    return room;
  }

  /** Sums of the same method and style whose numbers are as long, worked; the sum is not in it. */
  static List<Working> alike(Sum sum) {
    return alike(sum.problem()).stream()
        .filter(problem -> Methods.misfit(sum.method(), problem).isEmpty())
        .map(problem -> new Sum(problem, sum.method(), sum.style()).work())
        .toList();
  }

  private static List<Problem> alike(Problem problem) {
    List<Problem> alike = new ArrayList<>();
    for (String first : FIGURES) {
      for (String second : FIGURES) {
        with(problem, first, second).ifPresent(alike::add);
      }
    }
    return alike;
  }

  /** The same with every figure of its first number, and of the others, another one. */
  private static Optional<Problem> with(Problem problem, String first, String second) {
    List<Numeral> numbers = new ArrayList<>();
    for (Numeral number : problem.numbers()) {
      numbers.add(filled(number, numbers.isEmpty() ? first : second));
    }
    Numeral one = numbers.get(0);
    Numeral other = numbers.get(numbers.size() - 1);
    if (problem instanceof Addition) {
      return Optional.of(new Addition(numbers));
    }
    if (problem instanceof Subtraction) {
      boolean fits = one.value().compareTo(other.value()) >= 0;
      return fits ? Optional.of(new Subtraction(one, other)) : Optional.empty();
    }
    if (problem instanceof Multiplication) {
      return Optional.of(new Multiplication(one, other));
    }
    return Optional.of(
        problem instanceof Root root ? new Root(one, root.places()) : new Division(one, other));
  }

  private static Numeral filled(Numeral number, String figure) {
    return Numeral.of(
        new BigInteger(figure.repeat(number.length()).substring(0, number.length())),
        number.scale());
  }
}
