package bravium.server.problems;

import bravium.core.json.FormatProblem;
import java.io.IOException;
import java.util.Optional;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jooq.exception.DataAccessException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Turns what was thrown into a problem detail in words. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {

  /** What the system calls ENOSPC; Java hands it on as a text alone. */
  private static final String NO_SPACE = "No space left on device";

  private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

  @ExceptionHandler
  ResponseEntity<ProblemDetail> problem(Problem problem) {
    ResponseEntity.BodyBuilder answer = ResponseEntity.status(problem.status());
    if (problem.waitSeconds() > 0) {
      answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(problem.waitSeconds()));
    }
    return answer.body(problem.detail());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> format(FormatProblem problem) {
    return answer(HttpStatus.BAD_REQUEST, "not-the-format", words(problem));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> storage(DataAccessException e) {
    LOG.error("The database did not take or give something", e);
    if (e.getCause() instanceof SQLiteException cause
        && cause.getResultCode() == SQLiteErrorCode.SQLITE_FULL) {
      return diskFull();
    }
    return unreachable();
  }

  private static ResponseEntity<ProblemDetail> diskFull() {
    return answer(
        HttpStatus.INSUFFICIENT_STORAGE,
        "disk-full",
        "The server's disk is full. What was saved before is safe; this was not saved. It can be"
            + " saved once there is room again: tell the person who looks after the server.");
  }

  /** A file can't be written or read: the disk is full, for instance. */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> file(IOException e) {
    LOG.error("A file could not be written or read", e);
    return String.valueOf(e.getMessage()).contains(NO_SPACE) ? diskFull() : unreachable();
  }

  private static ResponseEntity<ProblemDetail> unreachable() {
    return answer(
        HttpStatus.SERVICE_UNAVAILABLE,
        "storage",
        "The server couldn't reach its storage just now. What was saved before is safe;"
            + " this was not saved. Try again in a moment.");
  }

  /** The device has gone: there is nobody to answer. */
  @ExceptionHandler(ClientAbortException.class)
  void gone() {}

  /** What stands behind the question mark of an address can't be read. */
  @ExceptionHandler
  ResponseEntity<ProblemDetail> parameters(InvalidParameterException e) {
    return answer(
        HttpStatus.BAD_REQUEST,
        "address-unreadable",
        "The part of this address after the question mark can't be read. Nothing was changed.");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unexpected(Exception e) {
    LOG.error("Something that should not happen", e);
    return answer(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "unexpected",
        "Something went wrong on the server. What was saved before is safe; this was not saved.");
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Optional<Problem> problem = cause(e, Problem.class);
    if (problem.isPresent()) {
      ResponseEntity<ProblemDetail> answer = problem(problem.get());
      return new ResponseEntity<>(answer.getBody(), answer.getHeaders(), answer.getStatusCode());
    }
    Optional<FormatProblem> format = cause(e, FormatProblem.class);
    String words =
        format
            .map(ProblemHandler::words)
            .orElse("What was sent is not readable JSON. Nothing was changed.");
    String reason = format.isPresent() ? "not-the-format" : "not-json";
    return ResponseEntity.badRequest().body(Problem.detail(HttpStatus.BAD_REQUEST, reason, words));
  }

  @Override
  protected ResponseEntity<Object> createResponseEntity(
      Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    if (body instanceof ProblemDetail detail && detail.getProperties() == null) {
      detail.setProperty("reason", "not-understood");
      detail.setDetail(
          "This request is not one that is known here ("
              + detail.getDetail()
              + "). Nothing was changed.");
    }
    return super.createResponseEntity(body, headers, status, request);
  }

  private static String words(FormatProblem problem) {
    return "This doesn't follow the format at "
        + problem.path()
        + ": "
        + problem.reason()
        + ". Nothing was changed.";
  }

  private static <P extends Throwable> Optional<P> cause(Throwable e, Class<P> wanted) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (wanted.isInstance(t)) {
        return Optional.of(wanted.cast(t));
      }
    }
    return Optional.empty();
  }

  private static ResponseEntity<ProblemDetail> answer(
      HttpStatus status, String reason, String words) {
    return ResponseEntity.status(status).body(Problem.detail(status, reason, words));
  }
}
