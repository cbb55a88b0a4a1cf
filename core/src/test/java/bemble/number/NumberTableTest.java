package bemble.number;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import org.junit.jupiter.api.Test;

class NumberTableTest {
  @Test
  void readsNumbersByTheirKeysAndNamesWhatIsNotThere() {
    NumberTable table = NumberTable.read("progress");
    assertEquals(0.5, table.number("help"));
    assertEquals(10, table.count("sure.latest"));
    assertEquals(List.of(1, 2, 4, 8, 16), table.counts("look-again.weeks"));
    String missing =
        assertThrows(NullPointerException.class, () -> table.count("sure.never")).getMessage();
    assertEquals("sure.never", missing);
    assertThrows(NullPointerException.class, () -> NumberTable.read("nothing"));
  }
}
