package bravium.server.web;

import bravium.server.data.Codes;
import bravium.server.data.Writer;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/**
 * Answers that pages ask for again and again. Their entity tag (RFC 9110, 8.8.3) says how much had
 * been written when they were made, and until when they are true if nothing more is: while it is
 * so, whoever brings the tag is told that nothing has changed, and nothing is read for that.
 */
@Component
public class Unchanged {

  /** Tags from before a start mean nothing after it: what is counted is counted anew. */
  private final String start = Codes.id();

  private final Writer writer;
  private final Clock clock;

  Unchanged(Writer writer, Clock clock) {
    this.writer = writer;
    this.clock = clock;
  }

  /**
   * An answer.
   *
   * @param until when the clock alone makes another of it, in milliseconds since 1970; {@link
   *     Long#MAX_VALUE} for never
   */
  public record Answer<T>(T value, long until) {}

  /**
   * Answers, or says that what the asker has is still so.
   *
   * @param whose what is asked for, and by whom: a tag is good for nobody and nothing else
   */
  public <T> ResponseEntity<T> answer(
      HttpServletRequest request, String whose, Supplier<Answer<T>> fresh) {
    long shown = writer.shown();
    String prefix = "\"" + start + "." + Codes.hash(whose) + "." + shown + ".";
    String brought = request.getHeader(HttpHeaders.IF_NONE_MATCH);
    if (brought != null && brought.startsWith(prefix) && clock.millis() < until(brought)) {
      return ResponseEntity.status(HttpStatus.NOT_MODIFIED).eTag(brought).build();
    }
    Answer<T> answer = fresh.get();
    return ResponseEntity.ok().eTag(prefix + answer.until() + "\"").body(answer.value());
  }

  /** Until when an answer with that tag is true; 0 where it isn't said. */
  private static long until(String tag) {
    String last = tag.substring(tag.lastIndexOf('.') + 1);
    try {
      return Long.parseLong(last.substring(0, Math.max(0, last.length() - 1)));
    } catch (NumberFormatException e) {
      return 0;
    }
  }
}
