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

/** Additions, from the ones to the left. */
final class AdditionSums extends Paths<AdditionSums.At, AdditionSums.Choice> implements Counted {
  private final Addends addends;
  private final Range carries;
  private final Range chain;
  private final Range newColumn;
  private final Range largest;
  private final Range zerosGiven;
  private final Range zerosInAnswer;
  private final Range answerFigures;
  private final Map<Place, Column> columns = new HashMap<>();
  private final At start;

  /** What is known before a place. */
  record At(
      int place,
      Going going,
      int carry,
      int carries,
      Streak chain,
      boolean largeEnough,
      int zerosGiven,
      int zerosInAnswer) {}

  /** A place, with the addends that reach it and those that end there. */
  private record Place(Going going, Going ending, boolean ones) {}

  /** Columns of a place that lead to the same state: each with its zeros and its total. */
  record Choice(Column column, Going ending, List<int[]> zerosAndTotals) {}

  AdditionSums(Recipe recipe) {
    addends = new Addends(recipe.numbers());
    carries = recipe.wish(Trait.CARRIES);
    chain = recipe.wish(Trait.CHAIN);
    newColumn = recipe.wish(Trait.NEW_COLUMN);
    largest = recipe.wish(Trait.LARGEST_TOTAL);
    zerosGiven = recipe.wish(Trait.ZEROS_GIVEN);
    zerosInAnswer = recipe.wish(Trait.ZEROS_IN_ANSWER);
    answerFigures = recipe.wish(Trait.ANSWER_FIGURES);
    start = new At(0, addends.all(), 0, 0, Streak.begin(chain), largest.from() == 0, 0, 0);
  }

  @Override
  public BigInteger count() {
    return count(start);
  }

  @Override
  List<Step<At, Choice>> steps(At from) {
    List<Step<At, Choice>> steps = new ArrayList<>();
    for (Going ending : addends.endings(from.going, from.place)) {
      Column column = column(from, ending);
      Map<At, List<int[]>> leading = new LinkedHashMap<>();
      List<int[]> last = new ArrayList<>();
      Going on = addends.after(from.going, ending);
      for (int zeros = 0; zeros <= column.mostZeros(); zeros++) {
        for (int total = 0; total <= column.mostTotal(); total++) {
          if (column.ways(zeros, total) == 0) {
            continue;
          }
          At next = after(from, on, zeros, total + from.carry);
          if (next != null && on.isOver()) {
            if (isWished(next)) {
              last.add(new int[] {zeros, total});
            }
          } else if (next != null) {
            leading.computeIfAbsent(next, any -> new ArrayList<>()).add(new int[] {zeros, total});
          }
        }
      }
      long endings = addends.ways(from.going, ending);
      leading.forEach((to, some) -> steps.add(step(to, endings, column, ending, some)));
      if (!last.isEmpty()) {
        steps.add(step(null, endings, column, ending, last));
      }
    }
    return steps;
  }

  private static Step<At, Choice> step(
      At to, long endings, Column column, Going ending, List<int[]> some) {
    long ways = some.stream().mapToLong(each -> column.ways(each[0], each[1])).sum();
    return new Step<>(to, endings * ways, new Choice(column, ending, some));
  }

  private Column column(At at, Going ending) {
    return columns.computeIfAbsent(
        new Place(at.going, ending, at.place == 0),
        any -> new Column(addends.allowed(at.going, ending, at.place), !zerosGiven.isAny()));
  }

  /** What is known after a column with so many zeros and that total; null where it is too much. */
  private At after(At at, Going on, int zeros, int total) {
    boolean carrying = total >= 10 && !on.isOver();
    int carriesNow = carries.raised(at.carries, carrying ? 1 : 0);
    Streak chainNow = at.chain.next(chain, carrying);
    int givenNow = zerosGiven.raised(at.zerosGiven, zeros);
    int inAnswer = zerosInAnswer.raised(at.zerosInAnswer, total % 10 == 0 ? 1 : 0);
    if (carriesNow == OVER
        || chainNow == null
        || givenNow == OVER
        || inAnswer == OVER
        || total > largest.to()) {
      return null;
    }
    boolean largeEnough = at.largeEnough || total >= largest.from();
    return new At(
        at.place + 1, on, total / 10, carriesNow, chainNow, largeEnough, givenNow, inAnswer);
  }

  /**
   * Whether all wishes are met once every column is added; what is carried then stands in front.
   */
  private boolean isWished(At end) {
    String front = end.carry == 0 ? "" : String.valueOf(end.carry);
    int zerosInFront = (int) front.chars().filter(figure -> figure == '0').count();
    return carries.holds(end.carries)
        && end.chain.enough()
        && newColumn.holds(front.isEmpty() ? 0 : 1)
        && end.largeEnough
        && zerosGiven.holds(end.zerosGiven)
        && zerosInAnswer.holds(end.zerosInAnswer + zerosInFront)
        && answerFigures.holds(end.place + front.length());
  }

  @Override
  public Problem sum(BigInteger number) {
    Addends.Writing writing = addends.new Writing();
    for (Taken<Choice> taken : path(start, number)) {
      Choice choice = taken.choice();
      Column column = choice.column;
      long ways =
          choice.zerosAndTotals.stream().mapToLong(some -> column.ways(some[0], some[1])).sum();
      long left = taken.way() % ways;
      for (int[] some : choice.zerosAndTotals) {
        long these = column.ways(some[0], some[1]);
        if (left < these) {
          int[] figures = column.figures(some[0], some[1], left);
          writing.write(choice.ending, taken.way() / ways, figures);
          break;
        }
        left -= these;
      }
    }
    return new Addition(writing.numbers().stream().map(Numeral::parse).toList());
  }
}
