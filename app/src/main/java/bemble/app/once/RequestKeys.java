package bemble.app.once;

import bemble.app.guard.PupilPort;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Does a change once that comes twice under one key: a screen that got no answer sends the same
 * change again, and cannot know whether the first was done. The second waits for the first and gets
 * its answer. A change that was refused, or failed, is tried again.
 */
@Component
public class RequestKeys extends OncePerRequestFilter {
  public static final String HEADER = "Bemble-Request";

  private static final int KEPT = 200;
  private static final int LONGEST_KEY = 64;

  /** A longer answer is a file, which is made again. */
  private static final int LONGEST_ANSWER = 256 * 1024;

  private final Cache<String, CompletableFuture<Optional<Answer>>> answers =
      Caffeine.newBuilder().maximumSize(KEPT).expireAfterWrite(Duration.ofMinutes(10)).build();

  private final PupilPort pupils;

  RequestKeys(PupilPort pupils) {
    this.pupils = pupils;
  }

  /** The answer that a change got when it was done. */
  private record Answer(int status, @Nullable String type, byte[] body) {}

  /** The key of a request, if it has one. */
  static Optional<String> keyOf(HttpServletRequest request) {
    return Optional.ofNullable(request.getHeader(HEADER))
        .filter(key -> key.length() <= LONGEST_KEY);
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    // An answer to one pupil must not go to another.
    return pupils.hasLetIn(request)
        || request.getMethod().equals("GET")
        || keyOf(request).isEmpty();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String what =
        request.getMethod() + " " + request.getRequestURI() + " " + request.getHeader(HEADER);
    CompletableFuture<Optional<Answer>> own = new CompletableFuture<>();
    CompletableFuture<Optional<Answer>> first = answers.asMap().putIfAbsent(what, own);
    if (first == null) {
      doAndNote(request, response, chain, what, own);
      return;
    }
    Optional<Answer> known = first.join();
    if (known.isPresent()) {
      write(known.get(), response);
    } else {
      // One of those that have waited tries again, and the others wait for that one.
      doFilterInternal(request, response, chain);
    }
  }

  private void doAndNote(
      HttpServletRequest request,
      HttpServletResponse response,
      FilterChain chain,
      String what,
      CompletableFuture<Optional<Answer>> own)
      throws ServletException, IOException {
    ContentCachingResponseWrapper noted = new ContentCachingResponseWrapper(response);
    Optional<Answer> answer = Optional.empty();
    try {
      chain.doFilter(request, noted);
      if (noted.getStatus() < 300 && noted.getContentSize() <= LONGEST_ANSWER) {
        answer =
            Optional.of(
                new Answer(
                    noted.getStatus(), noted.getContentType(), noted.getContentAsByteArray()));
      }
      noted.copyBodyToResponse();
    } finally {
      if (answer.isEmpty()) {
        answers.asMap().remove(what, own);
      }
      own.complete(answer);
    }
  }

  private static void write(Answer answer, HttpServletResponse response) throws IOException {
    response.setStatus(answer.status());
    response.setContentType(answer.type());
    response.setContentLength(answer.body().length);
    response.getOutputStream().write(answer.body());
  }
}
