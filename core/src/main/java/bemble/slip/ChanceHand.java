package bemble.slip;

import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Move;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/**
 * A hand that makes one slip at some of its chances and works truly elsewhere. A chance is a column
 * or a round in which the slip changes a value, and in a row of products each figure of it. One
 * object serves one run through a procedure.
 */
public final class ChanceHand implements Hand {
  /** A chance: the section and, in a row, the figure that is read. */
  private record Chance(Section section, @Nullable Square figure) {}

  private final Change change;
  private final IntPredicate makes;
  private final List<Chance> chances = new ArrayList<>();

  /**
   * A hand with a slip.
   *
   * @param makes whether it is made at a chance, by the number of the chance from 0
   */
  public ChanceHand(Problem problem, Slip slip, IntPredicate makes) {
    this.change = slip.change(problem);
    this.makes = makes;
  }

  /** How many chances there were so far. */
  public int chances() {
    return chances.size();
  }

  @Override
  public Fill fill(Asked asked) {
    Fill due = Fill.of(asked.due());
    Optional<Fill> instead = change.instead(asked).filter(other -> !other.equals(due));
    boolean inRow = asked.section().kind() == Section.Kind.ROW && !asked.reads().isEmpty();
    Square figure = inRow ? asked.reads().get(0).slot().square() : null;
    Fill put =
        instead.isPresent() && isMade(new Chance(asked.section(), figure)) ? instead.get() : due;
    change.written(asked, put.value());
    return put;
  }

  @Override
  public boolean makes(Move move, Section section, int place) {
    return !(change.leavesOut(move, place) && isMade(new Chance(section, null)));
  }

  @Override
  public int places(Shift shift, Section section, int place, int usual) {
    int other = change.places(shift, place, usual);
    return other != usual && isMade(new Chance(section, null)) ? other : usual;
  }

  private boolean isMade(Chance chance) {
    int number = chances.indexOf(chance);
    if (number < 0) {
      number = chances.size();
      chances.add(chance);
    }
    return makes.test(number);
  }
}
