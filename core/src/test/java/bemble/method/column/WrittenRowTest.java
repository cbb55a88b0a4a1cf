package bemble.method.column;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class WrittenRowTest {
  private final Random random = new Random(11);

  private static Entry figure(int place, int value) {
    Slot slot = Slot.full(Role.ANSWER, place, new Square(0, 40 - place));
    return new Entry(slot, Rule.ZERO, List.of(), BigInteger.valueOf(value), List.of());
  }

  @Test
  void keepsEachFigureAtItsPlaceInWhateverOrderTheyCome() {
    for (int round = 0; round < 200; round++) {
      WrittenRow row =
          random.nextBoolean() ? new WrittenRow(0) : new WrittenRow(0, 3, -random.nextInt(3));
      TreeMap<Integer, Entry> expected = new TreeMap<>();
      for (int n = random.nextInt(12); n >= 0; n--) {
        int place = random.nextInt(50) - 20;
        Entry figure = figure(place, random.nextInt(10));
        row.put(place, figure);
        expected.put(place, figure);
      }
      assertEquals(expected.firstKey(), row.lowest());
      assertEquals(expected.lastKey(), row.highest());
      for (int place = -40; place < 60; place++) {
        assertEquals(Optional.ofNullable(expected.get(place)), row.at(place));
      }
    }
  }

  @Test
  void readsBlankSquaresAsZeros() {
    WrittenRow row = new WrittenRow(0);
    row.put(3, figure(3, 4));
    row.put(-1, figure(-1, 7));
    assertEquals(Numeral.parse("4000.7"), row.read());
  }

  @Test
  void readsEachSquareAsSoManyOfItsPlace() {
    for (int round = 0; round < 200; round++) {
      WrittenRow row = new WrittenRow(0);
      BigInteger expected = BigInteger.ZERO;
      int wide = random.nextInt(3) == 0 ? 1000 : 10;
      for (int place = random.nextInt(30); place >= -2; place--) {
        int value = random.nextInt(wide);
        row.put(place, figure(place, value));
        expected = expected.multiply(BigInteger.TEN).add(BigInteger.valueOf(value));
      }
      assertEquals(Numeral.of(expected, 2), row.read());
    }
  }

  @Test
  void isEmptyUntilAFigureIsWrittenHoweverMuchRoomThereIs() {
    WrittenRow row = new WrittenRow(0, 5, -2);
    assertTrue(row.isEmpty());
    assertEquals(Numeral.ZERO, row.read());
    row.put(-2, figure(-2, 1));
    assertEquals(Numeral.parse("0.01"), row.read());
  }
}
