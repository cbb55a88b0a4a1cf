package bemble.app.room;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DoorTest {
  private static final Instant NOW = Instant.parse("2026-11-30T09:00:00Z");
  private final Door door = new Door("402871");

  private Door.Outcome wrong(String address, Instant when) {
    return door.knock("000000", address, when);
  }

  @Test
  void fiveWrongCodesFromOneAddressWaitAMinute() {
    for (int tries = 0; tries < 4; tries++) {
      assertEquals(Door.Outcome.WRONG, wrong("10.0.0.7", NOW));
    }
    assertEquals(Door.Outcome.WAIT, wrong("10.0.0.7", NOW));
    assertEquals(Door.Outcome.WAIT, door.knock("402871", "10.0.0.7", NOW.plusSeconds(59)));
    assertEquals(Door.Outcome.LET_ON, door.knock("402871", "10.0.0.8", NOW));
    assertEquals(Door.Outcome.LET_ON, door.knock("402871", "10.0.0.7", NOW.plusSeconds(60)));
  }

  @Test
  void theRightCodeForgivesWrongOnesBefore() {
    for (int tries = 0; tries < 20; tries++) {
      assertEquals(Door.Outcome.WRONG, wrong("10.0.0.7", NOW));
      assertEquals(Door.Outcome.LET_ON, door.knock("402871", "10.0.0.7", NOW));
    }
  }

  @Test
  void aHundredWrongCodesFromAnywhereCloseIt() {
    for (int tries = 0; tries < 99; tries++) {
      wrong("10.0.1." + tries, NOW);
    }
    assertFalse(door.isShut());
    assertEquals(Door.Outcome.SHUT, wrong("10.0.2.1", NOW));
    assertTrue(door.isShut());
    assertEquals(Door.Outcome.SHUT, door.knock("402871", "10.0.3.1", NOW));
    door.recode("118305");
    assertEquals(Door.Outcome.LET_ON, door.knock("118305", "10.0.3.1", NOW));
    assertEquals(Door.Outcome.WRONG, door.knock("402871", "10.0.3.1", NOW));
  }

  @Test
  void aNumberOrTheBeginningOfANameTellsWhoIsMeant() {
    Map<Long, String> names = Map.of(11L, "Fenn Oakley", 12L, "Fern Ashby", 17L, "Odo Marsh");
    Map<Long, Integer> numbers = Map.of(11L, 1, 12L, 2, 17L, 17);
    assertEquals(List.of(17L), RoomDoor.meant("17", names, numbers));
    assertEquals(List.of(11L), RoomDoor.meant("FENN", names, numbers));
    assertEquals(List.of(12L), RoomDoor.meant("ash", names, numbers));
    assertEquals(
        List.of(11L, 12L), RoomDoor.meant("fe", names, numbers).stream().sorted().toList());
    assertEquals(List.of(5L), RoomDoor.meant("max", Map.of(4L, "Maxine", 5L, "Max"), numbers));
    // A number is not the beginning of another, and a part from the middle of a name is none.
    assertEquals(List.of(11L), RoomDoor.meant("1", names, numbers));
    assertEquals(List.of(), RoomDoor.meant("enn", names, numbers));
  }
}
