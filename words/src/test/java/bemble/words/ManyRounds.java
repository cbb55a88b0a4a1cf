package bemble.words;

import bemble.style.RoundMove;
import bemble.style.RoundMoves;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** All rounds that a class may call. */
final class ManyRounds {
  private ManyRounds() {}

  static Stream<RoundMoves> all() {
    return lists(List.of()).filter(list -> RoundMoves.fault(list).isEmpty()).map(RoundMoves::new);
  }

  /** All lists that begin so and have no move twice. */
  private static Stream<List<RoundMove>> lists(List<RoundMove> begun) {
    Stream<RoundMove> more = Stream.of(RoundMove.values()).filter(move -> !begun.contains(move));
    return Stream.concat(Stream.of(begun), more.flatMap(move -> lists(and(begun, move))));
  }

  private static List<RoundMove> and(List<RoundMove> begun, RoundMove move) {
    List<RoundMove> longer = new ArrayList<>(begun);
    longer.add(move);
    return longer;
  }
}
