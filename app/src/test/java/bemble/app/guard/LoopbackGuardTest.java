package bemble.app.guard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.servlet.Filter;
import jakarta.servlet.ServletException;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** The requests that are let in, and the sentences for the others. */
class LoopbackGuardTest {
  private final MockHttpServletRequest request =
      new MockHttpServletRequest("POST", "/api/workings");
  private final MockHttpServletResponse response = new MockHttpServletResponse();

  private final Filter guard = new LoopbackGuard().guard(new PupilPort(null, null));

  /** Whether the request came through to the filters behind the guard. */
  private boolean letIn() throws ServletException, IOException {
    MockFilterChain chain = new MockFilterChain();
    guard.doFilter(request, response, chain);
    return chain.getRequest() != null;
  }

  @ParameterizedTest
  @ValueSource(strings = {"127.0.0.1", "localhost", "[::1]"})
  void letsThisMachineIn(String host) throws ServletException, IOException {
    request.addHeader("Host", host + ":8080");
    request.addHeader("Origin", "http://" + host + ":8080");
    assertTrue(letIn());
    assertEquals(200, response.getStatus());
  }

  @Test
  void letsInWhoeverTellsNoOrigin() throws ServletException, IOException {
    request.addHeader("Host", "127.0.0.1:8080");
    assertTrue(letIn());
  }

  @ParameterizedTest
  @CsvSource({
    "ashlatch.example, ",
    "127.0.0.1.ashlatch.example:8080, ",
    "127.0.0.1:8080, http://ashlatch.example",
    "127.0.0.1:8080, null",
    "127.0.0.1:8080, 'not a place at all'",
    "127.0.0.1:8080, http://[",
    "127.0.0.1:8080, http://127.0.0.1.ashlatch.example",
    "127.0.0.1:8080, http://127.0.0.1:9999",
    "127.0.0.1:8080, http://localhost:8080",
    "127.0.0.1:8080, https://127.0.0.1:8080",
    "127.0.0.1:8080, http://127.0.0.1"
  })
  void turnsAwayForeignHostsAndOrigins(String host, String origin)
      throws ServletException, IOException {
    request.addHeader("Host", host);
    if (origin != null) {
      request.addHeader("Origin", origin);
    }
    assertFalse(letIn());
    assertEquals(403, response.getStatus());
    assertTrue(response.getContentAsString().contains("only on this machine"));
    assertEquals("application/problem+json;charset=UTF-8", response.getContentType());
  }

  @Test
  void turnsAwayABodyOfUnknownLength() throws ServletException, IOException {
    request.addHeader("Host", "127.0.0.1:8080");
    request.addHeader("Transfer-Encoding", "chunked");
    assertFalse(letIn());
    assertEquals(411, response.getStatus());
  }

  @Test
  void turnsAwayABodyThatIsTooLarge() throws ServletException, IOException {
    request.addHeader("Host", "127.0.0.1:8080");
    request.setContent(new byte[256 * 1024]);
    assertTrue(letIn(), "just as large as is taken");
    request.setContent(new byte[256 * 1024 + 1]);
    MockHttpServletResponse second = new MockHttpServletResponse();
    MockFilterChain chain = new MockFilterChain();
    guard.doFilter(request, second, chain);
    assertEquals(413, second.getStatus());
    assertNull(chain.getRequest());
  }

  /** A form on another page needs no origin and no body to delete or to hand in. */
  @ParameterizedTest
  @CsvSource({
    "POST, /api/workings, cross-site, false",
    "POST, /api/workings, same-site, false",
    "DELETE, /api/pages/1, cross-site, false",
    "POST, /api/workings, same-origin, true",
    "POST, /api/workings, none, true",
    "GET, /api/backups/now, cross-site, false",
    "GET, /api/backups/now, same-site, false",
    "GET, /api/backups/now, none, true",
    "GET, /desk, cross-site, true"
  })
  void whatIsAskedOrChangedComesFromBemblesOwnPages(
      String method, String path, String site, boolean taken) throws ServletException, IOException {
    request.addHeader("Host", "127.0.0.1:8080");
    request.setMethod(method);
    request.setRequestURI(path);
    request.addHeader("Sec-Fetch-Site", site);
    assertEquals(taken, letIn());
  }

  /** No address of Bemble has two slashes, a dot alone, a semicolon or an encoded dot. */
  @ParameterizedTest
  @ValueSource(strings = {"/api//pages", "/api/./pages", "/api/pages;x=1", "/api/%2e%2e/pages"})
  void anAddressIsWrittenInOneWay(String address) throws ServletException, IOException {
    request.addHeader("Host", "127.0.0.1:8080");
    request.setRequestURI(address);
    assertFalse(letIn());
    assertEquals(400, response.getStatus());
    assertTrue(response.getContentAsString().contains("no request that Bemble understands"));
  }

  @ParameterizedTest
  @CsvSource({
    "GET, //sets, text/html, 127.0.0.1:8080, /no-view",
    "GET, /sets;x=1, text/html, 127.0.0.1:8080, /no-view",
    "GET, //sets, text/html, ashlatch.example, ",
    "GET, //sets, application/json, 127.0.0.1:8080, ",
    "GET, /api//pages, text/html, 127.0.0.1:8080, ",
    "POST, //sets, text/html, 127.0.0.1:8080, "
  })
  void whoeverTypesAnOddAddressSeesAScreen(
      String method, String address, String accepted, String host, String shown)
      throws ServletException, IOException {
    request.setMethod(method);
    request.setRequestURI(address);
    request.addHeader("Accept", accepted);
    request.addHeader("Host", host);
    assertFalse(letIn());
    assertEquals(shown, response.getForwardedUrl());
  }
}
