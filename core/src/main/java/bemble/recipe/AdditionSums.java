package bemble.recipe;

import static bemble.recipe.Range.OVER;

import bemble.number.Numeral;
import bemble.problem.Addition;
import bemble.problem.Problem;
import bemble.recipe.Addends.Going;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Additions, from the ones to the left. */
final class AdditionSums extends Paths<AdditionSums.At, AdditionSums.Pick> implements Counted {
  private final Addends addends;
  private final Range carries;
  private final Range chain;
  private final Range newColumn;
  private final Range largest;
  private final Range onesCarry;
  private final Range ninesTurned;
  private final Range zerosGiven;
  private final Range zerosInAnswer;
  private final Range answerFigures;
  private final Map<Ways, List<Pick>> places = new HashMap<>();
  private final At start;

  /** The state before a place. */
  record At(
      int place,
      Going going,
      int carry,
      int carries,
      Streak chain,
      boolean largeEnough,
      int ninesTurned,
      Zeros zeros) {}

  /** The zeros so far. */
  private record Zeros(int given, int inAnswer) {}

  /** A place with its carry, the addends that reach it, and those that end there. */
  private record Ways(Going going, Going ending, boolean ones, int carry) {}

  /**
   * Columns of a place that lead to the same state.
   *
   * @param zerosAndTotals each with its zeros and the total of its figures
   * @param ways how many columns there are
   * @param carry the carry out of them
   */
  record Pick(
      Column column,
      Going ending,
      List<int[]> zerosAndTotals,
      long ways,
      int carry,
      int zeroInAnswer,
      boolean largeEnough,
      int nineTurned) {
    private int zeros() {
      return zerosAndTotals.get(0)[0];
    }

    private int[] figures(long way) {
      long left = way;
      int i = 0;
      int[] some = zerosAndTotals.get(0);
      for (long these = column.ways(some[0], some[1]);
          left >= these;
          these = column.ways(some[0], some[1])) {
        left -= these;
        some = zerosAndTotals.get(++i);
      }
      return column.figures(some[0], some[1], left);
    }
  }

  AdditionSums(Recipe recipe) {
    addends = new Addends(recipe.numbers());
    carries = recipe.wish(Trait.CARRIES);
    chain = recipe.wish(Trait.CHAIN);
    newColumn = recipe.wish(Trait.NEW_COLUMN);
    largest = recipe.wish(Trait.LARGEST_TOTAL);
    onesCarry = recipe.wish(Trait.ONES_CARRY);
    ninesTurned = recipe.wish(Trait.NINES_TURNED);
    zerosGiven = recipe.wish(Trait.ZEROS_GIVEN);
    zerosInAnswer = recipe.wish(Trait.ZEROS_IN_ANSWER);
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    start =
        new At(
            0, addends.all(), 0, 0, Streak.begin(chain), largest.from() == 0, 0, new Zeros(0, 0));
  }

  @Override
  public BigInteger count() {
    return count(start);
  }

  @Override
  List<Branch<At, Pick>> steps(At from) {
    List<Branch<At, Pick>> steps = new ArrayList<>();
    for (Going ending : addends.endings(from.going, from.place)) {
      Going on = addends.after(from.going, ending);
      long endings = addends.ways(from.going, ending);
      Ways place = new Ways(from.going, ending, from.place == 0, from.carry);
      for (Pick choice : places.computeIfAbsent(place, this::choices)) {
        At next = after(from, on, choice);
        if (next != null && (!on.isOver() || isWished(next))) {
          steps.add(new Branch<>(on.isOver() ? null : next, endings * choice.ways, choice));
        }
      }
    }
    return steps;
  }

  /** The columns of a place; columns that make no difference to any wish count together. */
  private List<Pick> choices(Ways place) {
    List<int[]> allowed = addends.allowed(place.going, place.ending, place.ones ? 0 : 1);
    Column column = new Column(allowed, !zerosGiven.isAny());
    Map<List<Integer>, List<int[]>> alike = new LinkedHashMap<>();
    for (int zeros = 0; zeros <= column.mostZeros(); zeros++) {
      for (int sum = 0; sum <= column.mostTotal(); sum++) {
        int total = sum + place.carry;
        if (column.ways(zeros, sum) > 0 && total <= largest.to()) {
          int zero = zerosInAnswer.isAny() || total % 10 > 0 ? 0 : 1;
          int large = total >= largest.from() ? 1 : 0;
          int nine = !ninesTurned.isAny() && sum == 9 && total > 9 ? 1 : 0;
          alike
              .computeIfAbsent(
                  List.of(total / 10, zeros, zero, large, nine), any -> new ArrayList<>())
              .add(new int[] {zeros, sum});
        }
      }
    }
    List<Pick> choices = new ArrayList<>();
    alike.forEach(
        (key, some) -> {
          long ways = some.stream().mapToLong(each -> column.ways(each[0], each[1])).sum();
          choices.add(
              new Pick(
                  column,
                  place.ending,
                  some,
                  ways,
                  key.get(0),
                  key.get(2),
                  key.get(3) == 1,
                  key.get(4)));
        });
    return choices;
  }

  /** The state after a column; null where a limit is passed. */
  private @Nullable At after(At at, Going on, Pick choice) {
    boolean carrying = choice.carry > 0 && !on.isOver();
    int carriesNow = carries.raised(at.carries, carrying ? 1 : 0);
    Streak chainNow = at.chain.next(chain, carrying);
    int ninesNow = ninesTurned.raised(at.ninesTurned, choice.nineTurned);
    int givenNow = zerosGiven.raised(at.zeros.given, choice.zeros());
    int inAnswer = zerosInAnswer.raised(at.zeros.inAnswer, choice.zeroInAnswer);
    if (at.place == 0 && !onesCarry.holds(carrying ? 1 : 0) || ninesNow == OVER) {
      return null;
    }
    if (carriesNow == OVER || chainNow == null || givenNow == OVER || inAnswer == OVER) {
      return null;
    }
    boolean largeEnough = at.largeEnough || choice.largeEnough;
    return new At(
        at.place + 1,
        on,
        choice.carry,
        carriesNow,
        chainNow,
        largeEnough,
        ninesNow,
        new Zeros(givenNow, inAnswer));
  }

  /** Whether all wishes are met; the last carry stands in front. */
  private boolean isWished(At end) {
    String front = end.carry == 0 ? "" : String.valueOf(end.carry);
    int zerosInFront = (int) front.chars().filter(figure -> figure == '0').count();
    return carries.holds(end.carries)
        && end.chain.enough()
        && newColumn.holds(front.isEmpty() ? 0 : 1)
        && end.largeEnough
        && ninesTurned.holds(end.ninesTurned)
        && zerosGiven.holds(end.zeros.given)
        && zerosInAnswer.holds(end.zeros.inAnswer + zerosInFront)
        && answerFigures.holds(end.place + front.length());
  }

  @Override
  public Problem sum(BigInteger number) {
    Addends.Writing writing = addends.new Writing();
    for (Taken<Pick> taken : path(start, number)) {
      Pick choice = taken.choice();
      int[] figures = choice.figures(taken.way() % choice.ways);
      writing.write(choice.ending, taken.way() / choice.ways, figures);
    }
    return new Addition(writing.numbers().stream().map(Numeral::parse).toList());
  }
}
