package bemble.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Compresses the answers of the interface at the quickest level. The server's own compression has
 * no choice of level and takes longer over a long page than working it does; what is served once
 * and kept by the browser is left to it.
 */
@Component
class QuickGzip extends OncePerRequestFilter {
  private static final int BUFFER = 16 * 1024;

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String accepted = request.getHeader(HttpHeaders.ACCEPT_ENCODING);
    return accepted == null
        || !accepted.contains("gzip")
        || !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try (Zipped zipped = new Zipped(response)) {
      chain.doFilter(request, zipped);
    }
  }

  /** Turns to gzip with the first byte of a body, so that an empty answer stays empty. */
  private static final class Zipped extends HttpServletResponseWrapper implements AutoCloseable {
    private Body body;

    Zipped(HttpServletResponse response) {
      super(response);
    }

    @Override
    public ServletOutputStream getOutputStream() throws IOException {
      if (body == null) {
        setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
        addHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        body = new Body(new QuickStream(super.getOutputStream()));
      }
      return body;
    }

    @Override
    public void setContentLength(int length) {
      // The length of what goes out is not that of what comes in.
    }

    @Override
    public void setContentLengthLong(long length) {
      // As above.
    }

    @Override
    public void addHeader(String name, String value) {
      if (!name.equalsIgnoreCase(HttpHeaders.CONTENT_LENGTH)) {
        super.addHeader(name, value);
      }
    }

    @Override
    public void setHeader(String name, String value) {
      if (!name.equalsIgnoreCase(HttpHeaders.CONTENT_LENGTH)) {
        super.setHeader(name, value);
      }
    }

    @Override
    public void close() throws IOException {
      if (body != null) {
        body.close();
      }
    }
  }

  private static final class QuickStream extends GZIPOutputStream {
    QuickStream(OutputStream out) throws IOException {
      super(out, BUFFER);
      def.setLevel(Deflater.BEST_SPEED);
    }
  }

  private static final class Body extends ServletOutputStream {
    private final OutputStream out;

    Body(OutputStream out) {
      this.out = out;
    }

    @Override
    public void write(int b) throws IOException {
      out.write(b);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
      out.write(bytes, from, length);
    }

    /** Waits for the end of the body: a flush in between would only send small pieces. */
    @Override
    public void flush() {}

    @Override
    public void close() throws IOException {
      out.close();
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setWriteListener(WriteListener listener) {
      throw new IllegalStateException("answers are written at once");
    }
  }
}
