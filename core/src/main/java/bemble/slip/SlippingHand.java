package bemble.slip;

import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Hand;
import bemble.procedure.Move;
import bemble.procedure.Section;
import bemble.procedure.Shift;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A hand that works truly but for some slips. One object serves one run through a procedure: some
 * slips remember earlier values.
 */
public final class SlippingHand implements Hand {
  /**
   * A slip and where it happens.
   *
   * @param slip which
   * @param from the section in which it happens first; null for the beginning
   * @param onwards whether it goes on happening from there, or happens in that section only
   * @param figure the square of a figure that is read, where it happens at one; null for all
   */
  public record At(Slip slip, @Nullable Section from, boolean onwards, @Nullable Square figure) {
    /** A slip that happens in a section, or from there on. */
    public At(Slip slip, @Nullable Section from, boolean onwards) {
      this(slip, from, onwards, null);
    }

    /** A slip that happens wherever it can. */
    public static At everywhere(Slip slip) {
      return new At(slip, null, true);
    }
  }

  private final List<At> slips;
  private final List<Change> changes;
  private final boolean[] begun;
  private final boolean[] made;
  private final Map<Slot, BigInteger> written;

  /** A hand that makes some slips, and writes given values in some slots whatever is due there. */
  public SlippingHand(Problem problem, List<At> slips, Map<Slot, BigInteger> written) {
    this.slips = List.copyOf(slips);
    this.changes = slips.stream().map(at -> at.slip().change(problem)).toList();
    this.begun = new boolean[slips.size()];
    this.made = new boolean[slips.size()];
    this.written = new HashMap<>(written);
  }

  @Override
  public Fill fill(Asked asked) {
    Fill put = Optional.ofNullable(written.get(asked.slot())).map(Fill::of).orElse(null);
    for (int i = 0; put == null && i < changes.size(); i++) {
      if (happens(i, asked.section())) {
        Square figure = slips.get(i).figure();
        Change change = changes.get(i);
        put =
            (figure == null ? change.instead(asked) : change.insteadAt(figure, asked)).orElse(null);
        made[i] |= put != null && !put.equals(Fill.of(asked.due()));
      }
    }
    if (put == null) {
      put = Fill.of(asked.due());
    }
    for (Change change : changes) {
      change.written(asked, put.value());
    }
    return put;
  }

  @Override
  public boolean makes(Move move, Section section, int place) {
    for (int i = 0; i < changes.size(); i++) {
      if (happens(i, section)
          && slips.get(i).figure() == null
          && changes.get(i).leavesOut(move, place)) {
        made[i] = true;
        return false;
      }
    }
    return true;
  }

  @Override
  public int places(Shift shift, Section section, int place, int usual) {
    for (int i = 0; i < changes.size(); i++) {
      int places = happens(i, section) ? changes.get(i).places(shift, place, usual) : usual;
      if (places != usual) {
        made[i] = true;
        return places;
      }
    }
    return usual;
  }

  /** Whether the slip of that index has changed anything so far. */
  public boolean made(int index) {
    return made[index];
  }

  private boolean happens(int index, Section section) {
    At at = slips.get(index);
    boolean here = at.from() == null || at.from().equals(section);
    begun[index] |= here;
    return here || at.onwards() && begun[index];
  }
}
