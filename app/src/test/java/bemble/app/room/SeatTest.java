package bemble.app.room;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.room.RoomJson.KnockState;
import bemble.app.room.RoomJson.SeatState;
import bemble.app.slate.PageGlance;
import bemble.paper.Area;
import bemble.paper.Paper;
import bemble.paper.Square;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongFunction;
import org.junit.jupiter.api.Test;

class SeatTest {
  private static final Instant NOW = Instant.parse("2026-11-30T09:00:00Z");
  private static final Square SQUARE = new Square(1, 1);
  private static final Paper PAPER = new Paper(new Area(SQUARE, SQUARE), null, List.of());
  private final Seat seat = new Seat(1, 7L, 7, "Fenn", NOW);

  private static PageGlance page(boolean handedIn, boolean allRight, List<Square> slipAt) {
    return new PageGlance(5, "46 + 38", PAPER, List.of(), handedIn, allRight, slipAt, null);
  }

  private SeatState state(PageGlance page, boolean away, Instant when) {
    seat.wrote(NOW);
    return seat.view(away, when, any -> page).state();
  }

  @Test
  void whatASeatNeedsFollowsFromItsPageAndTheTime() {
    assertEquals(SeatState.NO_PAGE, seat.view(false, NOW, any -> null).state());
    seat.begin(5, null, NOW);
    PageGlance fine = page(false, true, List.of());
    PageGlance slipped = page(false, false, List.of(SQUARE));
    assertEquals(SeatState.WRITING, state(fine, false, NOW));
    assertEquals(SeatState.WRITING, state(fine, false, NOW.plusSeconds(60)));
    assertEquals(SeatState.STUCK, state(fine, false, NOW.plusSeconds(61)));
    assertEquals(SeatState.SLIPPED, state(slipped, false, NOW));
    assertEquals(SeatState.AWAY, state(slipped, true, NOW));
    assertEquals(SeatState.RIGHT, state(page(true, true, List.of()), true, NOW));
    assertEquals(SeatState.SLIPPED, state(page(true, false, List.of()), false, NOW));
    seat.stuck(true);
    assertEquals(SeatState.STUCK, seat.view(false, NOW, any -> slipped).state());
  }

  /** A page is looked at again only after another stroke. */
  @Test
  void looksAtAPageOnceForEachChange() {
    seat.begin(5, null, NOW);
    AtomicInteger looks = new AtomicInteger();
    LongFunction<PageGlance> glances =
        any -> {
          looks.incrementAndGet();
          return page(false, true, List.of());
        };
    RoomJson.SeatView first = seat.view(false, NOW, glances);
    assertSame(first.page(), seat.view(false, NOW.plusSeconds(61), glances).page());
    assertEquals(1, looks.get());
    seat.wrote(NOW);
    seat.view(false, NOW, glances);
    assertEquals(2, looks.get());
  }

  /** A stroke that is written while somebody looks at the page is seen at the next look. */
  @Test
  void missesNoStrokeThatComesWhileItLooks() {
    seat.begin(5, null, NOW);
    PageGlance before = page(false, true, List.of());
    PageGlance after = page(false, false, List.of(SQUARE));
    seat.view(
        false,
        NOW,
        any -> {
          seat.wrote(NOW);
          return before;
        });
    assertSame(after, seat.view(false, NOW, any -> after).page());
  }

  @Test
  void countsThePagesThatAreHandedIn() {
    for (long page = 1; page <= 3; page++) {
      seat.begin(page, null, NOW);
      seat.handedIn(page, page != 2, NOW);
      // Handed in once more, as by a device that heard no answer.
      seat.handedIn(page, page != 2, NOW);
    }
    RoomJson.SeatView view = seat.view(false, NOW, any -> page(true, true, List.of()));
    assertEquals(3, view.done());
    assertEquals(2, view.right());
    assertTrue(seat.has(2));
    assertFalse(seat.has(4));
  }

  @Test
  void aDeviceIsToldOnceSomethingIsOtherThanItKnows() {
    Device device = new Device(1, "digest", "7", "10.0.0.7", NOW);
    CompletableFuture<Void> waits = device.change(device.known());
    assertFalse(waits.isDone());
    device.letIn(seat);
    assertTrue(waits.isDone());
    assertEquals(KnockState.IN, device.state());
    assertTrue(device.change(device.known() - 1).isDone());
    CompletableFuture<Void> first = device.change(device.known());
    device.change(device.known());
    assertTrue(first.isDone(), "one question of a device waits at a time");
    device.turnAway();
    assertEquals(KnockState.TURNED_AWAY, device.state());
    assertFalse(device.isAway(NOW.plusSeconds(20)));
    assertTrue(device.isAway(NOW.plusSeconds(21)));
  }
}
