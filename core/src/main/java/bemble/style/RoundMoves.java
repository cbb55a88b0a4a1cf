package bemble.style;

import bemble.number.Require;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * The moves of a round of long division that a class calls, each by a word. A move that is left out
 * belongs to the one before it; comparing and asking for another round are not done where they are
 * left out.
 *
 * @param list in the order in which they are called
 */
public record RoundMoves(List<RoundMove> list) {
  private static final List<RoundMove> WRITTEN =
      List.of(RoundMove.DIVIDE, RoundMove.MULTIPLY, RoundMove.SUBTRACT, RoundMove.BRING_DOWN);

  /** Divide, multiply, subtract, compare, bring down. */
  public static final RoundMoves STANDARD =
      new RoundMoves(
          List.of(
              RoundMove.DIVIDE,
              RoundMove.MULTIPLY,
              RoundMove.SUBTRACT,
              RoundMove.COMPARE,
              RoundMove.BRING_DOWN));

  /** The faults of a list of moves. */
  public enum Fault {
    /** The list is empty. */
    NONE,
    TWICE,
    /** Moves that write stand in the wrong order. */
    NOT_AS_WRITTEN,
    /** There is nothing to compare yet, or no longer. */
    COMPARED_TOO_EARLY,
    COMPARED_TOO_LATE,
    AGAIN_NOT_LAST
  }

  /**
   * Keeps a copy.
   *
   * @throws IllegalArgumentException where {@link #fault} finds one
   */
  public RoundMoves {
    Require.that(fault(list).isEmpty(), "moves", list, "are no round");
    list = List.copyOf(list);
  }

  /** The fault of a list; empty where it is a round. */
  public static Optional<Fault> fault(List<RoundMove> list) {
    List<RoundMove> written = list.stream().filter(WRITTEN::contains).toList();
    int comparing = list.indexOf(RoundMove.COMPARE);
    int again = list.indexOf(RoundMove.AGAIN);
    if (list.isEmpty()) {
      return Optional.of(Fault.NONE);
    }
    if (EnumSet.copyOf(list).size() < list.size()) {
      return Optional.of(Fault.TWICE);
    }
    if (!written.equals(written.stream().sorted().toList())) {
      return Optional.of(Fault.NOT_AS_WRITTEN);
    }
    if (again >= 0 && again < list.size() - 1) {
      return Optional.of(Fault.AGAIN_NOT_LAST);
    }
    if (comparing >= 0) {
      int product = Math.max(list.indexOf(RoundMove.DIVIDE), list.indexOf(RoundMove.MULTIPLY));
      int down = list.indexOf(RoundMove.BRING_DOWN);
      if (comparing < product) {
        return Optional.of(Fault.COMPARED_TOO_EARLY);
      }
      if (down >= 0 && comparing > down) {
        return Optional.of(Fault.COMPARED_TOO_LATE);
      }
    }
    return Optional.empty();
  }

  /** Whether a move is among them. */
  public boolean has(RoundMove move) {
    return list.contains(move);
  }

  /** Whether the product is compared with the number above it, before it is subtracted. */
  public boolean comparesProduct() {
    int subtracting = list.indexOf(RoundMove.SUBTRACT);
    return has(RoundMove.COMPARE) && list.indexOf(RoundMove.COMPARE) < subtracting;
  }

  /** Whether the rest of a round is compared with the divisor. */
  public boolean comparesLeft() {
    return has(RoundMove.COMPARE) && !comparesProduct();
  }

  /** The move that calls another one's steps: itself, or where it is left out the one before. */
  public RoundMove calling(RoundMove move) {
    return list.stream()
        .filter(each -> each.compareTo(move) <= 0)
        .filter(each -> each == move || WRITTEN.contains(each))
        .max(RoundMove::compareTo)
        .orElse(list.get(0));
  }
}
