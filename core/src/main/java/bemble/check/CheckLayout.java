package bemble.check;

import bemble.notation.Notation;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Multiplication;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Lays the workings of a check one beneath the other, under or beside the working that they prove.
 */
final class CheckLayout {
  /** Rows to the first of a check; the heading stands between. */
  private static final int GAP = 3;

  private static final int GAP_WITHIN = 2;

  private final List<Mark> marks = new ArrayList<>();
  private final List<Step> steps = new ArrayList<>();

  private final Problem sum;
  private final Style style;

  private CheckLayout(Problem sum, Style style) {
    this.sum = sum;
    this.style = style;
  }

  /**
   * One working that has all marks and steps of the parts, begins with the remarks before them, and
   * ends in a step that compares; its answer is that of the last part.
   */
  static Working lay(
      Working first,
      List<Working> parts,
      Comparing comparing,
      Style style,
      Optional<Remark> before) {
    return new CheckLayout(first.problem(), style).laid(first.paper(), parts, comparing, before);
  }

  private Working laid(
      Paper page, List<Working> parts, Comparing comparing, Optional<Remark> before) {
    before.ifPresent(remark -> steps.add(Step.said(Section.SET_OUT, () -> remark)));
    boolean beside = style.has(Choice.CheckPlace.BESIDE);
    int left = beside ? page.extent().to().column() + GAP : page.extent().from().column();
    int top = beside ? page.extent().from().row() + 1 : page.extent().to().row() + GAP;
    int row = top;
    int ones = onesColumn(page, parts, left, beside);
    int right = left;
    for (Working part : parts) {
      int shift = ones - onesOf(part);
      Paper moved = part.paper().moved(row, shift);
      append(moved, part, row, shift);
      left = Math.min(left, moved.extent().from().column());
      right = Math.max(right, moved.extent().to().column());
      row = moved.extent().to().row() + GAP_WITHIN;
    }
    Square heading = new Square(top - 1, left);
    Square end = new Square(row - GAP_WITHIN + 1, left);
    Notation notation = Notation.of(style);
    note(heading, notation.text("check"), 0);
    note(end, comparing.label(notation, style.marks()), steps.size());
    steps.add(Step.said(Section.COMPARE, comparing::remark));
    Working last = parts.get(parts.size() - 1);
    Area extent = new Area(heading, new Square(end.row(), right));
    return new Working(
        parts.get(0).problem(),
        parts.get(0).method(),
        last.answer(),
        new Paper(extent, ones, marks),
        steps);
  }

  /**
   * Ones stand under ones where the page keeps to columns, unless the check stands beside it or
   * would run off its left.
   */
  private static int onesColumn(Paper page, List<Working> parts, int left, boolean beside) {
    int ones = parts.stream().mapToInt(CheckLayout::onesOf).max().orElseThrow() + left;
    return page.onesColumn() == null || beside ? ones : Math.max(ones, page.onesColumn());
  }

  /** A page that does not keep to columns lies with its left edge at the left. */
  private static int onesOf(Working part) {
    Integer ones = part.paper().onesColumn();
    return ones == null ? 0 : ones;
  }

  private void append(Paper paper, Working part, int rows, int columns) {
    int firstStep = steps.size();
    boolean inOne = style.has(Choice.CheckSteps.EACH_SUM);
    Set<Integer> foundRows = foundRows(paper, part.problem());
    for (Mark mark : paper.marks()) {
      boolean found = mark.role() == Role.GIVEN && foundRows.contains(row(mark));
      Mark own = found ? mark.as(Role.FOUND) : mark;
      int id = marks.size();
      marks.add(inOne ? own.inOneStep(id, firstStep) : own.renumbered(id, firstStep));
    }
    if (inOne) {
      steps.add(Step.ofAll(part.steps(), () -> workedOut(part)));
      return;
    }
    for (Step step : part.steps()) {
      Area focus = step.focus() == null ? null : step.focus().moved(rows, columns);
      steps.add(step.at(focus));
    }
  }

  /** The answer of a sum; a quotient and a root are read off with their remainder. */
  private static Remark workedOut(Working part) {
    if (part.method().equals(DigitSums.ID) && part.problem() instanceof Multiplication product) {
      return Remark.of(RemarkKind.WORK_OUT_DIGIT_SUMS)
          .with("multiplicand", product.multiplicand())
          .with("multiplier", product.multiplier())
          .with("answer", part.answer().value());
    }
    if (part.answer() instanceof Answer.One one) {
      return Remark.of(RemarkKind.WORK_OUT)
          .with("problem", part.problem())
          .with("answer", one.value());
    }
    return part.steps().get(part.steps().size() - 1).remark();
  }

  /** The rows of numbers that do not stand in the sum itself but were found by working it. */
  private Set<Integer> foundRows(Paper paper, Problem part) {
    List<Integer> written =
        paper.marks().stream()
            .filter(mark -> mark.role() == Role.GIVEN)
            .map(CheckLayout::row)
            .distinct()
            .sorted()
            .toList();
    return IntStream.range(0, Math.min(written.size(), part.numbers().size()))
        .filter(i -> !sum.numbers().contains(part.numbers().get(i)))
        .mapToObj(written::get)
        .collect(Collectors.toSet());
  }

  private static int row(Mark mark) {
    return mark.shape() instanceof Shape.Figure figure ? figure.at().row() : -1;
  }

  private void note(Square at, String text, int step) {
    Shape words = new Shape.Words(at, Shape.Side.FROM_LEFT, text);
    marks.add(new Mark(marks.size(), Role.NOTE, null, step, words));
  }
}
