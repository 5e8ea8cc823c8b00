package bravium.server.problems;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** A request that can't be met, with the words for the person who made it. */
public final class Problem extends RuntimeException {

  private static final long serialVersionUID = 1L;
  private static final int BUSY_SECONDS = 5;

  private final HttpStatus status;
  private final String reason;
  private final long waitSeconds;

  private Problem(HttpStatus status, String reason, String words) {
    this(status, reason, words, 0);
  }

  private Problem(HttpStatus status, String reason, String words, long waitSeconds) {
    super(words);
    this.status = status;
    this.reason = reason;
    this.waitSeconds = waitSeconds;
  }

  /** It was tried too often; after so many seconds it may be tried again. */
  public static Problem tooMany(long seconds, String words) {
    return new Problem(HttpStatus.TOO_MANY_REQUESTS, "too-often", words, seconds);
  }

  /** It is there, but not for this person. */
  public static Problem notAllowed(String reason, String words) {
    return new Problem(HttpStatus.FORBIDDEN, reason, words);
  }

  /** What was asked for isn't there, or isn't this person's. */
  public static Problem notFound(String reason, String words) {
    return new Problem(HttpStatus.NOT_FOUND, reason, words);
  }

  /** It doesn't fit what is there now. Nothing was changed. */
  public static Problem conflict(String reason, String words) {
    return new Problem(HttpStatus.CONFLICT, reason, words);
  }

  /** Somebody else saved in between. */
  public static Problem stale(String words) {
    return new Problem(HttpStatus.PRECONDITION_FAILED, "changed-meanwhile", words);
  }

  /** It was not said which version is being changed. */
  public static Problem versionMissing(String words) {
    return new Problem(HttpStatus.PRECONDITION_REQUIRED, "version-missing", words);
  }

  /** Nobody is signed in, or the token is not known. */
  public static Problem whoAreYou(String reason, String words) {
    return new Problem(HttpStatus.UNAUTHORIZED, reason, words);
  }

  /** It is more than is taken. */
  public static Problem tooLarge(String words) {
    return new Problem(HttpStatus.CONTENT_TOO_LARGE, "too-large", words);
  }

  /** There is so much to do just now that it is better to come back. */
  public static Problem busy() {
    return new Problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        "The server has too much to do just now. Nothing was changed; try again in a few seconds.",
        BUSY_SECONDS);
  }

  /** It would take longer than anybody waits. */
  public static Problem takesTooLong(String words) {
    return new Problem(HttpStatus.SERVICE_UNAVAILABLE, "takes-too-long", words, BUSY_SECONDS);
  }

  /** What was announced did not come in time. */
  static Problem tooSlow() {
    return new Problem(
        HttpStatus.REQUEST_TIMEOUT,
        "too-slow",
        "What was sent did not arrive in time: the network stalled. Nothing was changed; try again.");
  }

  /** The server is being stopped. */
  public static Problem stopping() {
    return new Problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "stopping",
        "The server is being stopped. What was saved before is safe; this was not saved.",
        BUSY_SECONDS);
  }

  /** It isn't understood. */
  public static Problem badRequest(String reason, String words) {
    return new Problem(HttpStatus.BAD_REQUEST, reason, words);
  }

  /** After how many seconds it may be tried again; 0 where waiting changes nothing. */
  long waitSeconds() {
    return waitSeconds;
  }

  /** The status that goes with it. */
  public HttpStatus status() {
    return status;
  }

  /** As a problem detail; {@code reason} is a key that programs can tell apart. */
  public ProblemDetail detail() {
    return detail(status, reason, getMessage());
  }

  static ProblemDetail detail(HttpStatus status, String reason, String words) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, words);
    detail.setProperty("reason", reason);
    return detail;
  }
}
