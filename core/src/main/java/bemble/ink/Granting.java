package bemble.ink;

import bemble.ink.RowReading.Granted;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Grants the squares of an answer by their ink. An expectation never makes a figure likelier: a row
 * is right only if each of its squares grants the expected figure by itself, and wrong only if each
 * is sure and one denies it.
 */
public final class Granting {
  private final Thresholds thresholds;
  private final LookAlikes alike;

  /** Grants figures by some thresholds. */
  public Granting(Thresholds thresholds) {
    this(thresholds, LookAlikes.NONE);
  }

  private Granting(Thresholds thresholds, LookAlikes alike) {
    this.thresholds = thresholds;
    this.alike = alike;
  }

  /** The granting for one hand: never more than for any hand. */
  public Granting in(LookAlikes hand) {
    return new Granting(thresholds, hand);
  }

  /**
   * The reading of a row.
   *
   * @param squares from the left
   * @param expected the figures of the right answer, square by square
   */
  public RowReading grant(List<Likelihoods> squares, List<Expectation> expected) {
    StringBuilder figures = new StringBuilder();
    List<Boolean> sure = new ArrayList<>();
    boolean allRight = true;
    boolean denied = false;
    Doubt doubt = Doubt.NONE;
    for (int i = 0; i < squares.size(); i++) {
      Likelihoods square = squares.get(i);
      Expectation due = expected.get(i);
      int best = square.best();
      boolean isSure = isGranted(square, best);
      figures.append(sign(best));
      sure.add(isSure);
      allRight &= best == due.thing() && isSure && isAheadOfSlips(square, due);
      denied |= isSure && best != due.thing();
      doubt = graver(doubt, isSure ? Doubt.NONE : doubtOf(square, best));
    }
    String read = figures.toString();
    if (allRight && !read.isBlank()) {
      return new RowReading(Granted.RIGHT, read, sure, Doubt.NONE);
    }
    if (doubt == Doubt.NONE && read.isBlank()) {
      return new RowReading(Granted.BLANK, read, sure, Doubt.NONE);
    }
    if (doubt == Doubt.NONE && denied && isNumber(read) && !isMoved(read, expected)) {
      return new RowReading(Granted.WRONG, read, sure, Doubt.NONE);
    }
    boolean moved = doubt == Doubt.NONE && denied;
    Doubt said = doubt == Doubt.NONE ? Doubt.UNSURE : doubt;
    return new RowReading(Granted.ASK, read, sure, moved ? Doubt.MOVED : said);
  }

  /** The figure that stands in a square, if its ink alone makes one sure. */
  public Optional<Integer> figure(Likelihoods square) {
    int best = square.best();
    return best < 10 && isGranted(square, best) ? Optional.of(best) : Optional.empty();
  }

  /** Whether a class is far enough ahead of all others by the ink alone. */
  private boolean isGranted(Likelihoods square, int thing) {
    if (square.doubt() != Doubt.NONE || thing == Likelihoods.SPOILT) {
      return false;
    }
    if (thing == Likelihoods.BLANK) {
      return true;
    }
    if (alike.has(thing)) {
      return false;
    }
    for (int other = 0; other < 10; other++) {
      if (other != thing && square.ahead(thing, other) < thresholds.between(thing, other)) {
        return false;
      }
    }
    return square.ahead(thing, Likelihoods.SPOILT) >= thresholds.clean();
  }

  private boolean isAheadOfSlips(Likelihoods square, Expectation due) {
    int thing = due.thing();
    return thing == Likelihoods.BLANK
        || due.slipped().stream()
            .filter(other -> other != thing)
            .allMatch(
                other ->
                    square.ahead(thing, other)
                        >= thresholds.between(thing, other) + thresholds.slip());
  }

  private Doubt doubtOf(Likelihoods square, int best) {
    if (best == Likelihoods.SPOILT) {
      return Doubt.SPOILT;
    }
    return graver(best < 10 && alike.has(best) ? Doubt.ALIKE : Doubt.UNSURE, square.doubt());
  }

  private static Doubt graver(Doubt one, Doubt other) {
    return one.compareTo(other) >= 0 ? one : other;
  }

  private static char sign(int thing) {
    return switch (thing) {
      case Likelihoods.BLANK -> ' ';
      case Likelihoods.SPOILT -> '?';
      default -> (char) ('0' + thing);
    };
  }

  /** Whether its figures stand side by side up to the last square. */
  private static boolean isNumber(String figures) {
    return figures.matches(" *\\d+");
  }

  /** Whether it is the right number with noughts before it. */
  private static boolean isMoved(String read, List<Expectation> expected) {
    String due =
        expected.stream()
            .flatMap(each -> each.figure().stream())
            .map(String::valueOf)
            .collect(Collectors.joining());
    return read.strip().replaceFirst("^0+(?=.)", "").equals(due);
  }
}
