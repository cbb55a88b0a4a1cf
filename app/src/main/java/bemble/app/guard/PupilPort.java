package bemble.app.guard;

import bemble.app.refusal.RefusedException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.Service;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.embedded.tomcat.TomcatWebServer;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The port that pupils' devices reach while a room is open: a second connector of the one server,
 * on an address of the school's network. While it is closed, nothing but loopback is listened on.
 */
@Component
public class PupilPort {
  private static final Logger LOG = LoggerFactory.getLogger(PupilPort.class);
  private static final int WORKERS = 24;
  private static final int MOST_CONNECTIONS = 512;

  /** A whole class may stand behind one address, and nobody else may be kept out by another. */
  private static final int MOST_OF_AN_ADDRESS = 256;

  private static final int LONGEST_HEAD = 8 * 1024;

  /**
   * How long a caller may hold a worker that stops in the middle of a request, or sends it drop by
   * drop.
   */
  private static final int PATIENCE_MILLIS = 1000;

  private static final int KEPT_ALIVE_MILLIS = 60_000;
  private static final int LAST_ANSWERS_MILLIS = 400;

  private final @Nullable Path certificate;
  private final @Nullable Path key;

  /** All ports that were opened so far: requests by them are never taken for loopback. */
  private final Set<Integer> opened = ConcurrentHashMap.newKeySet();

  private @Nullable Service server;
  private int own;
  private volatile @Nullable GuardedConnector connector;

  PupilPort(
      @Value("${bemble.room-certificate:#{null}}") @Nullable Path certificate,
      @Value("${bemble.room-key:#{null}}") @Nullable Path key) {
    this.certificate = certificate;
    this.key = key;
  }

  @EventListener
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void serverIsUp(ServletWebServerInitializedEvent up) {
    if (up.getWebServer() instanceof TomcatWebServer tomcat) {
      server = tomcat.getTomcat().getService();
      own = tomcat.getPort();
    }
  }

  /** Begins to listen; false where the port or the address cannot be had. */
  public synchronized boolean open(InetAddress address, int port) {
    close();
    if (port == own) {
      return false;
    }
    if (certificate != null
        && key != null
        && !(Files.isReadable(certificate) && Files.isReadable(key))) {
      throw RefusedException.of("room-certificate", "certificate", certificate, "key", key);
    }
    Service service = Optional.ofNullable(server).orElseThrow();
    GuardedConnector fresh = new GuardedConnector(MOST_OF_AN_ADDRESS);
    Http11NioProtocol protocol = (Http11NioProtocol) fresh.getProtocolHandler();
    protocol.setAddress(address);
    fresh.workBy(WORKERS);
    protocol.setMaxConnections(MOST_CONNECTIONS);
    protocol.setMaxHttpRequestHeaderSize(LONGEST_HEAD);
    protocol.setConnectionTimeout(PATIENCE_MILLIS);
    protocol.setKeepAliveTimeout(KEPT_ALIVE_MILLIS);
    protocol.setMaxSwallowSize(0);
    // A closed port is shut at once, not when its last request has ended.
    fresh.setProperty("bindOnInit", "false");
    fresh.setPort(port);
    if (isEncrypted()) {
      encrypt(fresh);
    }
    opened.add(port);
    connector = fresh;
    service.addConnector(fresh);
    // A connector does not throw where its port is taken.
    boolean listens = fresh.getState() == LifecycleState.STARTED;
    if (!listens) {
      close();
      if (certificate != null && key != null && isFree(address, port)) {
        throw RefusedException.of("room-certificate", "certificate", certificate, "key", key);
      }
    }
    return listens;
  }

  /** Whether a port could be opened there. */
  private static boolean isFree(InetAddress address, int port) {
    try {
      new ServerSocket(port, 1, address).close();
      return true;
    } catch (IOException e) {
      return false;
    }
  }

  private void encrypt(Connector fresh) {
    SSLHostConfig host = new SSLHostConfig();
    SSLHostConfigCertificate own =
        new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
    own.setCertificateFile(String.valueOf(certificate));
    own.setCertificateKeyFile(String.valueOf(key));
    host.addCertificate(own);
    fresh.addSslHostConfig(host);
    fresh.setSecure(true);
    fresh.setScheme("https");
    fresh.setProperty("SSLEnabled", "true");
  }

  /** Whether its connections are encrypted, with a certificate of the school's own. */
  public boolean isEncrypted() {
    return certificate != null && key != null;
  }

  /** Stops to listen at once; connections end a moment later, with their last answers. */
  public synchronized void close() {
    GuardedConnector open = connector;
    connector = null;
    if (open != null) {
      open.getProtocolHandler().closeServerSocketGraceful();
      CompletableFuture.delayedExecutor(LAST_ANSWERS_MILLIS, TimeUnit.MILLISECONDS)
          .execute(() -> end(open));
    }
  }

  private void end(GuardedConnector closed) {
    Optional.ofNullable(server).orElseThrow().removeConnector(closed);
    try {
      closed.destroy();
    } catch (LifecycleException e) {
      // Bemble itself has ended meanwhile, and all its connectors with it.
      LOG.debug("Ended already", e);
    }
    closed.rest();
  }

  /** Where it listens, as a browser names it; empty while it is closed. */
  public Optional<String> host() {
    Connector open = connector;
    if (open == null) {
      return Optional.empty();
    }
    String address = ((Http11NioProtocol) open.getProtocolHandler()).getAddress().getHostAddress();
    String named = address.indexOf(':') < 0 ? address : "[" + address + "]";
    return Optional.of(named + ":" + open.getLocalPort());
  }

  /**
   * Whether a request came in by this port: told from the socket, not from the request's headers.
   */
  public boolean hasLetIn(HttpServletRequest request) {
    return opened.contains(request.getLocalPort());
  }
}
