package bemble.app.siege;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.journey.RoomHand;
import bemble.app.journey.Talk;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The machine goes out in the middle of a lesson, and the lesson goes on. */
class RoomComesBackTest {
  @TempDir Path folder;

  private static Map<String, Object> figure(int number, int column, String text) {
    return Map.of(
        "number",
        number,
        "millis",
        900 * number,
        "kind",
        "FIGURE",
        "row",
        4,
        "column",
        column,
        "text",
        text);
  }

  private static long page(Talk device) {
    return device.get("/room/seat").json().at("/work/page").asLong();
  }

  private static Talk.Answer write(Talk device, Map<String, Object> stroke) {
    return device.post(
        "/room/pages/" + page(device) + "/strokes", Map.of("strokes", List.of(stroke)));
  }

  @Test
  void devicesGoOnWithoutAskingAfterAKill() {
    Path data = folder.resolve("data");
    OwnBemble first = OwnBemble.start(data);
    Talk device;
    long page;
    long bram;
    try {
      Talk teacher = first.talk();
      JsonNode roll = teacher.post("/api/roll", Map.of("names", "Averil\nBram")).json();
      bram = roll.get(1).get("id").asLong();
      RoomHand room = new RoomHand(teacher).open("AT_ONCE", false);
      device = room.comeIn(roll.get(0).get("id").asLong());
      room.give("346 + 287");
      page = page(device);
      assertEquals(204, write(device, figure(0, 3, "3")).status());
      assertEquals(204, write(device, figure(1, 2, "3")).status());
    } finally {
      first.kill();
    }
    OwnBemble second = OwnBemble.start(data);
    try {
      // The same address and the same token; strokes without an answer are sent once more.
      assertEquals(page, page(device));
      assertEquals(204, write(device, figure(1, 2, "3")).status());
      assertEquals(204, write(device, figure(2, 1, "6")).status());
      JsonNode strokes = device.get("/room/pages/" + page).json().get("strokes");
      assertEquals(3, strokes.size());
      assertEquals("6", strokes.get(2).get("text").asText());
      // The work that was given out waits for pupils who come late.
      Talk late = new RoomHand(second.talk()).look().comeIn(bram);
      assertEquals(
          "346 + 287", late.get("/room/pages/" + page(late)).json().at("/problem").asText());
      JsonNode open = second.talk().get("/api/rooms").json().get("room");
      assertEquals("Averil", open.get("seats").get(0).get("name").asText());
    } finally {
      second.close();
    }
    // Closed as a teacher does: the room is closed with it.
    try (OwnBemble third = OwnBemble.start(data)) {
      JsonNode rooms = third.talk().get("/api/rooms").json();
      assertTrue(rooms.path("room").isMissingNode(), rooms::toString);
      assertEquals(1, rooms.get("held").size());
    }
  }
}
