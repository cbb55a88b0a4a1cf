package bemble.method.column;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import bemble.paper.Role;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Slot;
import java.math.BigInteger;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class TopFiguresTest {
  /** The figures of a number with two places after the point. */
  private static TopFigures standing(String figures) {
    TopFigures top = new TopFigures(figures.length() - 3, -2);
    for (int i = 0; i < figures.length(); i++) {
      int place = figures.length() - 3 - i;
      Slot slot = Slot.full(Role.GIVEN, place, new Square(0, i));
      BigInteger value = BigInteger.valueOf(figures.charAt(i) - '0');
      top.put(place, new Entry(slot, Rule.COPY, List.of(), value, List.of()));
    }
    return top;
  }

  @Test
  void findsTheFirstToTheLeftThatHasAnythingToGive() {
    TopFigures top = standing("300401");
    assertEquals(OptionalInt.of(0), top.payerFor(-2));
    assertEquals(OptionalInt.of(0), top.payerFor(-1));
    assertEquals(OptionalInt.of(3), top.payerFor(0));
    assertEquals(OptionalInt.empty(), top.payerFor(3));
    assertEquals(OptionalInt.empty(), standing("0001").payerFor(-2));
  }

  @Test
  void showsWhatWasPutLast() {
    TopFigures top = standing("5000");
    Entry other = top.at(1);
    top.put(-2, other);
    assertSame(other, top.at(-2));
    top.put(1, top.at(0));
    assertEquals(OptionalInt.empty(), top.payerFor(-1));
  }
}
