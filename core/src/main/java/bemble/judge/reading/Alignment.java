package bemble.judge.reading;

import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Written;
import bemble.paper.Square;
import bemble.problem.Operation;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where on the sheet a writer has set the sum out: how many rows further down and columns further
 * right than the page that it is compared with.
 *
 * @param rows rows further down
 * @param columns columns further right
 */
public record Alignment(int rows, int columns) {
  private static final Alignment NONE = new Alignment(0, 0);

  /** Of two numbers that look alike the upper one is meant, whichever was written first. */
  private static final Comparator<Written> TOP_LEFT_FIRST =
      Comparator.comparing((Written written) -> written.at().row())
          .thenComparing(written -> written.at().column());

  /**
   * Looks for the numbers of the sum in the rows of a written page. The longest one that is found
   * tells where the page begins, since a shorter one may not be lined up; but a page on which any
   * number stands where it should, or none is found, lies where it should. Of addends, half that
   * end further right outweigh it.
   */
  public static Alignment of(List<Written> page, Prediction truth) {
    Handwriting writing = new Handwriting(page);
    Map<Integer, List<Seen>> numbers = new LinkedHashMap<>();
    for (Seen seen : truth.seen()) {
      if (seen.isSetOut()) {
        int row = seen.entry().slot().square().row();
        numbers.computeIfAbsent(row, any -> new ArrayList<>()).add(seen);
      }
    }
    List<List<Seen>> longestFirst = new ArrayList<>(numbers.values());
    longestFirst.sort(Comparator.comparing(number -> -number.size()));
    List<Alignment> found =
        longestFirst.stream().flatMap(number -> find(number, page, writing).stream()).toList();
    if (found.isEmpty()) {
      return begun(numbers.values(), page, writing);
    }
    Alignment begin = found.contains(NONE) ? NONE : found.get(0);
    if (truth.working().problem().operation() != Operation.ADDITION) {
      return begin;
    }
    // The longest of the addends may itself be the one that stands too far left.
    List<Alignment> inRows = found.stream().filter(each -> each.rows == begin.rows).toList();
    return inRows.stream()
        .filter(each -> each.columns > begin.columns)
        .filter(each -> 2 * Collections.frequency(inRows, each) >= inRows.size())
        .findFirst()
        .orElse(begin);
  }

  /**
   * While a first number is being copied, and nothing else stands, its beginning or its end tells
   * where the page begins.
   */
  private static Alignment begun(
      Collection<List<Seen>> numbers, List<Written> page, Handwriting writing) {
    List<Written> figures =
        page.stream().filter(one -> one.isFull() && Handwriting.isDigit(one.text())).toList();
    Written last =
        figures.stream().max(Comparator.comparing(one -> one.at().column())).orElse(null);
    if (last == null) {
      return NONE;
    }
    String run = writing.digitsLeftFrom(last.at());
    if (run.isEmpty() || run.length() < figures.size()) {
      return NONE;
    }
    Square left = last.at().moved(0, 1 - run.length());
    List<Alignment> found = new ArrayList<>();
    for (List<Seen> padded : numbers) {
      List<Seen> number = padded.stream().filter(seen -> !seen.isOptional()).toList();
      String digits = digits(number);
      if (digits.startsWith(run)) {
        found.add(between(number.get(0).entry().slot().square(), left));
      } else if (digits.endsWith(run)) {
        Square ones = number.get(number.size() - 1).entry().slot().square();
        found.add(between(ones, last.at()));
      }
    }
    return found.isEmpty() || found.contains(NONE) ? NONE : found.get(0);
  }

  private static Alignment between(Square due, Square at) {
    return new Alignment(at.row() - due.row(), at.column() - due.column());
  }

  private static String digits(List<Seen> number) {
    StringBuilder digits = new StringBuilder();
    number.forEach(seen -> seen.due().forEach(written -> digits.append(written.text())));
    return digits.toString();
  }

  private static Optional<Alignment> find(
      List<Seen> number, List<Written> page, Handwriting writing) {
    Square ones = number.get(number.size() - 1).entry().slot().square();
    String digits = digits(number);
    return page.stream()
        .filter(Written::isFull)
        .filter(last -> !Handwriting.isDigit(textRightOf(last, writing)))
        .filter(last -> writing.digitsLeftFrom(last.at()).equals(digits))
        .min(TOP_LEFT_FIRST)
        .map(last -> between(ones, last.at()));
  }

  private static String textRightOf(Written written, Handwriting writing) {
    return writing.at(written.at().moved(0, 1), written.spot()).orElse("");
  }

  /** The page read as if it had been set out where it is compared. */
  public Transposed on(Transposed page) {
    return equals(NONE)
        ? page
        : page.moved(
            written -> written.at().moved(-rows, -columns), due -> due.moved(rows, columns));
  }
}
