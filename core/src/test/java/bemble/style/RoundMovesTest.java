package bemble.style;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoundMovesTest {
  private static List<RoundMove> list(String moves) {
    return moves == null
        ? List.of()
        : Arrays.stream(moves.split(" ")).map(RoundMove::valueOf).toList();
  }

  @ParameterizedTest
  @CsvSource({
    ", NONE",
    "DIVIDE MULTIPLY DIVIDE, TWICE",
    "MULTIPLY DIVIDE SUBTRACT BRING_DOWN, NOT_AS_WRITTEN",
    "DIVIDE BRING_DOWN SUBTRACT, NOT_AS_WRITTEN",
    "COMPARE DIVIDE MULTIPLY SUBTRACT, COMPARED_TOO_EARLY",
    "DIVIDE COMPARE MULTIPLY SUBTRACT, COMPARED_TOO_EARLY",
    "DIVIDE SUBTRACT BRING_DOWN COMPARE, COMPARED_TOO_LATE",
    "AGAIN DIVIDE, AGAIN_NOT_LAST"
  })
  void saysWhatIsWrongWithAList(String moves, RoundMoves.Fault fault) {
    assertEquals(Optional.of(fault), RoundMoves.fault(list(moves)));
    assertThrows(IllegalArgumentException.class, () -> new RoundMoves(list(moves)));
  }

  @ParameterizedTest
  @CsvSource({
    "DIVIDE MULTIPLY SUBTRACT COMPARE BRING_DOWN, false, true",
    "DIVIDE MULTIPLY COMPARE SUBTRACT BRING_DOWN AGAIN, true, false",
    "DIVIDE SUBTRACT BRING_DOWN, false, false",
    "COMPARE, false, true"
  })
  void comparesWhatThereIsAtThatPlace(String moves, boolean product, boolean left) {
    RoundMoves round = new RoundMoves(list(moves));
    assertEquals(product, round.comparesProduct());
    assertEquals(left, round.comparesLeft());
  }

  @Test
  void aMoveThatIsLeftOutBelongsToTheOneBefore() {
    RoundMoves round = new RoundMoves(list("MULTIPLY SUBTRACT COMPARE"));
    assertEquals(RoundMove.MULTIPLY, round.calling(RoundMove.DIVIDE));
    assertEquals(RoundMove.MULTIPLY, round.calling(RoundMove.MULTIPLY));
    assertEquals(RoundMove.SUBTRACT, round.calling(RoundMove.BRING_DOWN));
    assertEquals(RoundMove.COMPARE, round.calling(RoundMove.COMPARE));
  }
}
