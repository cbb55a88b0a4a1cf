package bemble.app.guard;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Takes the bodies of requests whole before anything is done with them. A body that comes drop by
 * drop holds a worker: it has a time to come in, each caller may have one such body, and all of
 * them together hold half of the workers.
 */
public final class WholeBody {
  private static final long LONGEST_NANOS = TimeUnit.SECONDS.toNanos(2);
  private static final int AT_ONCE = 12;

  private final Semaphore coming = new Semaphore(AT_ONCE);
  private final Set<String> callers = ConcurrentHashMap.newKeySet();

  /** Says that too many bodies are coming in. */
  public static final class TooManyException extends IOException {
    private static final long serialVersionUID = 1L;
  }

  /**
   * The same request with its body read.
   *
   * @param length of the body, at the most 64 kB
   * @throws SocketTimeoutException where the body does not come in time
   * @throws TooManyException where the caller, or all together, send too many at once
   */
  public HttpServletRequest of(HttpServletRequest request, String caller, int length)
      throws IOException {
    InputStream body = request.getInputStream();
    if (length <= 0 || body.available() >= length) {
      return request;
    }
    if (!callers.add(caller)) {
      throw new TooManyException();
    }
    try {
      if (!coming.tryAcquire()) {
        throw new TooManyException();
      }
      try {
        return new Read(request, read(body, length));
      } finally {
        coming.release();
      }
    } finally {
      callers.remove(caller);
    }
  }

  private static byte[] read(InputStream body, int length) throws IOException {
    long until = System.nanoTime() + LONGEST_NANOS;
    byte[] bytes = new byte[length];
    int read = 0;
    while (read < length) {
      int more = body.read(bytes, read, length - read);
      if (more < 0) {
        break;
      }
      read += more;
      if (read < length && System.nanoTime() > until) {
        throw new SocketTimeoutException();
      }
    }
    return bytes;
  }

  /** A request whose body was read already. */
  private static final class Read extends HttpServletRequestWrapper {
    private final ByteArrayInputStream bytes;

    Read(HttpServletRequest request, byte[] bytes) {
      super(request);
      this.bytes = new ByteArrayInputStream(bytes);
    }

    @Override
    public ServletInputStream getInputStream() {
      return new ServletInputStream() {
        @Override
        public int read() {
          return bytes.read();
        }

        @Override
        public int read(byte[] to, int offset, int length) {
          return bytes.read(to, offset, length);
        }

        @Override
        public int available() {
          return bytes.available();
        }

        @Override
        public boolean isFinished() {
          return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
          return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
          throw new IllegalStateException("the body is read as it stands");
        }
      };
    }
  }
}
