package bemble.recipe;

import static bemble.recipe.Range.OVER;

import bemble.number.Numeral;
import bemble.problem.Problem;
import bemble.problem.Subtraction;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Subtractions, from the ones to the left; the minuend is not below the subtrahend. */
final class SubtractionSums extends Paths<SubtractionSums.At, SubtractionSums.Pick>
    implements Counted {
  private final Size minuend;
  private final Size subtrahend;
  private final Range exchanges;
  private final Range zerosCrossed;
  private final Range onesExchange;
  private final Range tailZeros;
  private final Range zerosBelow;
  private final Range zerosGiven;
  private final Range zerosInAnswer;
  private final Range answerFigures;
  private final boolean tellsFigures;
  private final At start;

  /**
   * The state before a place.
   *
   * @param below whether the subtrahend reaches the place
   * @param lent 1 where the place has lent one to the place to its right
   * @param tail zeros at the end of the minuend so far, where wished
   * @param figures how many figures the answer has up to its highest that is not 0, where wished
   */
  record At(
      int place,
      boolean below,
      int lent,
      int exchanges,
      Streak zerosCrossed,
      int tail,
      Zeros zeros,
      int figures) {}

  /** The zeros so far: of both numbers, of the one below alone, and of the answer. */
  private record Zeros(int given, int below, int inAnswer) {}

  /**
   * Columns that lead to the same state.
   *
   * @param columns the top figure and the one below, −1 where there is none
   */
  record Pick(List<int[]> columns) {}

  SubtractionSums(Recipe recipe) {
    minuend = recipe.numbers().get(0);
    subtrahend = recipe.numbers().get(1);
    exchanges = recipe.wish(Trait.EXCHANGES);
    zerosCrossed = recipe.wish(Trait.ZEROS_CROSSED);
    onesExchange = recipe.wish(Trait.ONES_EXCHANGE);
    tailZeros = recipe.wish(Trait.TAIL_ZEROS);
    zerosBelow = recipe.wish(Trait.ZEROS_IN_SUBTRAHEND);
    zerosGiven = recipe.wish(Trait.ZEROS_GIVEN);
    zerosInAnswer = recipe.wish(Trait.ZEROS_IN_ANSWER);
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    tellsFigures = !zerosInAnswer.isAny() || !answerFigures.isAny();
    start = new At(0, true, 0, 0, Streak.begin(zerosCrossed), 0, new Zeros(0, 0, 0), 0);
  }

  @Override
  public BigInteger count() {
    return count(start);
  }

  @Override
  List<Branch<At, Pick>> steps(At from) {
    Map<At, List<int[]>> leading = new LinkedHashMap<>();
    List<int[]> last = new ArrayList<>();
    for (boolean topEnds : ends(minuend, from.place)) {
      for (boolean belowEnds : from.below ? ends(subtrahend, from.place) : List.of(true)) {
        if (topEnds && !belowEnds) {
          continue;
        }
        for (int top : minuend.at(from.place, topEnds)) {
          for (int below : from.below ? subtrahend.at(from.place, belowEnds) : new int[] {-1}) {
            At next = after(from, !belowEnds, top, below);
            if (next == null) {
              continue;
            }
            int[] column = {top, below};
            if (!topEnds) {
              leading.computeIfAbsent(next, any -> new ArrayList<>()).add(column);
            } else if (isWished(next)) {
              last.add(column);
            }
          }
        }
      }
    }
    List<Branch<At, Pick>> steps = new ArrayList<>();
    leading.forEach((to, some) -> steps.add(new Branch<>(to, some.size(), new Pick(some))));
    if (!last.isEmpty()) {
      steps.add(new Branch<>(null, last.size(), new Pick(last)));
    }
    return steps;
  }

  /** Whether a number may go on above a place, and whether it may end there. */
  private static List<Boolean> ends(Size size, int place) {
    List<Boolean> ends = new ArrayList<>();
    if (size.mayGoOn(place)) {
      ends.add(false);
    }
    if (size.mayEnd(place)) {
      ends.add(true);
    }
    return ends;
  }

  /** The state after a column; null where a limit is passed. */
  private @Nullable At after(At at, boolean belowGoesOn, int top, int below) {
    int left = top - at.lent - Math.max(below, 0);
    boolean exchanged = left < 0;
    int figure = exchanged ? left + 10 : left;
    int exchangesNow = exchanges.raised(at.exchanges, exchanged ? 1 : 0);
    Streak crossedNow = at.zerosCrossed.next(zerosCrossed, top == 0 && at.lent == 1);
    int belowNow = zerosBelow.raised(at.zeros.below, below == 0 ? 1 : 0);
    boolean inTail = !tailZeros.isAny() && top == 0 && at.tail == at.place;
    int zeros = (top == 0 ? 1 : 0) + (below == 0 ? 1 : 0);
    int givenNow = zerosGiven.raised(at.zeros.given, zeros);
    boolean counts = tellsFigures && figure > 0;
    // Zeros count once a figure to their left shows that they are inside.
    int inside = counts ? at.place - at.figures : 0;
    int inAnswer = zerosInAnswer.raised(at.zeros.inAnswer, inside);
    if (at.place == 0 && !onesExchange.holds(exchanged ? 1 : 0) || belowNow == OVER) {
      return null;
    }
    if (exchangesNow == OVER || crossedNow == null || givenNow == OVER || inAnswer == OVER) {
      return null;
    }
    return new At(
        at.place + 1,
        belowGoesOn,
        exchanged ? 1 : 0,
        exchangesNow,
        crossedNow,
        inTail ? at.tail + 1 : at.tail,
        new Zeros(givenNow, belowNow, inAnswer),
        counts ? at.place + 1 : at.figures);
  }

  private boolean isWished(At end) {
    int ownZero = end.figures == 0 ? 1 : 0;
    int zeros = tellsFigures ? zerosInAnswer.raised(end.zeros.inAnswer, ownZero) : 0;
    return end.lent == 0
        && exchanges.holds(end.exchanges)
        && end.zerosCrossed.enough()
        && tailZeros.holds(end.tail)
        && zerosBelow.holds(end.zeros.below)
        && zerosGiven.holds(end.zeros.given)
        && zerosInAnswer.holds(zeros)
        && (!tellsFigures || answerFigures.holds(Math.max(end.figures, 1)));
  }

  @Override
  public Problem sum(BigInteger number) {
    StringBuilder top = new StringBuilder();
    StringBuilder below = new StringBuilder();
    for (Taken<Pick> taken : path(start, number)) {
      int[] column = taken.choice().columns.get((int) taken.way());
      top.insert(0, column[0]);
      if (column[1] >= 0) {
        below.insert(0, column[1]);
      }
    }
    return new Subtraction(Numeral.parse(top.toString()), Numeral.parse(below.toString()));
  }
}
