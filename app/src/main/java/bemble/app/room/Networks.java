package bemble.app.room;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.DatagramSocket;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The addresses of this machine at which a room may be opened. */
@Component
class Networks {
  /**
   * An address reserved for examples. Nothing is sent there: asking for the way to it is enough.
   */
  private static final InetSocketAddress FAR = new InetSocketAddress("192.0.2.1", 9);

  /**
   * The private addresses, first the one that the other networks are reached by, last loopback, at
   * which a room can be tried on this machine alone.
   */
  List<InetAddress> addresses() {
    List<InetAddress> found = new ArrayList<>();
    try {
      for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (each.isUp() && !each.isLoopback()) {
          Collections.list(each.getInetAddresses()).stream()
              .filter(address -> address instanceof Inet4Address && address.isSiteLocalAddress())
              .forEach(found::add);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    usual().filter(found::remove).ifPresent(address -> found.add(0, address));
    found.add(loopback());
    return found;
  }

  /** One of these addresses, as it is written; empty where this machine does not have it. */
  Optional<InetAddress> named(String address) {
    return addresses().stream().filter(each -> each.getHostAddress().equals(address)).findFirst();
  }

  /** The loopback address by number: its name may differ. */
  private static InetAddress loopback() {
    try {
      return InetAddress.getByAddress(new byte[] {127, 0, 0, 1});
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Optional<InetAddress> usual() {
    try (DatagramSocket way = new DatagramSocket()) {
      way.connect(FAR);
      return Optional.of(way.getLocalAddress());
    } catch (IOException | UncheckedIOException e) {
      return Optional.empty();
    }
  }
}
