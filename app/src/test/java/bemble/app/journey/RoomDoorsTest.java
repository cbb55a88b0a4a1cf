package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A stranger in the school's network who tries everything: there is no other way in. */
@BeginsEmpty
class RoomDoorsTest extends Conversation {
  private RoomHand room;
  private long fenn;
  private long isla;

  @BeforeEach
  void openRoom() {
    if (talk.get("/api/roll").json().isEmpty()) {
      talk.post("/api/roll", Map.of("names", "Fenn\nIsla"));
    }
    JsonNode roll = talk.get("/api/roll").json();
    fenn = roll.get(0).get("id").asLong();
    isla = roll.get(1).get("id").asLong();
    room = new RoomHand(talk).open("AT_ONCE", true);
  }

  @AfterEach
  void closeRoom() {
    room.close();
  }

  private String host() {
    return URI.create(room.address()).getAuthority();
  }

  private String main() {
    return URI.create(RunningApp.shared().address()).getAuthority();
  }

  private String asked(String line) {
    return room.raw(line + " HTTP/1.1\r\nHost: " + host() + "\r\nConnection: close\r\n\r\n");
  }

  private static void isNothing(String answer) {
    assertTrue(answer.matches("(?s)HTTP/1.1 (400|404|405|501) .*"), answer);
    assertFalse(answer.contains("Fenn"), answer);
    assertFalse(answer.contains("<html"), answer);
  }

  /** Addresses of Bemble and ways of writing them. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "GET /",
        "GET /desk",
        "GET /slate/room",
        "GET /index.html",
        "GET /assets/",
        "GET /api/roll",
        "GET /api/rooms",
        "GET /api/rooms/open/news",
        "GET /api/openapi",
        "POST /api/attempts",
        "DELETE /api/rooms/open",
        "PUT /api/rooms/open/stilled?on=true",
        "GET /room/",
        "GET /room/room.html",
        "GET /room/../api/roll",
        "GET /room/..;/api/roll",
        "GET /room;x=1/../api/roll",
        "GET /room/%2e%2e/api/roll",
        "GET /room/%2E%2E%2Fapi%2Froll",
        "GET /room/assets/../../api/roll",
        "GET /room/assets/%2e%2e/%2e%2e/index.html",
        "GET /room/assets/..",
        "GET //api/roll",
        "GET /room//../api/roll",
        "GET /ROOM",
        "GET /room\\..\\api\\roll",
        "GET /%72oom",
        "GET /room?path=/api/roll",
        "GET /room?lang=de",
        "GET /room/knocks",
        "GET /room/pages/1/strokes",
        "GET /room/pages/-1",
        "POST /room",
        "PUT /room/seat",
        "DELETE /room/seat",
        "HEAD /room",
        "OPTIONS /room",
        "OPTIONS *",
        "TRACE /room",
        "CONNECT 127.0.0.1:80",
        "PROPFIND /room",
        "GET http://localhost/api/roll"
      })
  void nothingButTheRoomIsThere(String line) {
    isNothing(asked(line));
  }

  /** Headers of a request open nothing. */
  @Test
  void noHeaderLeadsElsewhere() {
    String get = "GET /api/roll HTTP/1.1\r\n";
    String page = "GET /room HTTP/1.1\r\n";
    String end = "\r\nConnection: close\r\n\r\n";
    isNothing(room.raw(get + "Host: " + main() + end));
    isNothing(room.raw(get + "Host: localhost" + end));
    isNothing(room.raw(get + "Host: " + host() + "\r\nX-Forwarded-Host: " + main() + end));
    isNothing(room.raw(get + "Host: " + host() + "\r\nX-Forwarded-For: 127.0.0.1" + end));
    isNothing(room.raw(get + "Host: " + host() + "\r\nForwarded: host=" + main() + end));
    isNothing(room.raw(get + "Host: " + host() + "\r\nX-Original-URL: /room" + end));
    isNothing(room.raw(page + "Host: " + main() + end));
    isNothing(room.raw(page + "Host: evil.example" + end));
    isNothing(room.raw(page + "Host: " + host() + "\r\nHost: " + host() + end));
    isNothing(room.raw(page + "Host: " + host() + "\r\nOrigin: http://evil.example" + end));
    isNothing(room.raw(page + "Host: " + host() + "\r\nBemble-Request: 1" + end));
    isNothing(room.raw(page + "Host: " + host() + "\r\nBemble-Class: 1" + end));
    isNothing(
        room.raw(
            "POST /room/knocks HTTP/1.1\r\nHost: "
                + host()
                + "\r\nX-HTTP-Method-Override: DELETE\r\nSec-Fetch-Site: cross-site"
                + end));
    String upgrade = "\r\nUpgrade: h2c\r\nHTTP2-Settings: AAMAAABkAAQAAP__\r\nConnection: Upgrade";
    isNothing(room.raw(get + "Host: " + host() + upgrade + ", close" + "\r\n\r\n"));
    assertTrue(room.raw(page + "Host: " + host() + end).startsWith("HTTP/1.1 200"));
  }

  @Test
  void thePageOfTheRoomMayNotBeFramedOrTalkToOthers() {
    String answer = asked("GET /room");
    assertTrue(answer.startsWith("HTTP/1.1 200"), answer);
    assertTrue(answer.contains("X-Frame-Options: DENY"), answer);
    assertTrue(answer.contains("frame-ancestors 'none'"), answer);
    assertTrue(answer.contains("Cache-Control: no-store"), answer);
    assertFalse(answer.contains("Fenn"), answer);
  }

  @Test
  void aTokenOpensItsOwnSeatAlone() {
    room.give("46 + 38");
    Talk one = room.comeIn(fenn);
    Talk other = room.comeIn(isla);
    long page = other.get("/room/seat").json().at("/work/page").asLong();
    assertEquals(200, other.get("/room/pages/" + page).status());
    assertEquals(404, one.get("/room/pages/" + page).status());
    Map<String, Object> strokes = Map.of("strokes", List.of(stroke(0, "FIGURE", 2, 2, "4")));
    assertEquals(404, one.post("/room/pages/" + page + "/strokes", strokes).status());
    assertEquals(404, one.post("/room/pages/" + page + "/hand-in", "").status());
    assertEquals(404, one.post("/room/pages/" + page + "/hint", "").status());
    assertEquals(404, one.get("/room/pages/" + page + "/report").status());
    // An attempt that was made elsewhere is no page of the room, not even of the same pupil.
    long elsewhere = begin("46 + 38", "column");
    assertEquals(404, one.get("/room/pages/" + elsewhere).status());
    for (String token : List.of("", "x", "A".repeat(22), "null")) {
      assertEquals(401, room.device(token).get("/room/pages/" + page).status(), token);
      assertEquals(401, room.device(token).get("/room/seat").status(), token);
    }
    assertEquals(401, room.stranger().get("/room/seat").status());
    assertEquals(0, talk.get("/api/attempts/" + page).json().get("strokes").size());
  }

  @Test
  void whoKnocksLearnsNoName() {
    String known = room.knock(room.code(), "Fenn").text().replaceAll(":\"[^\"]*\"", "");
    String unknown = room.knock(room.code(), "Nobody").text().replaceAll(":\"[^\"]*\"", "");
    assertEquals(known, unknown);
    String seat = room.device(room.knock("Isla")).get("/room/seat").text();
    assertFalse(seat.contains("Isla"), seat);
    assertTrue(seat.contains("WAITING"), seat);
  }

  @Test
  void wrongCodesWaitAndAreTold() {
    String code = room.code().equals("000000") ? "111111" : "000000";
    for (int tries = 0; tries < 4; tries++) {
      assertEquals(422, room.knock(code, "Fenn").status());
    }
    assertTrue(room.knock(code, "Fenn").detail().contains("Wait a minute"));
    assertTrue(room.knock(room.code(), "Fenn").detail().contains("Wait a minute"));
    String body = "{\"code\":\"%s\",\"who\":\"Fenn\"}".formatted(room.code());
    String knock =
        "POST /room/knocks HTTP/1.1\r\nHost: %s\r\nContent-Type: application/json\r\n"
            + "Content-Length: %d\r\nConnection: close\r\n\r\n%s";
    String answer = room.raw("127.0.0.2", knock.formatted(host(), body.length(), body));
    assertTrue(answer.startsWith("HTTP/1.1 201"), answer);
  }

  @Test
  void whatIsTooLargeIsNotTaken() {
    String post = "POST /room/knocks HTTP/1.1\r\nHost: " + host() + "\r\n";
    assertTrue(room.raw(post + "Content-Length: 1000000000\r\n\r\n").startsWith("HTTP/1.1 413"));
    assertTrue(room.raw(post + "Content-Length: 2000\r\n\r\n").startsWith("HTTP/1.1 413"));
    String chunked = "Transfer-Encoding: chunked\r\n\r\n5\r\nhello\r\n0\r\n\r\n";
    assertTrue(room.raw(post + chunked).startsWith("HTTP/1.1 411"));
    assertTrue(
        room.raw(
                "GET /room HTTP/1.1\r\nHost: " + host() + "\r\nX: " + "x".repeat(9000) + "\r\n\r\n")
            .startsWith("HTTP/1.1 400"));
    assertEquals(422, room.knock("12345", "Fenn").status());
    assertEquals(422, room.knock(room.code(), "x".repeat(81)).status());
    assertEquals(422, room.knock(room.code(), " ").status());
  }

  @Test
  void aFloodFromOneDeviceLeavesTheOthersTheirWay() throws Exception {
    room.give("46 + 38");
    Talk calm = room.comeIn(fenn);
    Talk loud = room.comeIn(isla);
    ExecutorService hands = Executors.newFixedThreadPool(12);
    try {
      Callable<Integer> ask = () -> loud.get("/room/seat").status();
      int refused = 0;
      for (Future<Integer> answer : hands.invokeAll(Collections.nCopies(200, ask))) {
        refused += answer.get() == 429 ? 1 : 0;
      }
      assertTrue(refused > 0, "a flood of 200 requests was let through");
    } finally {
      hands.shutdown();
    }
    assertEquals(200, calm.get("/room/seat").status());
    assertEquals(200, talk.post("/api/workings", Map.of("plain", "46 + 38")).status());
  }

  /** Six seats send bodies drop by drop on all connections that a browser has. */
  @Test
  void slowBodiesLeaveTheOthersTheirWay() throws Exception {
    room.give("46 + 38");
    Talk calm = room.comeIn(fenn);
    long page = calm.get("/room/seat").json().at("/work/page").asLong();
    List<Talk> slow = new ArrayList<>();
    List<String> names = List.of("Odhran", "Caio", "Tamsin", "Neve", "Wilfa", "Ismay");
    List<Long> more = new ArrayList<>();
    for (JsonNode pupil :
        talk.post("/api/roll", Map.of("names", String.join("\n", names))).json()) {
      if (names.contains(pupil.get("name").asText())) {
        more.add(pupil.get("id").asLong());
      }
    }
    more.forEach(pupil -> slow.add(room.comeIn(pupil)));
    assertEquals(6, slow.size());
    List<Socket> held = new ArrayList<>();
    try {
      for (int i = 0; i < 36; i++) {
        held.add(room.slowBody(slow.get(i % slow.size()), page));
      }
      for (int number = 0; number < 4; number++) {
        held.forEach(socket -> RoomHand.drop(socket, " "));
        Object stroke = stroke(number, "FIGURE", 4, 2, "4");
        assertEquals(
            204,
            calm.post("/room/pages/" + page + "/strokes", Map.of("strokes", List.of(stroke)))
                .status());
      }
    } finally {
      for (Socket socket : held) {
        socket.close();
      }
      more.forEach(pupil -> talk.delete("/api/roll/" + pupil));
    }
  }

  /** Two hundred clients connect and send nothing, or half of a request. */
  @Test
  void halfSentRequestsLeaveTheWayFree() throws IOException {
    room.give("46 + 38");
    Talk calm = room.comeIn(fenn);
    List<Socket> held = new ArrayList<>();
    try {
      for (int i = 0; i < 200; i++) {
        Socket socket = new Socket(RoomHand.LOOPBACK, room.port());
        held.add(socket);
        String head =
            "POST /room/knocks HTTP/1.1\r\nHost: " + host() + "\r\nContent-Length: 40\r\n";
        socket
            .getOutputStream()
            .write(head.substring(0, i % head.length()).getBytes(StandardCharsets.US_ASCII));
      }
      assertEquals(200, calm.get("/room/seat").status());
      assertEquals(201, room.knock(room.code(), "Isla").status());
    } finally {
      for (Socket socket : held) {
        socket.close();
      }
    }
  }

  @Test
  void aSecondDeviceOfAPupilTakesTheSeatOver() {
    room.give("46 + 38");
    Talk first = room.comeIn(fenn);
    long page = first.get("/room/seat").json().at("/work/page").asLong();
    Talk second = room.device(room.knock("Fenn"));
    assertTrue(room.now().at("/door/knocks/0").get("again").asBoolean());
    // Two at the door who say the same are asked about as well.
    room.knock("Isla");
    room.knock("Isla");
    assertTrue(room.now().at("/door/knocks/1").get("again").asBoolean());
    long knock = room.now().at("/door/knocks/0").get("id").asLong();
    talk.post(
        "/api/rooms/open/seats", Map.of("devices", List.of(Map.of("knock", knock, "pupil", fenn))));
    assertEquals(page, second.get("/room/seat").json().at("/work/page").asLong());
    assertEquals("TURNED_AWAY", first.get("/room/seat").json().get("state").asText());
    assertEquals(404, first.get("/room/pages/" + page).status());
    assertEquals(200, second.get("/room/pages/" + page).status());
    assertEquals(1, room.now().get("seats").size());
  }

  @Test
  void onceItIsClosedNothingListensAndNoTokenOpensAnything() {
    Talk device = room.comeIn(fenn);
    assertEquals(200, device.get("/room/seat").status());
    room.close();
    assertThrows(UncheckedIOException.class, () -> room.raw("GET /room HTTP/1.1\r\n\r\n"));
    room.open("AT_ONCE", true);
    assertEquals(401, device.get("/room/seat").status());
  }

  @Test
  void aPortThatIsTakenIsPassedOver() throws IOException {
    int port = room.port();
    room.close();
    try (ServerSocket taken = new ServerSocket(port, 1, InetAddress.getByName("127.0.0.1"))) {
      room.open("AT_ONCE", true);
      assertTrue(room.port() > taken.getLocalPort());
      assertEquals(200, room.stranger().get("/room").status());
    }
  }

  @Test
  void thereIsOneRoomAtATime() {
    Map<String, Object> request =
        Map.of(
            "address",
            "127.0.0.1",
            "minutes",
            45,
            "telling",
            "AT_END",
            "hints",
            false,
            "showsTime",
            false);
    assertEquals(409, talk.post("/api/rooms", request).status());
    room.close();
    Map<String, Object> elsewhere = new HashMap<>(request);
    elsewhere.put("address", "198.51.100.7");
    assertTrue(talk.post("/api/rooms", elsewhere).detail().contains("198.51.100.7"));
    elsewhere.put("address", "127.0.0.1");
    elsewhere.put("minutes", 91);
    assertEquals(422, talk.post("/api/rooms", elsewhere).status());
    assertEquals(409, talk.post("/api/rooms/open/code", "").status());
    assertEquals(409, room.give("46 + 38").status());
    assertEquals(204, talk.delete("/api/rooms/open").status());
  }
}
