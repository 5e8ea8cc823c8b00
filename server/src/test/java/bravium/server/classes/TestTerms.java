package bravium.server.classes;

import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Terms of assignments, as a page sends them. */
final class TestTerms {

  private TestTerms() {}

  /** The usual ones: what counts is the best, all is told and shown at once. */
  static JsonObject usual() {
    return Json.object()
        .add("counts", "best")
        .add("told", "at-once")
        .add("atClosing", "finish")
        .add("marks", "at-once");
  }

  /** The moment after so long, as the clock on the wall shows it where the zone is UTC. */
  static String in(TestServer server, Duration time) {
    return LocalDateTime.ofInstant(server.clock().instant().plus(time), ZoneOffset.UTC).toString();
  }
}
