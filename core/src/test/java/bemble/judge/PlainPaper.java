package bemble.judge;

import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Mark;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Entry;
import bemble.procedure.Slot;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The marks that a writer who knows no procedure has put on squared paper, in the order of writing.
 */
public final class PlainPaper {
  private final List<Written> figures = new ArrayList<>();

  /** A slip of a pupil, and in which row, box, round or column it happens. */
  record Slip(String name, int at) {
    static final Slip NONE = new Slip("none", 0);

    boolean is(String other, int here) {
      return name.equals(other) && at == here;
    }
  }

  public static Sum sum(Problem problem, String method) {
    return new Sum(
        problem, Methods.find(problem.operation(), method).orElseThrow(), Style.STANDARD);
  }

  /** The last square of the number that was set out in the first row. */
  public static Square lastOfFirst(Sum sum) {
    return sum.work().setOut().stream()
        .filter(mark -> mark.role() == Role.GIVEN)
        .map(Mark::shape)
        .map(Shape.Figure.class::cast)
        .map(Shape.Figure::at)
        .min(Comparator.comparing(Square::row).thenComparing(at -> -at.column()))
        .orElseThrow();
  }

  /** The square of the last figure of the answer. */
  public static Square lastOfAnswer(Sum sum) {
    return sum.work().steps().stream()
        .flatMap(step -> step.entries().stream())
        .map(Entry::slot)
        .filter(slot -> slot.role() == Role.ANSWER && slot.place() == 0)
        .map(Slot::square)
        .findFirst()
        .orElseThrow();
  }

  /** The column of the ones of the counts of a division by easy counts. */
  public static int countColumn(Sum sum) {
    return sum.work().steps().stream()
        .flatMap(step -> step.entries().stream())
        .map(Entry::slot)
        .filter(slot -> slot.role() == Role.COUNT)
        .map(Slot::square)
        .findFirst()
        .orElseThrow()
        .column();
  }

  /** Writes a number with its last figure in a square; figures from the ones on. */
  public void write(long number, Square last) {
    write(number, last, 1);
  }

  /** The same with zeros in front up to the least number of figures. */
  public void write(long number, Square last, int least) {
    String text = String.valueOf(number);
    text = "0".repeat(Math.max(0, least - text.length())) + text;
    for (int left = 0; left < text.length(); left++) {
      String figure = text.substring(text.length() - 1 - left, text.length() - left);
      figures.add(new Written(last.moved(0, -left), Spot.FULL, figure));
    }
  }

  /** Writes a sign in a square. */
  public void sign(String sign, Square at) {
    figures.add(new Written(at, Spot.FULL, sign));
  }

  /** Writes a whole number small into one square. */
  public void writeSmall(long number, Square at) {
    writeSmall(number, at, Spot.SMALL);
  }

  /** Writes a decimal small into one square. */
  public void writeSmall(String number, Square at) {
    writeSmall(number, at, Spot.SMALL);
  }

  public void writeSmall(String text, Square at, Spot spot) {
    figures.add(new Written(at, spot, text));
  }

  public void writeSmall(long number, Square at, Spot spot) {
    figures.add(new Written(at, spot, String.valueOf(number)));
  }

  public List<Written> figures() {
    return figures;
  }

  /** Whether no square has two figures of full size. */
  boolean isPlain() {
    List<Square> full = figures.stream().filter(Written::isFull).map(Written::at).toList();
    return full.stream().distinct().count() == full.size();
  }

  boolean isLike(PlainPaper other) {
    return figures.equals(other.figures);
  }

  /** The first full figure that another paper has otherwise. */
  Optional<Square> firstOther(PlainPaper truth) {
    return figures.stream()
        .filter(figure -> figure.isFull() && !truth.figures.contains(figure))
        .map(Written::at)
        .findFirst();
  }

  /** The first square that this writer, but for a slip, would have filled otherwise. */
  Square firstUnlike(PlainPaper truth) {
    Set<Square> written = squares();
    for (int i = 0; i < truth.figures.size(); i++) {
      Written due = truth.figures.get(i);
      if (i >= figures.size() || !figures.get(i).equals(due)) {
        return written.contains(due.at()) ? figures.get(i).at() : due.at();
      }
    }
    return figures.get(truth.figures.size()).at();
  }

  private Set<Square> squares() {
    return figures.stream().map(Written::at).collect(Collectors.toSet());
  }
}
