package bemble.app.json;

import bemble.style.RoundMove;
import bemble.style.RoundMoves;
import bemble.words.Wording;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The moves of a round in JSON: their names, in order. */
final class RoundMovesJson {
  private static final List<RoundMove> WITHOUT_COMPARING =
      RoundMoves.STANDARD.list().stream().filter(move -> move != RoundMove.COMPARE).toList();

  /**
   * The moves of rounding that were chosen before a class had a list of its own, by their stored
   * names.
   */
  private static final Map<String, RoundMoves> FORMER =
      Map.of(
          "WITH_COMPARING",
          RoundMoves.STANDARD,
          "WITHOUT_COMPARING",
          new RoundMoves(WITHOUT_COMPARING),
          "WITH_AGAIN",
          withAgain(WITHOUT_COMPARING),
          "WITH_COMPARING_AND_AGAIN",
          withAgain(RoundMoves.STANDARD.list()));

  private RoundMovesJson() {}

  private static RoundMoves withAgain(List<RoundMove> moves) {
    List<RoundMove> longer = new ArrayList<>(moves);
    longer.add(RoundMove.AGAIN);
    return new RoundMoves(longer);
  }

  /** Stored moves; empty where another version stored some that this one does not know. */
  static Optional<RoundMoves> stored(JsonNode given) {
    if (given.isTextual()) {
      return Optional.ofNullable(FORMER.get(given.asText()));
    }
    return moves(given).filter(list -> RoundMoves.fault(list).isEmpty()).map(RoundMoves::new);
  }

  /** The moves that a request names. */
  static RoundMoves read(JsonNode given, DeserializationContext context)
      throws JsonMappingException {
    Optional<RoundMoves> former = given.isTextual() ? stored(given) : Optional.empty();
    if (former.isPresent()) {
      return former.get();
    }
    List<RoundMove> list =
        moves(given)
            .orElseThrow(
                () ->
                    context.weirdStringException(
                        given.toString(), RoundMoves.class, "no moves of a round"));
    RoundMoves.fault(list)
        .ifPresent(
            fault -> {
              throw StyleJson.Reader.clash("round-fault." + Wording.key(fault));
            });
    return new RoundMoves(list);
  }

  private static Optional<List<RoundMove>> moves(JsonNode given) {
    List<RoundMove> list = new ArrayList<>();
    for (JsonNode each : given) {
      Optional<RoundMove> known =
          Arrays.stream(RoundMove.values())
              .filter(move -> move.name().equals(each.asText()))
              .findFirst();
      if (known.isEmpty()) {
        return Optional.empty();
      }
      list.add(known.get());
    }
    return given.isArray() ? Optional.of(list) : Optional.empty();
  }
}
