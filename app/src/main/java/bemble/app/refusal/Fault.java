package bemble.app.refusal;

import bemble.app.words.Sentences;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** A mistake of Bemble's own: it has a number in the log, which its answer tells. */
final class Fault {
  private static final Logger LOG = LoggerFactory.getLogger(Fault.class);

  private Fault() {}

  /** Logs a failure, if one is known, and tells the caller of it. */
  static ProblemDetail of(HttpStatus status, @Nullable Throwable failure) {
    String number = HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt());
    LOG.error("Fault {}", number, failure);
    ProblemDetail problem =
        ErrorBodies.of(status, "failed", Sentences.of("failed.unforeseen", "fault", number));
    problem.setProperty("fault", number);
    return problem;
  }
}
