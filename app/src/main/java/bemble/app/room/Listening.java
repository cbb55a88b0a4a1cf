package bemble.app.room;

import bemble.app.guard.PupilPort;
import bemble.app.refusal.RefusedException;
import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Listens for pupils' devices: at an address of this machine, on a port that is free. */
@Component
class Listening {
  /** Ports that are tried one after the other. */
  private static final int PORTS = 10;

  private final Networks networks;
  private final PupilPort port;
  private final int firstPort;

  Listening(Networks networks, PupilPort port, @Value("${bemble.room-port:8686}") int firstPort) {
    this.networks = networks;
    this.port = port;
    this.firstPort = firstPort;
  }

  /** Listens at an address; gives the port that was free. */
  int open(String address) {
    InetAddress here =
        networks
            .named(address)
            .orElseThrow(() -> RefusedException.of("room-address", "address", address));
    for (int number = firstPort; number < firstPort + PORTS; number++) {
      if (port.open(here, number)) {
        return number;
      }
    }
    throw RefusedException.of(
        "room-port",
        "first",
        String.valueOf(firstPort),
        "last",
        String.valueOf(firstPort + PORTS - 1));
  }

  /** Listens once more where a room was open; false where that cannot be. */
  boolean openAgain(String address, int number) {
    return networks.named(address).filter(here -> port.open(here, number)).isPresent();
  }

  /** Whether this machine has the address now. */
  boolean isThere(String address) {
    return networks.named(address).isPresent();
  }

  void close() {
    port.close();
  }
}
