package bemble.problem;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.number.Numeral;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RootTest {
  @Test
  void isOfferedToTwoPlacesWhereFewerWereAskedFor() {
    Numeral radicand = Numeral.of(7);
    IntStream.range(0, 6)
        .forEach(
            places ->
                assertEquals(
                    places < 2 ? Optional.of(new Root(radicand, 2)) : Optional.empty(),
                    new Root(radicand, places).finer()));
  }
}
