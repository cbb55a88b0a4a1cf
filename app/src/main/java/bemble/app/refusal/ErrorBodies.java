package bemble.app.refusal;

import bemble.app.words.Sentences;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.json.ProblemDetailJacksonMixin;

/** Problem details (RFC 9457), also where nothing else writes JSON. */
public final class ErrorBodies {
  private static final ObjectMapper JSON =
      JsonMapper.builder().addMixIn(ProblemDetail.class, ProblemDetailJacksonMixin.class).build();

  private ErrorBodies() {}

  /** A problem with a code of Bemble's own and a sentence. */
  static ProblemDetail of(HttpStatusCode status, String code, String sentence) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
    problem.setType(URI.create("urn:bemble:" + code));
    return problem;
  }

  /** Refuses a request before anything else sees it. */
  public static void write(
      HttpServletResponse response, HttpStatus status, String code, String sentence)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getWriter().write(json(of(status, code, sentence)));
  }

  /** Turns a request away at the door: {@code why} is the end of the sentence's key. */
  public static void turnAway(HttpServletResponse response, HttpStatus status, String why)
      throws IOException {
    write(response, status, "turned-away", Sentences.of("turned-away." + why));
  }

  static String json(ProblemDetail problem) {
    try {
      return JSON.writeValueAsString(problem);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
