package bemble.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what this machine's own browser asks of Bemble: the host must be the loopback (a
 * foreign name that resolves to it is turned away), a change must come from Bemble's own pages, and
 * a body must tell its length and keep below the limit.
 */
@Component
class LoopbackGuard extends OncePerRequestFilter {
  private static final Set<String> HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");
  private static final long LONGEST_BODY = 256 * 1024;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    if (!HOSTS.contains(request.getServerName()) || !ownOrigin(request.getHeader("Origin"))) {
      refuse(response, HttpStatus.FORBIDDEN, "foreign");
    } else if (request.getHeader("Transfer-Encoding") != null) {
      refuse(response, HttpStatus.LENGTH_REQUIRED, "no-length");
    } else if (request.getContentLengthLong() > LONGEST_BODY) {
      refuse(response, HttpStatus.PAYLOAD_TOO_LARGE, "too-much");
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean ownOrigin(String origin) {
    if (origin == null) {
      return true;
    }
    try {
      String host = URI.create(origin).getHost();
      return host != null && HOSTS.contains(host);
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static void refuse(HttpServletResponse response, HttpStatus status, String why)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response
        .getWriter()
        .write(
            "{\"type\":\"urn:bemble:turned-away\",\"status\":%d,\"detail\":\"%s\"}"
                .formatted(status.value(), Sentences.of("turned-away." + why)));
  }
}
