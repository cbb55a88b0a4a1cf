package bemble.app.refusal;

import bemble.app.words.Sentences;
import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.mybatis.spring.MyBatisSystemException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every failure into problem details (RFC 9457) with a sentence for a teacher. */
@RestControllerAdvice
class ErrorAnswers extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ErrorAnswers.class);

  @ExceptionHandler
  ProblemDetail refused(RefusedException refused) {
    ProblemDetail problem =
        ErrorBodies.of(HttpStatus.UNPROCESSABLE_ENTITY, refused.code(), refused.sentence());
    if (refused.from() != null) {
      problem.setProperty("from", refused.from());
      problem.setProperty("to", refused.to());
    }
    if (refused.meant() != null) {
      problem.setProperty("meant", refused.meant());
    }
    return problem;
  }

  @ExceptionHandler
  ProblemDetail stale(StaleException stale) {
    return ErrorBodies.of(HttpStatus.CONFLICT, "stale", stale.sentence());
  }

  @ExceptionHandler
  ProblemDetail otherClass(OtherClassException other) {
    return ErrorBodies.of(HttpStatus.PRECONDITION_FAILED, "other-class", other.sentence());
  }

  @ExceptionHandler
  ProblemDetail doneBefore(DoneBeforeException done) {
    return ErrorBodies.of(HttpStatus.CONFLICT, "done-before", done.sentence());
  }

  @ExceptionHandler
  ProblemDetail missing(MissingException missing) {
    return ErrorBodies.of(HttpStatus.NOT_FOUND, "missing", missing.sentence());
  }

  /** The disk is full: the same request may be sent again when there is room. */
  @ExceptionHandler
  ProblemDetail noRoom(DiskFullException full) {
    return ErrorBodies.of(
        HttpStatus.INSUFFICIENT_STORAGE, "no-room", Sentences.of("failed.no-room"));
  }

  @ExceptionHandler
  ProblemDetail notWritten(NotWrittenException failure) {
    LOG.error("The data file could not be written", failure);
    return ErrorBodies.of(
        HttpStatus.SERVICE_UNAVAILABLE, "not-written", Sentences.of("failed.not-written"));
  }

  /** Somebody else was changing the same rows for too long: the same may be sent again. */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> locked(PessimisticLockingFailureException failure) {
    LOG.warn("A change waited for another one in vain: {}", failure.getMessage());
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, "1")
        .body(ErrorBodies.of(HttpStatus.SERVICE_UNAVAILABLE, "busy", Sentences.of("failed.busy")));
  }

  /** MyBatis wraps exceptions that come before a statement. */
  @ExceptionHandler
  ProblemDetail wrapped(MyBatisSystemException failure) {
    Throwable cause = NestedExceptionUtils.getMostSpecificCause(failure);
    if (cause instanceof DiskFullException full) {
      return noRoom(full);
    }
    if (cause instanceof StaleException stale) {
      return stale(stale);
    }
    for (Throwable each = failure; each != null; each = each.getCause()) {
      if (each instanceof NotWrittenException notWritten) {
        return notWritten(notWritten);
      }
    }
    return unforeseen(failure);
  }

  /** The caller has gone: nobody is there to be answered. */
  @ExceptionHandler
  void gone(ClientAbortException failure) {
    LOG.debug("Gone before the answer", failure);
  }

  @ExceptionHandler
  ProblemDetail unforeseen(Exception failure) {
    return Fault.of(HttpStatus.INTERNAL_SERVER_ERROR, failure);
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException failure,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    // A value that could be read but not taken carries its own sentence.
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof RefusedException refused) {
        return ResponseEntity.unprocessableEntity().body(refused(refused));
      }
    }
    if (failure.getCause() instanceof IOException cut
        && !(cut instanceof JsonProcessingException)) {
      // The rest did not come, as while Bemble is being stopped: the same may be sent again.
      return ResponseEntity.status(HttpStatus.REQUEST_TIMEOUT)
          .body(
              ErrorBodies.of(
                  HttpStatus.REQUEST_TIMEOUT, "cut-off", Sentences.of("failed.unreadable")));
    }
    return ResponseEntity.badRequest()
        .body(
            ErrorBodies.of(
                HttpStatus.BAD_REQUEST, "unreadable", Sentences.of("failed.unreadable")));
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException failure,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return notValid(failure.getFieldErrors());
  }

  /** Refuses an argument that is a list, in the same way. */
  @Override
  protected ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException failure,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return notValid(failure.getAllErrors());
  }

  private static ResponseEntity<Object> notValid(List<? extends MessageSourceResolvable> errors) {
    String sentences =
        errors.stream()
            .map(MessageSourceResolvable::getDefaultMessage)
            .distinct()
            .collect(Collectors.joining(" "));
    return ResponseEntity.unprocessableEntity()
        .body(ErrorBodies.of(HttpStatus.UNPROCESSABLE_ENTITY, "not-valid", sentences));
  }
}
