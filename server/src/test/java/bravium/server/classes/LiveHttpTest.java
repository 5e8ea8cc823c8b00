package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A class while it plays, as a stream of news. */
class LiveHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private String code;
  private String assignment;

  @BeforeEach
  void somethingToPlay() {
    String activity = teacher.post("/api/activities", Samples.threeQuestions("Live")).text("id");
    JsonObject view =
        teacher.post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}").json().asObject();
    code = view.getString("code", null);
    assignment =
        teacher
            .post(
                "/api/classes/" + view.get("card").asObject().getString("id", "") + "/assignments",
                """
                {"activity": "%s",
                 "terms": {"counts": "best", "told": "at-once", "atClosing": "finish",
                           "marks": "at-once"}}"""
                    .formatted(activity))
            .text("id");
  }

  private Iterator<String> stream() {
    return teacher.lines("/api/assignments/" + assignment + "/live").iterator();
  }

  private static JsonObject next(Iterator<String> stream) {
    while (true) {
      String line = stream.next();
      if (line.startsWith("data:")) {
        return Json.parse(line.substring(5)).asObject();
      }
    }
  }

  private static JsonObject line(JsonObject news, String name) {
    return news.get("lines").asArray().values().stream()
        .map(JsonValue::asObject)
        .filter(line -> line.getString("name", "").equals(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whoHasBegunWhereSheIsAndWhoIsThroughComesAsItHappens() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil.joins(server, code, "Noah");
    Iterator<String> stream = stream();
    JsonObject all = next(stream);
    assertThat(all.getBoolean("all", false)).isTrue();
    assertThat(all.get("lines").asArray()).hasSize(2);
    assertThat(line(all, "Mia").get("markers").asArray()).isEmpty();

    mia.plays(assignment, "r");
    JsonObject begun = next(stream);
    assertThat(begun.getBoolean("all", true)).isFalse();
    assertThat(line(begun, "Mia").getInt("number", 0)).isEqualTo(1);
    assertThat(line(begun, "Mia").get("markers").asArray()).hasSize(3);
    assertThat(line(next(stream), "Mia").getInt("points", 0)).isEqualTo(10);
    assertThat(line(next(stream), "Mia").getInt("number", 0)).isEqualTo(2);
    assertThat(stream().next()).isNotNull();
  }

  @Test
  void theSameIsThereWithoutAStream() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    mia.plays(assignment, "r", "r", "r");
    JsonObject now = teacher.get("/api/assignments/" + assignment + "/live/now").json().asObject();
    assertThat(line(now, "Mia").get("outcome").asObject().getBoolean("won", false)).isTrue();
    assertThat(Caller.stranger(server).get("/api/assignments/" + assignment + "/live").status())
        .isEqualTo(401);
  }

  /** Pages that never read hold nobody up. */
  @Test
  void streamsThatNeverReadHoldNobodyUp() throws IOException {
    Pupil mia = Pupil.joins(server, code, "Mia");
    LiveStreams streams = server.part(LiveStreams.class);
    int before = streams.open();
    URI address = URI.create(server.address());
    List<Socket> silent = new ArrayList<>();
    try {
      for (int i = 0; i < 35; i++) {
        Socket socket = new Socket();
        socket.setReceiveBufferSize(1_024);
        socket.connect(new java.net.InetSocketAddress(address.getHost(), address.getPort()));
        OutputStream out = socket.getOutputStream();
        out.write(
            ("GET /api/assignments/"
                    + assignment
                    + "/live HTTP/1.1\r\nHost: x\r\nCookie: "
                    + cookie()
                    + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        out.flush();
        silent.add(socket);
      }
      while (streams.open() < before + silent.size()) {
        Thread.yield();
      }
      Iterator<String> reading = stream();
      next(reading);
      mia.begins(assignment);
      mia.move("{\"kind\": \"start\"}");
      assertThat(line(next(reading), "Mia").getInt("number", 0)).isEqualTo(1);
      assertThat(streams.open()).isGreaterThan(before + silent.size());
    } finally {
      for (Socket socket : silent) {
        socket.close();
      }
    }
  }

  private String cookie() {
    return "bravium-session=" + teacher.cookie("bravium-session");
  }
}
