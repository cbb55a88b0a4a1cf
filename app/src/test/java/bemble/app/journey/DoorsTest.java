package bemble.app.journey;

import static java.nio.charset.StandardCharsets.US_ASCII;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Clients that stop in the middle of a request keep no other waiting. */
class DoorsTest extends Conversation {
  private static final String HEAD =
      "POST /api/workings HTTP/1.1\r\nHost: 127.0.0.1:%d\r\nContent-Type: application/json\r\n";

  @ParameterizedTest
  @ValueSource(strings = {"", "Content-Length: 40\r\n\r\n{\"plain\":"})
  void twoHundredHalfSentRequestsLeaveTheWayFree(String more) throws IOException {
    URI address = URI.create(RunningApp.shared().address());
    List<Socket> held = new ArrayList<>();
    try {
      for (int i = 0; i < 200; i++) {
        Socket socket = new Socket(address.getHost(), address.getPort());
        held.add(socket);
        String head = HEAD.formatted(address.getPort()) + more;
        socket.getOutputStream().write(head.getBytes(US_ASCII));
        socket.getOutputStream().flush();
      }
      assertEquals(200, talk.post("/api/workings", Map.of("plain", "46 + 38")).status());
      for (Socket socket : held) {
        // Bemble has not answered and dropped them meanwhile: they were there all the time.
        assertEquals(0, socket.getInputStream().available());
      }
    } finally {
      for (Socket socket : held) {
        socket.close();
      }
    }
  }

  @Test
  void aBodyThatNeverComesIsNotWaitedForLong() throws IOException {
    URI address = URI.create(RunningApp.shared().address());
    try (Socket socket = new Socket(address.getHost(), address.getPort())) {
      String head = HEAD.formatted(address.getPort()) + "Content-Length: 40\r\n\r\n{";
      socket.getOutputStream().write(head.getBytes(US_ASCII));
      socket.setSoTimeout(60_000);
      String answer = new String(socket.getInputStream().readAllBytes(), US_ASCII);
      assertEquals("HTTP/1.1 408", answer.substring(0, 12));
    }
  }

  /**
   * Refusals of the container, which come before any filter, are worded and guarded like all
   * others.
   */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "GET /[ HTTP/1.1\r\nHost: 127.0.0.1\r\n",
        "GE T / HTTP/1.1\r\nHost: 127.0.0.1\r\n",
        "GET / HTTP/1.1\r\n",
        "GET / HTTP/9.1\r\nHost: 127.0.0.1\r\n",
        "GET /%00 HTTP/1.1\r\nHost: 127.0.0.1\r\n",
        "POST /api/pages HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: many\r\n",
        "POST /api/pages HTTP/1.1\r\nHost: 127.0.0.1\r\nTransfer-Encoding: odd\r\n"
      })
  void aBrokenRequestIsRefusedInASentence(String head) throws IOException {
    URI address = URI.create(RunningApp.shared().address());
    try (Socket socket = new Socket(address.getHost(), address.getPort())) {
      socket.getOutputStream().write((head + "Connection: close\r\n\r\n").getBytes(US_ASCII));
      socket.setSoTimeout(60_000);
      String answer = new String(socket.getInputStream().readAllBytes(), US_ASCII);
      assertTrue(answer.contains("X-Frame-Options: DENY"), answer);
      assertTrue(answer.contains("Content-Security-Policy: default-src 'none'"), answer);
      assertTrue(answer.contains("no request that Bemble understands"), answer);
    }
  }
}
