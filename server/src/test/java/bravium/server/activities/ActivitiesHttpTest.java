package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonArray;
import java.util.List;
import org.junit.jupiter.api.Test;

class ActivitiesHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void theDemoTeacherFindsHerTwoQuizShowsReadyForClass() {
    for (String title : new String[] {"Three weeks in a cell", "From flower to honey"}) {
      String search = "/api/activities?search=" + title.replace(' ', '+');
      JsonArray cards = teacher.get(search).json().asObject().get("cards").asArray();
      var card =
          cards.values().stream()
              .map(value -> value.asObject())
              .filter(c -> c.getString("title", "").equals(title))
              .findFirst()
              .orElseThrow();
      assertThat(card.getInt("questions", 0)).isGreaterThanOrEqualTo(8);
      assertThat(card.getBoolean("playable", false)).isTrue();
      assertThat(card.getInt("findings", -1)).isZero();
    }
  }

  @Test
  void whatIsAddedIsReadBackTheSame() {
    Answer added = teacher.post("/api/activities", Samples.threeQuestions("Wax & “honey” – ½ 🐝"));

    assertThat(added.status()).isEqualTo(201);
    Answer read = teacher.get(added.header("Location"));
    assertThat(read.json()).isEqualTo(added.json());
    assertThat(read.header("ETag")).isEqualTo("\"1\"");
    assertThat(read.body()).contains("Wax & “honey” – ½ 🐝");
  }

  @Test
  void aSaveMakesTheNextVersion() {
    String id = add("First");

    Answer saved = save(id, "\"1\"", "Second");

    assertThat(saved.status()).isEqualTo(200);
    assertThat(saved.json().asObject().getInt("version", 0)).isEqualTo(2);
    assertThat(teacher.get("/api/activities/" + id).body()).contains("\"title\":\"Second\"");
  }

  @Test
  void aSaveOverANewerVersionIsRefusedAndTheNewerOneStays() {
    String id = add("First");
    save(id, "\"1\"", "Second");

    Answer stale = save(id, "\"1\"", "Third");

    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.text("reason")).isEqualTo("changed-meanwhile");
    assertThat(teacher.get("/api/activities/" + id).body()).contains("Second");
  }

  @Test
  void aSaveHasToSayWhatItChanges() {
    String id = add("First");

    assertThat(teacher.put("/api/activities/" + id, Samples.threeQuestions("x")).status())
        .isEqualTo(428);
    assertThat(save(id, "abc", "x").status()).isEqualTo(400);
  }

  @Test
  void whatIsWrongIsNamedByPathAndChangesNothing() {
    String id = add("Whole");
    String broken = Samples.threeQuestions("x").replace("\"worth\": 10", "\"worth\": \"ten\"");

    Answer answer = teacher.put("/api/activities/" + id, broken, "If-Match", "\"1\"");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
    assertThat(answer.text("detail"))
        .isEqualTo(
            "This doesn't follow the format at $.rules.worth: expected a whole number."
                + " Nothing was changed.");
    assertThat(teacher.get("/api/activities/" + id).body()).contains("Whole");
  }

  @Test
  void malformedJsonIsSaidToBeUnreadable() {
    Answer answer = teacher.post("/api/activities", "{\"bravium\": 1, ");

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text("detail")).contains("at $: this is not JSON (line 1");
  }

  @Test
  void whatIsTooLargeIsRefusedInWords() {
    Answer answer = teacher.post("/api/activities", "\"" + "x".repeat(5_000_000) + "\"");

    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.text("detail")).contains("4 MB");
  }

  @Test
  void anUnknownActivityIsSaidNotToBeThere() {
    assertThat(teacher.get("/api/activities/nonsense").status()).isEqualTo(404);
    assertThat(save("nonsense", "\"1\"", "x").status()).isEqualTo(404);
  }

  @Test
  void nobodySignedInSeesNothing() {
    Answer answer = Caller.stranger(server).get("/api/activities");

    assertThat(answer.status()).isEqualTo(401);
    assertThat(answer.text("reason")).isEqualTo("signed-out");
  }

  @Test
  void aChangeWithoutTheTokenOfThePageIsRefused() {
    Answer answer =
        teacher.exchange(
            "POST",
            "/api/activities",
            Samples.threeQuestions("x"),
            "Content-Type",
            "application/json");

    assertThat(answer.status()).isEqualTo(403);
    assertThat(answer.text("reason")).isEqualTo("not-from-here");
  }

  @Test
  void signingOutEndsTheSession() {
    assertThat(teacher.send("DELETE", "/api/session", null).status()).isEqualTo(204);

    assertThat(teacher.get("/api/activities").status()).isEqualTo(401);
  }

  @Test
  void everyAnswerCarriesAStrictContentPolicy() {
    assertThat(teacher.get("/api/session").header("Content-Security-Policy"))
        .contains("default-src 'self'")
        .doesNotContain("unsafe");
  }

  private String add(String title) {
    return teacher.post("/api/activities", Samples.threeQuestions(title)).text("id");
  }

  private Answer save(String id, String ifMatch, String title) {
    return teacher.put("/api/activities/" + id, Samples.threeQuestions(title), "If-Match", ifMatch);
  }

  @Test
  void whatWasBegunAndLeftUnwrittenIsNotKeptAndAnythingElseIs() {
    String blank = teacher.post("/api/activities", Samples.threeQuestions("")).text("id");
    String titled = teacher.post("/api/activities", Samples.threeQuestions("Kept")).text("id");
    String linked = teacher.post("/api/activities", Samples.threeQuestions("")).text("id");
    teacher.post("/api/activities/" + linked + "/link", "");

    for (String id : List.of(blank, titled, linked)) {
      assertThat(teacher.send("DELETE", "/api/activities/" + id + "?unwritten=true", null).status())
          .isEqualTo(204);
    }

    assertThat(teacher.get("/api/activities/" + blank).status()).isEqualTo(404);
    assertThat(teacher.get("/api/activities/" + titled).status()).isEqualTo(200);
    assertThat(teacher.get("/api/activities/" + linked).status()).isEqualTo(200);
  }

  @Test
  void aCardShowsThePictureAndTheColoursOfItsActivity() {
    String medium = "c".repeat(64);
    teacher.post(
        "/api/activities",
        Samples.threeQuestions("A face of its own")
            .replace(
                "\"board\": {\"kind\": \"line\"}",
                "\"board\": {\"kind\": \"trail\", \"markers\": [], \"picture\": {\"medium\": \"%s\", \"alt\": \"\"}}"
                    .formatted(medium)));

    String found = teacher.get("/api/activities?search=a%20face%20of%20its%20own").body();

    assertThat(found).contains("\"medium\":\"" + medium + "\"");
  }
}
