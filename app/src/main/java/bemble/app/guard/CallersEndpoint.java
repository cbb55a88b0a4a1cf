package bemble.app.guard;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.channels.SocketChannel;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.tomcat.util.net.NioEndpoint;

/** Accepts so many connections of each address, whether anything was sent on them or not. */
final class CallersEndpoint extends NioEndpoint {
  private final int most;

  /** The open connections by address; used by the thread that accepts alone. */
  private final Map<InetAddress, List<SocketChannel>> open = new HashMap<>();

  CallersEndpoint(int most) {
    this.most = most;
  }

  @Override
  protected boolean setSocketOptions(SocketChannel caller) {
    return isWithin(caller) && super.setSocketOptions(caller);
  }

  private synchronized boolean isWithin(SocketChannel caller) {
    open.values().forEach(each -> each.removeIf(channel -> !channel.isOpen()));
    open.values().removeIf(List::isEmpty);
    try {
      InetAddress address = ((InetSocketAddress) caller.getRemoteAddress()).getAddress();
      List<SocketChannel> own = open.computeIfAbsent(address, any -> new ArrayList<>());
      return own.size() < most && own.add(caller);
    } catch (IOException e) {
      // It has gone already.
      return false;
    }
  }
}
