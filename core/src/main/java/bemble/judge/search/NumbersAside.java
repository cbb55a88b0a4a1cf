package bemble.judge.search;

import bemble.judge.reading.Alignment;
import bemble.judge.reading.Handwriting;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.reading.Transposed;
import bemble.judge.report.Finding;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Numbers of a sum in columns that are copied each in its row, but not all under one another, so
 * that a writer who works them as they stand adds figures of unlike places.
 *
 * @param numbers the due figures of each, in the order of copying
 * @param right how many columns further right than it is due each stands; below 0 further left
 */
record NumbersAside(List<List<Seen>> numbers, List<Integer> right) {
  private static final int FURTHEST = 3;

  /** The numbers of a page; empty where one is not found, or all stand where they are due. */
  static Optional<NumbersAside> of(Handwriting page, Prediction truth) {
    Map<Integer, List<Seen>> rows = new LinkedHashMap<>();
    for (Seen seen : truth.seen()) {
      if (seen.isSetOut() && !seen.isOptional() && !seen.isPoint()) {
        int row = seen.entry().slot().square().row();
        rows.computeIfAbsent(row, any -> new ArrayList<>()).add(seen);
      }
    }
    List<List<Seen>> numbers = List.copyOf(rows.values());
    List<Integer> right = new ArrayList<>();
    for (List<Seen> number : numbers) {
      Optional<Integer> off = off(page, number);
      if (off.isEmpty()) {
        return Optional.empty();
      }
      right.add(off.get());
    }
    NumbersAside aside = new NumbersAside(numbers, List.copyOf(right));
    boolean isColumnSum =
        switch (truth.working().problem().operation()) {
          case ADDITION -> true;
          // Of a subtraction the number above tells where the columns are.
          case SUBTRACTION -> right.size() == 2 && right.get(0) == 0 && right.get(1) < 0;
          default -> false;
        };
    boolean isAside = right.stream().distinct().count() > 1 && right.contains(0);
    return isColumnSum && isAside ? Optional.of(aside) : Optional.empty();
  }

  private static Optional<Integer> off(Handwriting page, List<Seen> number) {
    List<Expected> due = number.stream().flatMap(seen -> seen.expected().stream()).toList();
    for (int far = 0; far <= FURTHEST; far++) {
      for (int off : far == 0 ? new int[] {0} : new int[] {-far, far}) {
        if (isAt(page, due, off)) {
          return Optional.of(off);
        }
      }
    }
    return Optional.empty();
  }

  /** Whether all of a number stands off, with no digit beside it. */
  private static boolean isAt(Handwriting page, List<Expected> due, int off) {
    int first = due.stream().mapToInt(one -> one.at().column()).min().orElseThrow();
    int last = due.stream().mapToInt(one -> one.at().column()).max().orElseThrow();
    int row = due.get(0).at().row();
    return due.stream()
            .allMatch(
                one -> page.at(one.at().moved(0, off), Spot.FULL).equals(Optional.of(one.text())))
        && !isDigit(page, new Square(row, first - 1 + off))
        && !isDigit(page, new Square(row, last + 1 + off));
  }

  private static boolean isDigit(Handwriting page, Square at) {
    return Handwriting.isDigit(page.at(at, Spot.FULL).orElse(null));
  }

  /** How many places to the left of the rightmost number each one stands. */
  List<Integer> lefts() {
    int most = Collections.max(right);
    return right.stream().map(off -> most - off).toList();
  }

  /** The page with the rightmost number in its columns. */
  Transposed on(Transposed page) {
    return new Alignment(0, Collections.max(right)).on(page);
  }

  /** The finding of the first number that is not where it is due, on the page as it is read. */
  Finding finding(Step step) {
    int most = Collections.max(right);
    int which = 0;
    while (right.get(which) == 0) {
      which++;
    }
    int off = right.get(which) - most;
    List<Square> squares = new ArrayList<>();
    List<Written> due = new ArrayList<>();
    for (Seen seen : numbers.get(which)) {
      for (Expected one : seen.expected()) {
        squares.add(one.at().moved(0, off));
        due.add(new Written(one.at().moved(0, -most), one.spot(), one.text()));
      }
    }
    squares.sort((one, other) -> other.column() - one.column());
    Finding.Kind kind =
        right.get(which) < 0 ? Finding.Kind.TOO_FAR_LEFT : Finding.Kind.TOO_FAR_RIGHT;
    return new Finding(squares, step, due, kind, List.of(), Optional.empty());
  }
}
