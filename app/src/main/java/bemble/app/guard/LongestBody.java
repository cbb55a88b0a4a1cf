package bemble.app.guard;

import bemble.app.refusal.ErrorBodies;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** A body must tell its length and kind, and keep below the limit of its address. */
public final class LongestBody extends OncePerRequestFilter {
  private static final String ANY_KIND = "*";
  private static final long USUAL = 256 * 1024;

  /** A backup is all that is kept in one body. */
  private static final Set<String> BACKUPS = Set.of("/api/backups/look", "/api/backups/restore");

  private static final long LONGEST_BACKUP = 1L << 30;

  /** A class with a year behind it. */
  private static final String EXTRACT = "/api/extracts/read";

  private static final long LONGEST_EXTRACT = 1L << 28;

  /** A pile of a hundred sheets, as a copier scans it. */
  private static final String SHEETS = "/api/scans";

  private static final long LONGEST_PILE = 1L << 29;

  /** A picture of the camera, of at most 1,920 pixels a side. */
  private static final String FRAMES = "/api/scans/frames";

  private static final long LONGEST_FRAME = 8L << 20;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!turnsAway(request, response, longest(request))) {
      chain.doFilter(request, response);
    }
  }

  /**
   * Whether a request was turned away, for a body of unknown length or kind, or of more bytes than
   * that.
   */
  public static boolean turnsAway(
      HttpServletRequest request, HttpServletResponse response, long longest) throws IOException {
    if (request.getHeader("Transfer-Encoding") != null) {
      ErrorBodies.turnAway(response, HttpStatus.LENGTH_REQUIRED, "no-length");
      return true;
    }
    if (String.valueOf(request.getContentType()).contains(ANY_KIND)) {
      ErrorBodies.turnAway(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "no-type");
      return true;
    }
    if (request.getContentLengthLong() > longest) {
      ErrorBodies.turnAway(response, HttpStatus.PAYLOAD_TOO_LARGE, "too-much");
      return true;
    }
    return false;
  }

  private static long longest(HttpServletRequest request) {
    String address = request.getRequestURI();
    if (BACKUPS.contains(address)) {
      return LONGEST_BACKUP;
    }
    return switch (address) {
      case EXTRACT -> LONGEST_EXTRACT;
      case SHEETS -> LONGEST_PILE;
      case FRAMES -> LONGEST_FRAME;
      default -> USUAL;
    };
  }
}
