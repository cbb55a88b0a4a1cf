package bemble.app.guard;

import static java.nio.charset.StandardCharsets.US_ASCII;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import bemble.app.refusal.RefusedException;
import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.apache.catalina.Context;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;

/** A port that cannot be opened says why, and leaves nothing open. */
class PupilPortTest {
  private static final InetAddress HERE = InetAddress.getLoopbackAddress();

  @TempDir Path folder;
  private final CountDownLatch begun = new CountDownLatch(1);
  private final CountDownLatch goOn = new CountDownLatch(1);
  private final CompletableFuture<Boolean> isInterrupted = new CompletableFuture<>();
  private TomcatWebServer server;

  /** Takes its time over a request, as a slow disk does. */
  private final class Slow extends HttpServlet {
    private static final long serialVersionUID = 1;

    @Override
    protected void doGet(HttpServletRequest request, HttpServletResponse response) {
      begun.countDown();
      try {
        goOn.await();
        isInterrupted.complete(false);
      } catch (InterruptedException e) {
        isInterrupted.complete(true);
      }
    }
  }

  @BeforeEach
  void start() {
    Tomcat tomcat = new Tomcat();
    tomcat.setBaseDir(folder.resolve("tomcat").toString());
    tomcat.setPort(0);
    tomcat.getConnector();
    Context context = tomcat.addContext("", folder.toString());
    Tomcat.addServlet(context, "slow", new Slow());
    context.addServletMappingDecoded("/", "slow");
    server = new TomcatWebServer(tomcat);
    server.start();
  }

  @AfterEach
  void stop() {
    server.destroy();
  }

  private PupilPort port(Path certificate, Path key) {
    PupilPort port = new PupilPort(certificate, key);
    port.serverIsUp(
        new ServletWebServerInitializedEvent(
            server, mock(ServletWebServerApplicationContext.class)));
    return port;
  }

  private static int free() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, HERE)) {
      return socket.getLocalPort();
    }
  }

  @Test
  void aPortThatIsTakenIsNotOpened() throws IOException {
    PupilPort port = port(null, null);
    try (ServerSocket other = new ServerSocket(0, 1, HERE)) {
      assertFalse(port.open(HERE, other.getLocalPort()));
    }
    assertTrue(port.host().isEmpty());
    int free = free();
    assertTrue(port.open(HERE, free));
    assertEquals("127.0.0.1:" + free, port.host().orElseThrow());
    port.close();
  }

  /** An interrupted write would close the data file for everybody. */
  @Test
  void whoWritesWhileItClosesIsNotInterrupted() throws Exception {
    PupilPort port = port(null, null);
    int free = free();
    assertTrue(port.open(HERE, free));
    Connector room =
        Arrays.stream(server.getTomcat().getService().findConnectors())
            .filter(each -> each.getPort() == free)
            .findFirst()
            .orElseThrow();
    try (Socket device = new Socket(HERE, free)) {
      device.getOutputStream().write("GET / HTTP/1.1\r\nHost: room\r\n\r\n".getBytes(US_ASCII));
      begun.await();
      port.close();
      while (room.getState() != LifecycleState.DESTROYED) {
        Thread.onSpinWait();
      }
      goOn.countDown();
      assertFalse(isInterrupted.get());
    }
  }

  @Test
  void aCertificateThatIsNoneIsNamedAndNotTakenForATakenPort() throws IOException {
    Path certificate = Files.writeString(folder.resolve("room.crt"), "none");
    Path key = Files.writeString(folder.resolve("room.key"), "none");
    PupilPort port = port(certificate, key);
    int free = free();
    RefusedException refused = assertThrows(RefusedException.class, () -> port.open(HERE, free));
    assertTrue(refused.getMessage().contains(certificate.toString()), refused::getMessage);
    assertTrue(port.host().isEmpty());
    try (ServerSocket still = new ServerSocket(free, 1, HERE)) {
      assertTrue(still.isBound(), "the port is given back");
    }
  }
}
