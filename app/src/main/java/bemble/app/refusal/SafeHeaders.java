package bemble.app.refusal;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.security.web.header.HeaderWriter;
import org.springframework.security.web.header.writers.CompositeHeaderWriter;
import org.springframework.security.web.header.writers.ContentSecurityPolicyHeaderWriter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.header.writers.XContentTypeOptionsHeaderWriter;
import org.springframework.security.web.header.writers.frameoptions.XFrameOptionsHeaderWriter;

/**
 * The headers that every answer has: nothing of it may be guessed at, framed or used elsewhere, and
 * a browser keeps none of the interface. The screen's own page puts a policy with its nonce in the
 * place of the one that is written here.
 */
public final class SafeHeaders {
  private static final HeaderWriter WRITER = writer();

  private SafeHeaders() {}

  private static HeaderWriter writer() {
    CrossOriginResourcePolicyHeaderWriter use = new CrossOriginResourcePolicyHeaderWriter();
    use.setPolicy(CrossOriginResourcePolicy.SAME_ORIGIN);
    return new CompositeHeaderWriter(
        List.of(
            new XContentTypeOptionsHeaderWriter(),
            new ReferrerPolicyHeaderWriter(ReferrerPolicy.NO_REFERRER),
            use,
            new XFrameOptionsHeaderWriter(),
            new ContentSecurityPolicyHeaderWriter("default-src 'none'; frame-ancestors 'none'"),
            new DelegatingRequestMatcherHeaderWriter(
                SafeHeaders::isInterface, new StaticHeadersWriter("Cache-Control", "no-store"))));
  }

  /** Whether a request is of the interface. A request that could not be read has no address. */
  public static boolean isInterface(HttpServletRequest request) {
    String address = request.getRequestURI();
    return address != null && address.startsWith("/api/");
  }

  static void write(HttpServletRequest request, HttpServletResponse response) {
    WRITER.writeHeaders(request, response);
  }
}
