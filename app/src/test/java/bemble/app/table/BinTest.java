package bemble.app.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Deleted things can be brought back for a day, and are gone after it. */
class BinTest {
  private static final long BULBS = 1;
  private static final long CANES = 2;

  private final Hands hands = new Hands();
  private final Shelf shelf = new Shelf();
  private final Bin bin = new Bin(hands, List.of(shelf));

  /** A clock that is set by hand. */
  private static final class Hands extends Clock {
    private Instant now = Instant.parse("2026-03-02T12:00:00Z");

    @Override
    public Instant instant() {
      return now;
    }

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }
  }

  /** A table of two rows in memory. */
  private static final class Shelf implements Deletable {
    private final Map<Long, OffsetDateTime> deleted = new HashMap<>();
    private final Map<Long, Boolean> rows = new HashMap<>(Map.of(BULBS, true, CANES, true));

    @Override
    public int delete(long id, OffsetDateTime at) {
      return rows.containsKey(id) && deleted.putIfAbsent(id, at) == null ? 1 : 0;
    }

    @Override
    public int restore(long id) {
      return deleted.remove(id) == null ? 0 : 1;
    }

    @Override
    public int purge(OffsetDateTime before) {
      int count = rows.size();
      rows.keySet().removeIf(id -> deleted.containsKey(id) && deleted.get(id).isBefore(before));
      deleted.keySet().retainAll(rows.keySet());
      return count - rows.size();
    }
  }

  @Test
  void deletesOnceAndSaysWhenThereIsNothing() {
    assertTrue(bin.delete(shelf, BULBS));
    assertFalse(bin.delete(shelf, BULBS));
    assertFalse(bin.delete(shelf, 3));
  }

  @Test
  void bringsBackWithinADay() {
    bin.delete(shelf, BULBS);
    hands.now = hands.now.plus(Duration.ofHours(23));
    bin.empty();
    assertEquals(1, shelf.restore(BULBS));
  }

  @Test
  void isGoneAfterADayWhetherOrNotAnythingElseIsDeleted() {
    bin.delete(shelf, BULBS);
    hands.now = hands.now.plus(Duration.ofHours(25));
    bin.delete(shelf, CANES);
    bin.empty();
    assertEquals(0, shelf.restore(BULBS));
    assertEquals(1, shelf.restore(CANES));
  }
}
