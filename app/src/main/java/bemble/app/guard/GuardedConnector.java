package bemble.app.guard;

import java.util.concurrent.TimeUnit;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.connector.CoyoteAdapter;
import org.apache.coyote.Request;
import org.apache.coyote.Response;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.threads.TaskQueue;
import org.apache.tomcat.util.threads.TaskThreadFactory;
import org.apache.tomcat.util.threads.ThreadPoolExecutor;
import org.jspecify.annotations.Nullable;

/**
 * A connector that can be closed while all others go on. All of its requests come to the filters:
 * Tomcat would answer {@code OPTIONS *}, which is about the server as a whole, by itself.
 */
final class GuardedConnector extends Connector {
  private static final String SERVER = "*";

  private static final long IDLE_SECONDS = 60;

  /** An address that nothing stands at. */
  private static final String NOWHERE = "/*";

  private final TaskQueue waiting = new TaskQueue();
  private @Nullable ThreadPoolExecutor workers;

  /** Made for so many connections of each address. */
  GuardedConnector(int mostOfAnAddress) {
    super(new Http11NioProtocol(new CallersEndpoint(mostOfAnAddress)));
  }

  /**
   * Has its requests done by so many workers of its own. Tomcat would interrupt its workers when
   * the connector is closed, and an interrupted write closes the data file.
   */
  void workBy(int most) {
    TaskThreadFactory threads = new TaskThreadFactory("room-", true, Thread.NORM_PRIORITY);
    workers = new ThreadPoolExecutor(2, most, IDLE_SECONDS, TimeUnit.SECONDS, waiting, threads);
    waiting.setParent(workers);
    getProtocolHandler().setExecutor(workers);
  }

  /** Lets its workers finish their requests. */
  void rest() {
    if (workers != null) {
      workers.shutdown();
    }
  }

  @Override
  protected void initInternal() throws LifecycleException {
    super.initInternal();
    getProtocolHandler()
        .setAdapter(
            new CoyoteAdapter(this) {
              @Override
              public void service(Request request, Response response) throws Exception {
                if (request.requestURI().equals(SERVER)) {
                  request.requestURI().setString(NOWHERE);
                  request.decodedURI().setString(NOWHERE);
                }
                super.service(request, response);
              }
            });
  }
}
