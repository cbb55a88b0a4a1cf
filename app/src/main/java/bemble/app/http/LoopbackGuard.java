package bemble.app.http;

import bemble.app.words.Sentences;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what this machine's own browser asks of Bemble: the host must be the loopback (a
 * foreign name that resolves to it is turned away), a request must come from Bemble's own pages or
 * from no page at all, and a body must tell its length and keep below the limit. No answer may be
 * framed, and none of the interface's is kept by a browser.
 */
@Component
class LoopbackGuard extends OncePerRequestFilter {
  private static final Set<String> HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");
  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");
  private static final long LONGEST_BODY = 256 * 1024;

  /** A backup is all that is kept in one body. */
  private static final String BACKUP = "/api/backups/restore";

  private static final long LONGEST_BACKUP = 1L << 30;

  /** A class with a year behind it. */
  private static final String EXTRACT = "/api/extracts/read";

  private static final long LONGEST_EXTRACT = 1L << 28;

  /** A pile of a hundred sheets, as a copier scans it. */
  private static final String SHEETS = "/api/scans";

  private static final long LONGEST_PILE = 1L << 29;

  private final PupilPort pupils;

  LoopbackGuard(PupilPort pupils) {
    this.pupils = pupils;
  }

  /** What pupils' devices ask has a guard of its own. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return pupils.hasLetIn(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    SafeHeaders.on(response);
    if (isInterface(request)) {
      response.setHeader("Cache-Control", "no-store");
    }
    if (!HOSTS.contains(request.getServerName()) || !isOwn(request)) {
      refuse(response, HttpStatus.FORBIDDEN, "foreign");
    } else if (request.getHeader("Transfer-Encoding") != null) {
      refuse(response, HttpStatus.LENGTH_REQUIRED, "no-length");
    } else if (request.getContentLengthLong() > longestBody(request)) {
      refuse(response, HttpStatus.PAYLOAD_TOO_LARGE, "too-much");
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean isInterface(HttpServletRequest request) {
    return request.getRequestURI().startsWith("/api/");
  }

  private static long longestBody(HttpServletRequest request) {
    return switch (request.getRequestURI()) {
      case BACKUP -> LONGEST_BACKUP;
      case EXTRACT -> LONGEST_EXTRACT;
      case SHEETS -> LONGEST_PILE;
      default -> LONGEST_BODY;
    };
  }

  /** Whether a request comes from a page of this very port, or from no page. */
  private static boolean isOwn(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    // A link elsewhere may lead to a screen, but nobody else's page may ask or change anything.
    boolean isScreen = SAFE.contains(request.getMethod()) && !isInterface(request);
    if (!isScreen && site != null && !site.equals("same-origin") && !site.equals("none")) {
      return false;
    }
    String origin = request.getHeader("Origin");
    if (origin == null) {
      return true;
    }
    try {
      URI from = URI.create(origin);
      return from.getHost() != null
          && HOSTS.contains(from.getHost())
          && from.getPort() == request.getServerPort();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static void refuse(HttpServletResponse response, HttpStatus status, String why)
      throws IOException {
    ErrorBodies.write(response, status, "turned-away", Sentences.of("turned-away." + why));
  }
}
