package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller.Answer;
import com.eclipsesource.json.JsonObject;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Every address that there is, streams and all that joins later included, with what really is
 * behind it, asked by those who have no business there. Covers have such a test of their own.
 */
class EveryAddressTest {

  /** What is there for all: codes and sessions, and what ships. */
  private static final String FOR_ALL = "/api/(session|links|join|docs|library)(/.*)?|/error";

  @TempDir private static Path folder;
  private static TestServer server;
  private static Caller keeper;
  private static Caller colleague;
  private static final Map<String, String> THINGS = new TreeMap<>();

  @BeforeAll
  static void aTeacherWithAClassThatPlays() {
    server = TestServer.start(folder, "--bravium.demo=false");
    keeper = Caller.stranger(server);
    keeper.beginAs(server, "Ms Fern", "six-sided cells");
    String typed = "{\"name\": \"Mr Reed\", \"password\": \"a hive of his own\"}";
    Answer added = keeper.post("/api/teachers", typed);
    colleague = Caller.stranger(server);
    colleague.get("/api/session");
    assertThat(colleague.post("/api/session", typed).status()).isEqualTo(200);

    String activity = keeper.post("/api/activities", Samples.threeQuestions("Bees")).text("id");
    JsonObject view =
        keeper.post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}").json().asObject();
    String inClass = view.get("card").asObject().getString("id", "");
    Answer mia =
        Caller.stranger(server)
            .post("/api/join/" + view.getString("code", "") + "/learners", "{\"name\": \"Mia\"}");
    String token = "Bearer " + mia.text("token");
    String assignment =
        keeper
            .post(
                "/api/classes/" + inClass + "/assignments",
                """
                {"activity": "%s", "terms": {"counts": "best", "told": "at-once",
                 "atClosing": "finish", "marks": "at-once"}}"""
                    .formatted(activity))
            .text("id");
    String begun = "/api/join/%s/assignments/%s/sittings";
    String played =
        Caller.stranger(server)
            .post(
                begun.formatted(view.getString("code", ""), assignment), "", "Authorization", token)
            .text("sitting");
    JsonObject learner =
        keeper
            .get("/api/classes/" + inClass)
            .json()
            .asObject()
            .get("learners")
            .asArray()
            .get(0)
            .asObject();
    THINGS.put("/api/activities", activity);
    THINGS.put("/api/classes", inClass);
    THINGS.put("/api/assignments", assignment);
    THINGS.put("/api/results", played);
    THINGS.put("/api/play", played);
    THINGS.put(
        "/api/sittings",
        keeper.post("/api/activities/" + activity + "/sittings", "").text("sitting"));
    THINGS.put("/api/teachers", String.valueOf(added.json().asObject().getLong("id", 0)));
    THINGS.put("{learner}", learner.getString("id", ""));
    THINGS.put("{assignment}", assignment);
    THINGS.put("{version}", "1");
    THINGS.put("{question}", "q1");
    THINGS.put("{page}", "q1");
  }

  @AfterAll
  static void end() {
    server.close();
  }

  @Test
  void whoIsNotSignedInGetsNothing() {
    Caller stranger = Caller.stranger(server);
    stranger.get("/api/session");
    for (String[] one : addresses()) {
      Answer answer = stranger.send(one[0], one[1], "{}");
      assertThat(answer.status()).as(one[0] + " " + one[1]).isEqualTo(401);
    }
  }

  @Test
  void aColleagueGetsNothingOfAnothersAndNothingOfTheKeepers() {
    for (String[] one : addresses()) {
      boolean ofNobody = one[1].equals(one[2]) && !one[1].startsWith("/api/teachers");
      if (ofNobody && !one[1].startsWith("/api/server")) {
        continue;
      }
      Answer answer = colleague.send(one[0], one[1], "{}");
      assertThat(answer.status())
          .as(one[0] + " " + one[1] + ": " + answer.body())
          .isBetween(400, 499);
    }
    assertThat(keeper.get("/api/classes/" + THINGS.get("/api/classes")).body())
        .as("and nothing was changed by that")
        .contains("Mia", "Hazel");
    assertThat(keeper.get("/api/activities/" + THINGS.get("/api/activities")).status())
        .isEqualTo(200);
  }

  /** Method, address with what is behind it, and the pattern of it. */
  private static List<String[]> addresses() {
    List<String[]> all =
        server.addresses().stream()
            .filter(one -> !one[1].matches(FOR_ALL))
            .map(one -> new String[] {one[0], filled(one[1]), one[1]})
            .toList();
    assertThat(all).hasSizeGreaterThan(80);
    return all;
  }

  private static String filled(String path) {
    String filled = path;
    for (Map.Entry<String, String> thing : THINGS.entrySet()) {
      filled =
          thing.getKey().startsWith("{")
              ? filled.replace(thing.getKey(), thing.getValue())
              : filled.replaceFirst(
                  "^" + thing.getKey() + "/\\{[^}]+}", thing.getKey() + "/" + thing.getValue());
    }
    return filled.replaceAll("\\{[^}]+}", "x");
  }
}
