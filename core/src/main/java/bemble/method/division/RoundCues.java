package bemble.method.division;

import bemble.remark.Cue;
import bemble.remark.RemarkKind;
import bemble.style.RoundMove;
import bemble.style.RoundMoves;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The words that call the moves of a round of long division, and the steps that each calls. */
public final class RoundCues {
  private static final List<RemarkKind> DIVIDING =
      List.of(
          RemarkKind.STRIP_ON,
          RemarkKind.TAKE_FIRST,
          RemarkKind.TAKE_MORE_FIGURES,
          RemarkKind.TAKE_TOO_FEW,
          RemarkKind.HOW_MANY_TIMES,
          RemarkKind.GOES_ZERO_TIMES);

  private RoundCues() {}

  /**
   * A cue for each move, in order; the first and the last name the moves left out at either end.
   */
  static List<Cue> of(RoundMoves moves) {
    Map<RoundMove, List<RemarkKind>> called = new EnumMap<>(RoundMove.class);
    for (RoundMove move : RoundMove.values()) {
      called
          .computeIfAbsent(moves.calling(move), any -> new ArrayList<>())
          .addAll(steps(move, moves));
    }
    return moves.list().stream()
        .map(move -> new Cue(word(move), Objects.requireNonNull(called.get(move))))
        .toList();
  }

  private static List<RemarkKind> steps(RoundMove move, RoundMoves moves) {
    return switch (move) {
      case DIVIDE -> DIVIDING;
      case MULTIPLY -> List.of(RemarkKind.MULTIPLY_BACK);
      case SUBTRACT -> List.of(RemarkKind.SUBTRACT_PRODUCT);
      case COMPARE -> compared(moves);
      case BRING_DOWN -> List.of(RemarkKind.BRING_DOWN);
      case AGAIN ->
          moves.has(RoundMove.AGAIN)
              ? List.of(RemarkKind.AGAIN, RemarkKind.STOP_DIVIDING)
              : List.of(RemarkKind.STOP_DIVIDING);
    };
  }

  private static List<RemarkKind> compared(RoundMoves moves) {
    if (moves.comparesProduct()) {
      return List.of(RemarkKind.COMPARE_PRODUCT);
    }
    return moves.comparesLeft() ? List.of(RemarkKind.COMPARE_LEFT) : List.of();
  }

  /** The remark that says the word of a move. */
  public static RemarkKind word(RoundMove move) {
    return switch (move) {
      case DIVIDE -> RemarkKind.CUE_DIVIDE;
      case MULTIPLY -> RemarkKind.CUE_MULTIPLY;
      case SUBTRACT -> RemarkKind.CUE_SUBTRACT;
      case COMPARE -> RemarkKind.CUE_COMPARE;
      case BRING_DOWN -> RemarkKind.CUE_BRING_DOWN;
      case AGAIN -> RemarkKind.CUE_AGAIN;
    };
  }
}
