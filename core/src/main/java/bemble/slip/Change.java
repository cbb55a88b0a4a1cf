package bemble.slip;

import bemble.paper.Square;
import bemble.problem.Problem;
import bemble.procedure.Asked;
import bemble.procedure.Fill;
import bemble.procedure.Move;
import bemble.procedure.Shift;
import java.math.BigInteger;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * The values that a slip writes instead of those that are due. One object serves one run of a
 * procedure.
 */
interface Change {
  /** The fill that is written instead; empty where the slip does not touch this slot. */
  default Optional<Fill> instead(Asked asked) {
    return Optional.empty();
  }

  /** The same where the slip happens at one of the figures that are read: the first, for most. */
  default Optional<Fill> insteadAt(Square figure, Asked asked) {
    boolean isThere =
        !asked.reads().isEmpty() && asked.reads().get(0).slot().square().equals(figure);
    return isThere ? instead(asked) : Optional.empty();
  }

  /** Whether a move is left out. */
  default boolean leavesOut(Move move) {
    return false;
  }

  /** Whether a move is left out at a place. */
  default boolean leavesOut(Move move, int place) {
    return leavesOut(move);
  }

  /** How many places off a mark is put, where {@code usual} is right. */
  default int places(Shift shift, int place, int usual) {
    return usual;
  }

  /** Looks at the value that was written in the end, for slips that remember. */
  default void written(Asked asked, BigInteger value) {
    // Most slips do not remember anything.
  }

  /** Makes the change for one run through the procedure of a sum. */
  @FunctionalInterface
  interface Maker {
    Change of(Problem problem);
  }

  /** A change of values alone. */
  @FunctionalInterface
  interface OfValues extends Change {
    /** The value written instead; empty where the slip does not touch this slot. */
    Optional<BigInteger> value(Asked asked);

    @Override
    default Optional<Fill> instead(Asked asked) {
      return value(asked).map(Fill::of);
    }
  }

  /** A change that leaves some squares blank. */
  @FunctionalInterface
  interface ToBlank extends Change {
    /** Whether the square is left blank. */
    boolean leavesBlank(Asked asked);

    @Override
    default Optional<Fill> instead(Asked asked) {
      return leavesBlank(asked) ? Optional.of(Fill.BLANK) : Optional.empty();
    }
  }

  /** A change that leaves out one kind of move at some places. */
  static Change leavingOut(Move which, IntPredicate places) {
    return new Change() {
      @Override
      public boolean leavesOut(Move move, int place) {
        return move == which && places.test(place);
      }
    };
  }

  /** A change that leaves out one kind of move. */
  static Change leavingOut(Move which) {
    return new Change() {
      @Override
      public boolean leavesOut(Move move) {
        return move == which;
      }
    };
  }

  /** A change that puts one kind of thing a fixed number of places off. */
  static Change shifting(Shift which, int otherwise) {
    return new Change() {
      @Override
      public int places(Shift shift, int place, int usual) {
        return shift == which ? otherwise : usual;
      }
    };
  }

  /** Both changes, the first having its way where both would. */
  static Change both(Change one, Change other) {
    return new Change() {
      @Override
      public Optional<Fill> instead(Asked asked) {
        return one.instead(asked).or(() -> other.instead(asked));
      }

      @Override
      public boolean leavesOut(Move move, int place) {
        return one.leavesOut(move, place) || other.leavesOut(move, place);
      }

      @Override
      public int places(Shift shift, int place, int usual) {
        int first = one.places(shift, place, usual);
        return first != usual ? first : other.places(shift, place, usual);
      }

      @Override
      public void written(Asked asked, BigInteger value) {
        one.written(asked, value);
        other.written(asked, value);
      }
    };
  }
}
