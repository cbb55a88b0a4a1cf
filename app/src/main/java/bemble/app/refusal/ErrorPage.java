package bemble.app.refusal;

import bemble.app.words.Sentences;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The address to which the container sends refusals. It is not found when asked for directly. */
@RestController
@Hidden
class ErrorPage implements ErrorController {
  @RequestMapping("${server.error.path:/error}")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus found = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    HttpStatus status = found == null ? HttpStatus.NOT_FOUND : found;
    if (status.is5xxServerError()) {
      Object failure = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
      return ResponseEntity.status(status)
          .body(Fault.of(status, failure instanceof Throwable thrown ? thrown : null));
    }
    return ResponseEntity.status(status)
        .body(ProblemDetail.forStatusAndDetail(status, Sentences.of("failed.not-there")));
  }
}
