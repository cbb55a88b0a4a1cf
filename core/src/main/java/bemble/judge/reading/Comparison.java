package bemble.judge.reading;

import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.paper.Spot;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Slot;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Compares a written page with the page that a hand would have written. */
public final class Comparison {
  private final Handwriting page;
  private final Stage stage;
  private final Extras extras;

  /** Compares a page as far as it has come. */
  public Comparison(Handwriting page, Stage stage) {
    this.page = page;
    this.stage = stage;
    this.extras = new Extras(page);
  }

  /** Whether a square of an entry has another text. */
  public boolean differs(Seen seen) {
    for (Expected one : seen.expected()) {
      Optional<String> written = page.at(one.at(), one.spot());
      if (written.isPresent() && !same(written.get(), one)) {
        return true;
      }
    }
    return false;
  }

  /** The squares of an entry in which nothing is written. */
  public List<Square> absent(Seen seen) {
    return seen.expected().stream()
        .filter(one -> page.at(one.at(), one.spot()).isEmpty())
        .map(Expected::at)
        .toList();
  }

  /** Whether a number goes on to the left further than it should; zeros in front do no harm. */
  public boolean runsOn(Seen seen, Prediction prediction) {
    return !inFront(seen, prediction).isEmpty();
  }

  /** The squares in which a number goes on to the left, from the right. */
  public List<Square> inFront(Seen seen, Prediction prediction) {
    List<Square> more = new ArrayList<>();
    if (!seen.expected().isEmpty() && absent(seen).isEmpty()) {
      Square left = seen.expected().get(seen.expected().size() - 1).at().moved(0, -1);
      String text = page.at(left, Spot.FULL).orElse("0");
      while (prediction.at(left, Spot.FULL) == null
          && Handwriting.isDigit(text)
          && !text.equals("0")) {
        more.add(left);
        left = left.moved(0, -1);
        text = page.at(left, Spot.FULL).orElse("");
      }
    }
    return more;
  }

  /** Figures too many beside a figure of an answer. */
  public List<Square> extras(Seen seen, Prediction prediction) {
    return extras.beside(seen, prediction);
  }

  /** A small figure in a column that no step of the page would write there. */
  public Optional<Written> wrongAid(int column, Prediction prediction) {
    return page.smallInColumn(column).stream()
        .filter(written -> !prediction.isCell(written.at()))
        .filter(written -> !prediction.helps(column, written.text()))
        .findFirst();
  }

  /** A point of the row that stands, but not here. */
  public boolean isElsewhere(Seen point) {
    Square at = point.entry().slot().square();
    List<Square> points = page.pointsInRow(at.row());
    return !points.isEmpty() && !points.contains(at);
  }

  /** Whether all numbers of the sum stand where a page has them, and nothing above them. */
  public boolean isSetOutAs(Prediction prediction) {
    List<Seen> numbers =
        prediction.seen().stream().filter(seen -> seen.isSetOut() && !seen.isOptional()).toList();
    int top = numbers.stream().mapToInt(seen -> seen.entry().slot().square().row()).min().orElse(0);
    return numbers.stream().allMatch(seen -> !differs(seen) && absent(seen).isEmpty())
        && page.all().stream().noneMatch(one -> one.isFull() && one.at().row() < top);
  }

  /**
   * How well a page agrees: matching squares less differing ones, small figures half. Figures that
   * follow from a differing one tell nothing about the hand.
   */
  public int agreement(Prediction prediction) {
    Set<Square> spoilt = spoilt(prediction);
    int agreement = 0;
    for (Written written : page.all()) {
      String expected = prediction.at(written.at(), written.spot());
      if (written.isPoint()) {
        agreement += prediction.hasPoint(written.at()) ? 2 : -2;
      } else if (!written.isFull() && !prediction.isCell(written.at())) {
        int column = written.at().column();
        boolean own = prediction.hasAid(column, written.text());
        // Those of another way are no reason to think that this hand wrote them, nor against it.
        boolean helps = prediction.helps(column, written.text());
        agreement += own ? 1 : helps ? 0 : -1;
      } else if (expected == null) {
        agreement -= !written.text().equals("0") && written.isNumber() ? 2 : 0;
      } else if (!spoilt.contains(written.at())) {
        agreement += expected.equals(written.text()) ? 2 : -2;
      }
    }
    if (stage == Stage.HANDED_IN) {
      for (Seen seen : prediction.seen()) {
        boolean needed = !seen.isOptional() && !seen.isSetOut() && !prediction.isZeroInFront(seen);
        agreement -= needed ? 2 * absent(seen).size() : 0;
      }
    }
    return agreement;
  }

  /** Squares whose figures come from others that stand otherwise on the page. */
  private Set<Square> spoilt(Prediction prediction) {
    Set<Slot> otherwise = new HashSet<>();
    Set<Square> spoilt = new HashSet<>();
    for (Seen seen : prediction.seen()) {
      Entry entry = seen.entry();
      boolean follows =
          !otherwise.isEmpty()
              && entry.reads().stream().anyMatch(read -> otherwise.contains(read.slot()));
      if (follows) {
        seen.expected().forEach(one -> spoilt.add(one.at()));
      }
      // Small figures are written over and left out.
      if (follows || !seen.isAid() && differs(seen)) {
        otherwise.add(entry.slot());
      }
    }
    return spoilt;
  }

  /** Whether a text is the expected one. */
  public static boolean same(String text, Expected expected) {
    return text.equals(expected.text());
  }
}
