package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.slate.SimulatedSlates;
import bemble.app.slate.StrokeView;
import bemble.app.working.SumRef;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A lesson on pupils' own devices, over HTTP. */
@BeginsEmpty
class RoomTest extends Conversation {
  private RoomHand room;
  private final List<Long> pupils = new ArrayList<>();

  @BeforeEach
  void openRoom() {
    if (talk.get("/api/roll").json().isEmpty()) {
      talk.post("/api/roll", Map.of("names", "Averil\nBram\nCaio"));
    }
    talk.get("/api/roll").json().forEach(each -> pupils.add(each.get("id").asLong()));
    room = new RoomHand(talk);
  }

  @AfterEach
  void closeRoom() {
    room.close();
  }

  private static JsonNode seat(Talk device) {
    return device.get("/room/seat").json();
  }

  private static long page(Talk device) {
    return seat(device).at("/work/page").asLong();
  }

  private static List<StrokeView> strokes(String sum, String... slips) {
    return app.part(SimulatedSlates.class).strokes(new SumRef(sum, "column", null), List.of(slips));
  }

  /** Writes the whole of a sum on the page that a device has, and hands it in. */
  private static JsonNode work(Talk device, String sum, String... slips) {
    long page = page(device);
    String path = "/room/pages/" + page;
    Talk.Answer written = device.post(path + "/strokes", Map.of("strokes", strokes(sum, slips)));
    assertTrue(written.status() < 300, written.text());
    return device.post(path + "/hand-in", "").json();
  }

  @Test
  void aSumReachesThoseWhoAreInAndThoseWhoComeLater() {
    room.open("AT_END", false);
    Talk first = room.comeIn(pupils.get(0));
    assertTrue(seat(first).at("/work/page").isMissingNode());
    assertEquals(200, room.give("46 + 38").status());
    Talk late = room.comeIn(pupils.get(1));
    assertEquals("46 + 38", first.get("/room/pages/" + page(first)).json().get("problem").asText());
    assertEquals("46 + 38", late.get("/room/pages/" + page(late)).json().get("problem").asText());
    assertTrue(page(first) != page(late));
    assertEquals(200, room.give("83 − 47", pupils.get(1)).status());
    assertEquals("46 + 38", first.get("/room/pages/" + page(first)).json().get("problem").asText());
    assertEquals("83 − 47", late.get("/room/pages/" + page(late)).json().get("problem").asText());
  }

  @Test
  void whatIsNoSumIsRefusedInItsSentence() {
    room.open("AT_END", false);
    assertEquals(422, room.give("4 + + 2").status());
    assertEquals(422, talk.post("/api/rooms/open/work", Map.of()).status());
    assertEquals(
        422,
        talk.post(
                "/api/rooms/open/work",
                Map.of(
                    "sum",
                    Map.of("plain", "46 + 38"),
                    "sums",
                    List.of(Map.of("plain", "46 + 38", "method", "column"))))
            .status());
  }

  /** A pupil is told as much as the class has chosen; nobody gets the true page. */
  @ParameterizedTest
  @ValueSource(strings = {"AT_ONCE", "AT_END", "NEVER"})
  void aPupilIsToldWhatTheClassHasChosen(String telling) {
    room.open(telling, false);
    Talk device = room.comeIn(pupils.get(0));
    room.give("346 × 27");
    long page = page(device);
    List<StrokeView> slipped = strokes("346 × 27", "no-placeholder");
    Talk.Answer written =
        device.post("/room/pages/" + page + "/strokes", Map.of("strokes", slipped));
    assertEquals(204, written.status(), written.text());
    Talk.Answer told = device.get("/room/pages/" + page + "/report");
    assertEquals(telling.equals("AT_ONCE") ? 200 : 204, told.status(), told.text());
    assertEquals("SLIPPED", room.seat(pupils.get(0)).get("state").asText());
    JsonNode ended = device.post("/room/pages/" + page + "/hand-in", "").json();
    for (JsonNode view : List.of(ended, device.get("/room/pages/" + page).json())) {
      assertTrue(view.path("truth").isMissingNode(), "the true page is shown");
      assertEquals(telling.equals("NEVER"), view.path("report").isMissingNode());
    }
    assertEquals(422, device.post("/room/pages/" + page + "/hint", "").status());
    // Its teacher sees it all.
    assertFalse(talk.get("/api/attempts/" + page).json().path("report").isMissingNode());
  }

  /** A hint asks a question. A pupil cannot get the hint that writes a column, by any request. */
  @Test
  void aHintAsksAndShowsNothing() {
    room.open("AT_ONCE", true);
    Talk device = room.comeIn(pupils.get(0));
    room.give("346 + 287");
    String hint = "/room/pages/" + page(device) + "/hint";
    assertEquals(0, device.post(hint, "").json().get("shown").size());
    assertEquals(404, device.post(hint + "?depth=3", "").status());
  }

  @Test
  void strokesThatComeTwiceAreWrittenOnce() {
    room.open("AT_ONCE", false);
    Talk device = room.comeIn(pupils.get(0));
    room.give("46 + 38");
    String path = "/room/pages/" + page(device);
    Map<String, Object> strokes = Map.of("strokes", strokes("46 + 38"));
    assertEquals(204, device.post(path + "/strokes", strokes).status());
    JsonNode first = device.get(path + "/report").json();
    assertEquals(204, device.post(path + "/strokes", strokes).status());
    assertEquals(first, device.get(path + "/report").json());
    int count = strokes("46 + 38").size();
    assertEquals(count, device.get(path).json().get("strokes").size());
    assertEquals(
        409,
        device
            .post(
                path + "/strokes",
                Map.of("strokes", List.of(stroke(count + 3, "FIGURE", 3, 1, "4"))))
            .status());
    JsonNode once = device.post(path + "/hand-in", "").json();
    JsonNode twice = device.post(path + "/hand-in", "").json();
    assertEquals(once.get("handedInAt"), twice.get("handedInAt"));
    assertEquals(1, room.seat(pupils.get(0)).get("done").asInt());
    assertEquals("RIGHT", room.seat(pupils.get(0)).get("state").asText());
  }

  @Test
  void theSumsOfASetComeOneAfterTheOther() {
    room.open("AT_END", false);
    Talk device = room.comeIn(pupils.get(0));
    List<Map<String, String>> sums =
        List.of(
            Map.of("plain", "46 + 38", "method", "column"),
            Map.of("plain", "57 + 26", "method", "column"));
    assertEquals(
        200,
        talk.post("/api/rooms/open/work", Map.of("title", "Twenty trays", "sums", sums)).status());
    work(device, "46 + 38");
    assertTrue(seat(device).at("/work/more").asBoolean());
    JsonNode next = device.post("/room/seat/next", "").json();
    long second = next.at("/work/page").asLong();
    assertEquals("57 + 26", device.get("/room/pages/" + second).json().get("problem").asText());
    // A press that is heard twice goes on once.
    assertEquals(second, device.post("/room/seat/next", "").json().at("/work/page").asLong());
    work(device, "57 + 26");
    assertFalse(device.post("/room/seat/next", "").json().at("/work/more").asBoolean());
    assertEquals(2, room.seat(pupils.get(0)).get("right").asInt());
    assertEquals(
        "Twenty trays", talk.get("/api/runs").json().get("entries").get(0).get("title").asText());
  }

  @Test
  void whoSaysToBeStuckIsSeenUntilTheNextStroke() {
    room.open("AT_END", false);
    Talk device = room.comeIn(pupils.get(0));
    room.give("46 + 38");
    assertEquals(204, device.post("/room/seat/stuck", Map.of("stuck", true)).status());
    assertEquals("STUCK", room.seat(pupils.get(0)).get("state").asText());
    StrokeView stroke = strokes("46 + 38").get(0);
    device.post("/room/pages/" + page(device) + "/strokes", Map.of("strokes", List.of(stroke)));
    assertEquals("WRITING", room.seat(pupils.get(0)).get("state").asText());
  }

  @Test
  void allEyesHereStillsTheSlatesAndKeepsWhatWaits() {
    room.open("AT_END", false);
    Talk device = room.comeIn(pupils.get(0));
    room.give("46 + 38");
    assertEquals(200, talk.put("/api/rooms/open/stilled?on=true", "").status());
    assertTrue(seat(device).get("stilled").asBoolean());
    // A stroke that was on its way is kept.
    StrokeView stroke = strokes("46 + 38").get(0);
    assertEquals(
        204,
        device
            .post("/room/pages/" + page(device) + "/strokes", Map.of("strokes", List.of(stroke)))
            .status());
  }

  /** A lesson is kept as attempts. Its end tells the pupils' work, but nothing from one page. */
  @Test
  void theEndOfALessonTellsWhatWasWorked() {
    room.open("AT_END", false);
    long id = room.id();
    Talk one = room.comeIn(pupils.get(0));
    Talk two = room.comeIn(pupils.get(1));
    room.comeIn(pupils.get(2));
    String slip = "no-placeholder";
    room.give("346 × 27");
    long first = page(one);
    work(one, "346 × 27", slip);
    work(two, "346 × 27", slip);
    long shown = room.seat(pupils.get(0)).get("id").asLong();
    assertEquals(200, talk.put("/api/rooms/open/shown?seat=" + shown, "").status());
    assertTrue(talk.get("/api/rooms/" + id).json().get("shared").isEmpty());
    room.give("458 × 36");
    work(one, "458 × 36", slip);
    work(two, "458 × 36", slip);
    room.close();
    JsonNode end = talk.get("/api/rooms/" + id).json();
    JsonNode averil = end.get("pupils").get(0);
    assertEquals("Averil", averil.get("name").asText());
    assertEquals(
        List.of(2, 2, 0, 1),
        List.of(
            averil.get("begun").asInt(),
            averil.get("done").asInt(),
            averil.get("right").asInt(),
            averil.get("shown").asInt()));
    JsonNode shared = end.get("shared").get(0);
    assertEquals(slip, shared.get("slip").asText());
    assertEquals(2, shared.get("pupils").size());
    // The third has written nothing: no page of that pupil is kept.
    assertEquals(2, end.get("pupils").size());
    assertEquals(2, end.get("sums").get(0).get("done").asInt());
    JsonNode kept = talk.get("/api/attempts/" + first).json();
    assertEquals("Averil", kept.get("who").asText());
    assertFalse(kept.path("truth").isMissingNode());
  }

  /** A page that is deleted in the middle of the lesson stops no other. */
  @Test
  void aPageThatIsDeletedLeavesTheOthers() {
    room.open("AT_END", false);
    Talk one = room.comeIn(pupils.get(0));
    Talk two = room.comeIn(pupils.get(1));
    room.give("46 + 38");
    assertEquals(204, talk.delete("/api/attempts/" + page(one)).status());
    work(two, "46 + 38");
    assertEquals("RIGHT", room.seat(pupils.get(1)).get("state").asText());
    room.give("57 + 26");
    assertEquals("WRITING", room.seat(pupils.get(0)).get("state").asText());
  }

  /** A sum that is given out later does not replace the one that the class looks at. */
  @Test
  void anotherSumTakesWhatWasShownOffTheBoard() {
    room.open("AT_END", false);
    room.comeIn(pupils.get(0));
    room.give("46 + 38");
    long seat = room.seat(pupils.get(0)).get("id").asLong();
    talk.put("/api/rooms/open/shown?seat=" + seat, "");
    assertEquals(seat, room.now().get("shown").asLong());
    room.give("57 + 26");
    assertTrue(room.now().path("shown").isMissingNode());
  }

  @Test
  void madeUpPupilsWriteAndLeaveNothingBehind() {
    long before = talk.get("/api/attempts").json().get("total").asLong();
    room.open("AT_END", false);
    long id = room.id();
    room.give("46 + 38");
    assertEquals(422, talk.post("/api/rooms/open/made-up?pupils=41", "").status());
    JsonNode filled = talk.post("/api/rooms/open/made-up?pupils=6", "").json();
    assertEquals(List.of(), filled.get("seats").findValues("pupil"));
    assertEquals(6, filled.get("seats").size());
    assertEquals("", filled.get("seats").get(0).get("name").asText());
    room.close();
    assertEquals(before, talk.get("/api/attempts").json().get("total").asLong());
    assertTrue(talk.get("/api/rooms/" + id).json().get("pupils").isEmpty());
  }
}
