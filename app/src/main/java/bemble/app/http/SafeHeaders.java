package bemble.app.http;

import jakarta.servlet.http.HttpServletResponse;

/** The headers that every answer has: nothing of it may be guessed at, framed or used elsewhere. */
final class SafeHeaders {
  private SafeHeaders() {}

  static void on(HttpServletResponse response) {
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    response.setHeader("X-Frame-Options", "DENY");
    // The screen's own page puts one with its nonce in the place of this.
    response.setHeader("Content-Security-Policy", "default-src 'none'; frame-ancestors 'none'");
  }
}
