package bemble.app.refusal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class SafeHeadersTest {
  private final MockHttpServletRequest request = new MockHttpServletRequest();
  private final MockHttpServletResponse response = new MockHttpServletResponse();

  @ParameterizedTest
  @CsvSource({"/api/classes, no-store", "/index.html, ", "/assets/index.js, "})
  void noAnswerIsFramedAndNoneOfTheInterfaceIsKept(String path, String kept) {
    request.setRequestURI(path);
    SafeHeaders.write(request, response);
    assertEquals("nosniff", response.getHeader("X-Content-Type-Options"));
    assertEquals("no-referrer", response.getHeader("Referrer-Policy"));
    assertEquals("same-origin", response.getHeader("Cross-Origin-Resource-Policy"));
    assertEquals("DENY", response.getHeader("X-Frame-Options"));
    assertTrue(response.getHeader("Content-Security-Policy").contains("frame-ancestors 'none'"));
    assertEquals(kept, response.getHeader("Cache-Control"));
  }
}
