package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Opens a room on this machine alone, and comes in as pupils' devices do. */
public final class RoomHand {
  static final String LOOPBACK = "127.0.0.1";
  private final Talk teacher;
  private JsonNode room;

  public RoomHand(Talk teacher) {
    this.teacher = teacher;
  }

  /** Closes a room that may be open, and opens one. */
  public RoomHand open(String telling, boolean hints) {
    teacher.delete("/api/rooms/open");
    Talk.Answer opened =
        teacher.post(
            "/api/rooms",
            Map.of(
                "address",
                LOOPBACK,
                "minutes",
                45,
                "telling",
                telling,
                "hints",
                hints,
                "showsTime",
                false));
    assertEquals(201, opened.status(), opened.text());
    room = opened.json();
    return this;
  }

  /** Knows the room that is open already. */
  public RoomHand look() {
    room = now();
    return this;
  }

  void close() {
    teacher.delete("/api/rooms/open");
  }

  public String address() {
    return room.at("/door/address").asText().replace("/room", "");
  }

  int port() {
    return URI.create(address()).getPort();
  }

  long id() {
    return room.get("id").asLong();
  }

  String code() {
    return now().at("/door/code").asText();
  }

  JsonNode now() {
    return teacher.get("/api/rooms").json().get("room");
  }

  /** The seat of a pupil, as the teacher's screen shows it. */
  JsonNode seat(long pupil) {
    for (JsonNode seat : now().get("seats")) {
      if (seat.path("pupil").asLong() == pupil) {
        return seat;
      }
    }
    throw new AssertionError("no seat of pupil " + pupil);
  }

  Talk stranger() {
    return new Talk(address());
  }

  Talk.Answer knock(String code, String who) {
    return stranger().post("/room/knocks", Map.of("code", code, "who", who));
  }

  /** Tries a code that is not that of the room. */
  public void tryCode() {
    knock("000000", "nobody");
  }

  /** A device at the door; gives its token. */
  String knock(String who) {
    Talk.Answer answer = knock(code(), who);
    assertEquals(201, answer.status(), answer.text());
    return answer.json().get("token").asText();
  }

  /** Lets the last device at the door in, as a pupil. */
  Talk.Answer letIn(long pupil) {
    JsonNode knocks = now().at("/door/knocks");
    long knock = knocks.get(knocks.size() - 1).get("id").asLong();
    return teacher.post(
        "/api/rooms/open/seats",
        Map.of("devices", List.of(Map.of("knock", knock, "pupil", pupil))));
  }

  Talk device(String token) {
    return stranger().with("Authorization", "Bearer " + token);
  }

  /** A device that is let in as a pupil. */
  public Talk comeIn(long pupil) {
    Talk device = device(knock("somebody"));
    Talk.Answer in = letIn(pupil);
    assertEquals(200, in.status(), in.text());
    return device;
  }

  /** Gives a sum out, to all or to some. */
  public Talk.Answer give(String sum, long... pupils) {
    Map<String, Object> work = new HashMap<>(Map.of("sum", Map.of("plain", sum)));
    if (pupils.length > 0) {
      work.put("pupils", pupils);
    }
    return teacher.post("/api/rooms/open/work", work);
  }

  /** Begins to send strokes of 60 kB as a device, and no more than their first sign. */
  public Socket slowBody(Talk device, long page) throws IOException {
    Socket socket = new Socket(LOOPBACK, port());
    String head =
        "POST /room/pages/%d/strokes HTTP/1.1\r\nHost: %s:%d\r\nAuthorization: %s\r\n"
            + "Content-Type: application/json\r\nContent-Length: 60000\r\n\r\n{";
    drop(socket, head.formatted(page, LOOPBACK, port(), device.header("Authorization")));
    return socket;
  }

  /** Sends a little more; false where the other side has closed the connection. */
  public static boolean drop(Socket socket, String text) {
    try {
      socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
      return true;
    } catch (IOException e) {
      return false;
    }
  }

  /** Sends a request as it is written, and gives all of its answer; from this machine alone. */
  String raw(String request) {
    return raw(LOOPBACK, request);
  }

  /** The same from another address of this machine. */
  String raw(String from, String request) {
    try (Socket socket = new Socket(LOOPBACK, port(), InetAddress.getByName(from), 0)) {
      socket.setSoTimeout(30_000);
      socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
      socket.getOutputStream().flush();
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
