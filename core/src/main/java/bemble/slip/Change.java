package bemble.slip;

import bemble.plan.Asked;
import bemble.plan.Decision;
import bemble.problem.Problem;
import java.math.BigInteger;
import java.util.Optional;
import java.util.OptionalInt;

/** What a slip puts in the place of what is due. One object serves one run through a plan. */
interface Change {
  /** What is written instead; empty where the slip does not touch this slot. */
  default Optional<BigInteger> instead(Asked asked) {
    return Optional.empty();
  }

  /** How it is decided instead; empty where the slip does not touch this decision. */
  default OptionalInt decide(Decision decision, int place, int usual) {
    return OptionalInt.empty();
  }

  /** Looks at what was written in the end, for slips that remember. */
  default void written(Asked asked, BigInteger value) {
    // Most slips do not remember anything.
  }

  /** Makes the change for one run through the plan of a sum. */
  @FunctionalInterface
  interface Maker {
    Change of(Problem problem);
  }

  /** A change of values alone. */
  @FunctionalInterface
  interface OfValues extends Change {
    @Override
    Optional<BigInteger> instead(Asked asked);
  }

  /** A change that decides one kind of question in another way. */
  static Change deciding(Decision which, int otherwise) {
    return new Change() {
      @Override
      public OptionalInt decide(Decision decision, int place, int usual) {
        return decision == which ? OptionalInt.of(otherwise) : OptionalInt.empty();
      }
    };
  }

  /** Both changes, the first having its way where both would. */
  static Change both(Change one, Change other) {
    return new Change() {
      @Override
      public Optional<BigInteger> instead(Asked asked) {
        return one.instead(asked).or(() -> other.instead(asked));
      }

      @Override
      public OptionalInt decide(Decision decision, int place, int usual) {
        OptionalInt first = one.decide(decision, place, usual);
        return first.isPresent() ? first : other.decide(decision, place, usual);
      }

      @Override
      public void written(Asked asked, BigInteger value) {
        one.written(asked, value);
        other.written(asked, value);
      }
    };
  }
}
