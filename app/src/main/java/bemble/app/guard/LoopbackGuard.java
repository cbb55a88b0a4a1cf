package bemble.app.guard;

import bemble.app.refusal.ErrorBodies;
import bemble.app.refusal.SafeHeaders;
import bemble.app.words.Sentences;
import jakarta.servlet.Filter;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.web.DefaultSecurityFilterChain;
import org.springframework.security.web.FilterChainProxy;
import org.springframework.security.web.access.ExceptionTranslationFilter;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;

/**
 * Lets in only requests of this machine's own browser: the host must be the loopback (a foreign
 * name that resolves to it is turned away), and a request must come from Bemble's own pages or from
 * no page at all. Nobody logs in, so there is neither a session nor a user. Requests of pupils'
 * devices have a guard of their own.
 */
@Configuration
class LoopbackGuard {
  private static final Set<String> HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");

  /** An address that no view has, whose page says so. */
  private static final String NO_VIEW = "/no-view";

  private static final Set<String> SAFE = Set.of("GET", "HEAD", "OPTIONS");

  /** The guard stands behind the filter that sets the language, and before all others. */
  @Bean
  @Order(0)
  FilterChainProxy guard(PupilPort pupils) {
    FilterChainProxy guard =
        new FilterChainProxy(
            new DefaultSecurityFilterChain(
                request -> !pupils.hasLetIn(request),
                denial(),
                new AuthorizationFilter(
                    (who, request) -> new AuthorizationDecision(isOwn(request))),
                new LongestBody()));
    guard.setRequestRejectedHandler((request, response, why) -> refuse(request, response));
    return guard;
  }

  /**
   * Two slashes, a semicolon, an encoded separator: no address of Bemble has one. Somebody who has
   * typed such an address sees the screen that says so.
   */
  private static void refuse(HttpServletRequest request, HttpServletResponse response)
      throws IOException, ServletException {
    String accepted = request.getHeader("Accept");
    boolean isTyped =
        request.getMethod().equals("GET")
            && accepted != null
            && accepted.contains(MediaType.TEXT_HTML_VALUE);
    if (isTyped && isOwn(request) && !SafeHeaders.isInterface(request)) {
      request.getRequestDispatcher(NO_VIEW).forward(request, response);
    } else {
      ErrorBodies.write(
          response, HttpStatus.BAD_REQUEST, "no-request", Sentences.of("failed.no-request"));
    }
  }

  private static Filter denial() {
    ExceptionTranslationFilter denial =
        new ExceptionTranslationFilter(new HttpStatusEntryPoint(HttpStatus.FORBIDDEN));
    denial.setAccessDeniedHandler(
        (request, response, why) ->
            ErrorBodies.turnAway(response, HttpStatus.FORBIDDEN, "foreign"));
    return denial;
  }

  /** Whether a request comes from a page of this very port, or from no page. */
  private static boolean isOwn(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    // A link elsewhere may lead to a screen, but no other page may ask or change anything.
    boolean isScreen = SAFE.contains(request.getMethod()) && !SafeHeaders.isInterface(request);
    boolean isFromHere = site == null || site.equals("same-origin") || site.equals("none");
    String origin = request.getHeader("Origin");
    boolean isOwnOrigin = origin == null || origin.equals("http://" + request.getHeader("Host"));
    return HOSTS.contains(request.getServerName()) && (isScreen || isFromHere) && isOwnOrigin;
  }
}
