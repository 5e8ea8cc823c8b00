package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PlayHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private final Caller learner = Caller.stranger(server);
  private String activity;
  private String code;
  private String sitting;
  private String token;

  @BeforeEach
  void aLearnerComesByTheLink() {
    activity = teacher.post("/api/activities", Samples.threeQuestions("Play")).text("id");
    code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Answer opened = learner.post("/api/links/" + code + "/sittings", "");
    assertThat(opened.status()).isEqualTo(201);
    sitting = opened.text("sitting");
    token = opened.text("token");
  }

  @Test
  void theLinkStaysTheSame() {
    assertThat(teacher.post("/api/activities/" + activity + "/link", "").text("code"))
        .isEqualTo(code)
        .matches("[2-9b-df-hj-km-np-tv-z]{6}");
  }

  @Test
  void aFurtherCodeGivesEntitledLearnersMoreTime() {
    String timed =
        Samples.threeQuestions("Timed")
            .replace(
                "\"passMark\": 60",
                "\"passMark\": 60, \"clock\": {\"per\": \"question\", \"seconds\": 20}");
    String link = "/api/activities/" + teacher.post("/api/activities", timed).text("id") + "/link";
    String usual = teacher.post(link, "").text("code");
    String longer = teacher.post(link + "?time=150", "").text("code");

    assertThat(longer).isNotEqualTo(usual);
    assertThat(teacher.post(link + "?time=150", "").text("code")).isEqualTo(longer);
    assertThat(teacher.post(link + "?time=100", "").text("code")).isEqualTo(usual);
    assertThat(teacher.post(link + "?time=99", "").status()).isEqualTo(400);
    assertThat(timeOfWhoComesBy(usual)).isEqualTo(20_000);
    assertThat(timeOfWhoComesBy(longer)).isEqualTo(30_000);
  }

  private int timeOfWhoComesBy(String by) {
    Answer opened = learner.post("/api/links/" + by + "/sittings", "");
    sitting = opened.text("sitting");
    token = opened.text("token");
    return move(Samples.start("k1"))
        .json()
        .asObject()
        .get("showing")
        .asObject()
        .get("clock")
        .asObject()
        .getInt("total", 0);
  }

  @Test
  void anOddAnswerGetsAClearWordAndChangesNothing() {
    String odd =
        Samples.threeQuestions("Odd")
            .replaceFirst(
                "\\{\"kind\": \"pick-one\", \"id\": \"q1\"",
                """
                {"kind": "typed-text", "id": "q0", "text": "Who?", "accepted": ["queen"],
                 "feedback": {}, "comparing": {"slips": true}}, {"kind": "pick-one", "id": "q1"\
                """);
    String id = teacher.post("/api/activities", odd).text("id");
    Answer opened =
        learner.post(
            "/api/links/"
                + teacher.post("/api/activities/" + id + "/link", "").text("code")
                + "/sittings",
            "");
    sitting = opened.text("sitting");
    token = opened.text("token");
    move(Samples.start("k1"));

    assertThat(type("k2", "x".repeat(100_000)).status()).isEqualTo(413);
    assertThat(type("k2", "x".repeat(40_000)).status()).isEqualTo(400);
    assertThat(type("k3", " \\t ").status()).isEqualTo(409);
    assertThat(move(Samples.pick("k4", "q0", "r")).status()).isEqualTo(409);
    for (String text : new String[] {"\\u202eneeuq", "\\u0000", "1e999", "1/0"}) {
      assertThat(read().get("showing").asObject().getString("stage", "")).isEqualTo("question");
      assertThat(type("key " + text.length(), " ".repeat(5_001)).status()).isEqualTo(400);
    }
    assertThat(type("k5", "\\u200fquene\\u0301 🐝 <script>").status()).isEqualTo(200);
  }

  private Answer type(String key, String text) {
    return move(
        Samples.move(
            key,
            """
            {"kind": "answer", "question": "q0", "attempt": 1,
             "response": {"kind": "typed", "text": "%s"}}
            """
                .formatted(text)));
  }

  @Test
  void aCodeMayBeTypedInCapitalsAndWithAHyphen() {
    String typed = code.substring(0, 3).toUpperCase(Locale.ROOT) + "-" + code.substring(3);

    assertThat(learner.get("/api/links/" + typed).text("title")).isEqualTo("Play");
  }

  @Test
  void anUnknownCodeIsSaidInWords() {
    Answer answer = learner.get("/api/links/zzzzzz");

    assertThat(answer.status()).isEqualTo(404);
    assertThat(answer.text("reason")).isEqualTo("no-such-code");
    assertThat(learner.post("/api/links/zzzzzz/sittings", "").status()).isEqualTo(404);
  }

  @Test
  void twoOfThreeRightWin() {
    JsonObject showing = playToTheEnd("r", "w", "r");

    assertThat(showing.getString("stage", "")).isEqualTo("end");
    JsonObject ending = showing.get("ending").asObject();
    assertThat(ending.get("outcome").asObject().getBoolean("won", false)).isTrue();
    assertThat(ending.getString("text", "")).isEqualTo("Sweet.");
  }

  @Test
  void oneOfThreeRightLosesAndPlayAgainStartsAnew() {
    JsonObject showing = playToTheEnd("w", "r", "w");

    assertThat(showing.get("ending").asObject().get("outcome").asObject().getBoolean("won", true))
        .isFalse();
    Answer again = learner.post("/api/links/" + code + "/sittings", "", bearer());
    assertThat(again.text("token")).isNull();
    assertThat(again.text("sitting")).isNotEqualTo(sitting);
    assertThat(again.body()).contains("\"stage\":\"title\"");
  }

  @Test
  void whatIsRightAndWhatIsSaidToItShowOnlyOnceItIsAnswered() {
    Answer started = move(Samples.start("k1"));

    assertThat(started.body())
        .doesNotContain("Secret", "\"right\":[", "\"rightIds\":[\"", "rehearsal", "seed");
    Answer answered = move(Samples.pick("k2", "q1", "w"));
    String right = OwnIds.part(server, sitting, "q1", "r");
    assertThat(answered.body()).contains("Secret comfort", "\"rightIds\":[\"" + right + "\"]");
    assertThat(answered.body()).contains("{\"kind\":\"answer-marked\"");
  }

  @Test
  void aMoveSentTwiceIsTakenOnceAndAnsweredTheSame() {
    move(Samples.start("k1"));
    Answer first = move(Samples.pick("k2", "q1", "r"));

    Answer second = move(Samples.pick("k2", "q1", "r"));

    assertThat(second.status()).isEqualTo(200);
    assertThat(second.json().asObject().getBoolean("repeated", false)).isTrue();
    assertThat(second.json().asObject().get("happenings"))
        .isEqualTo(first.json().asObject().get("happenings"));
    assertThat(read().get("showing").asObject().get("score").asObject().getInt("points", 0))
        .isEqualTo(10);
  }

  @Test
  void whatIsNoLongerOpenIsRefusedAndChangesNothing() {
    move(Samples.start("k1"));
    move(Samples.pick("k2", "q1", "r"));
    JsonObject before = read().get("showing").asObject().get("score").asObject();

    Answer late = move(Samples.pick("k3", "q1", "w"));

    assertThat(late.status()).isEqualTo(409);
    assertThat(late.text("reason")).isEqualTo("not-open");
    assertThat(late.text("detail")).endsWith("Nothing was changed.");
    assertThat(read().get("showing").asObject().get("score")).isEqualTo(before);
  }

  @Test
  void aTokenOpensOnlyItsOwnSittings() {
    String foreign = learner.post("/api/links/" + code + "/sittings", "").text("token");

    Answer read = learner.get("/api/play/" + sitting, "Authorization", "Bearer " + foreign);
    Answer moved =
        learner.post(
            "/api/play/" + sitting + "/moves",
            Samples.start("k1"),
            "Authorization",
            "Bearer " + foreign);

    assertThat(read.status()).isEqualTo(404);
    assertThat(moved.status()).isEqualTo(404);
    assertThat(read().get("showing").asObject().getString("stage", "")).isEqualTo("title");
  }

  @Test
  void withoutATokenOrWithAnInventedOneNothingOpens() {
    assertThat(learner.get("/api/play/" + sitting).status()).isEqualTo(401);
    assertThat(learner.get("/api/play/" + sitting, "Authorization", "Bearer x").status())
        .isEqualTo(401);
  }

  @Test
  void aLearnerCanNotDoWhatIsTheTeachers() {
    String claims =
        Samples.move("k1", "{\"kind\": \"go-to\", \"question\": \"q3\"}")
            .replace("\"player\"", "\"teacher\"");

    Answer answer = move(claims);

    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.text("reason")).isEqualTo("for-the-teacher");
  }

  @Test
  void editingTheActivityDoesNotDisturbAPlayThatRuns() {
    move(Samples.start("k1"));
    String edited = Samples.threeQuestions("Edited").replace("Which one, q1?", "Quite another?");
    teacher.put("/api/activities/" + activity, edited, "If-Match", "\"1\"");

    assertThat(read().toString()).contains("Which one, q1?").doesNotContain("Quite another?");
    assertThat(learner.post("/api/links/" + code + "/sittings", "").body()).contains("Edited");
  }

  @Test
  void theTeachersPlayAtTheFrontKeepsItsMovesAndCanTakeThemBack() {
    String front = teacher.post("/api/activities/" + activity + "/sittings", "").text("sitting");
    String moves = "/api/sittings/" + front + "/moves";
    teacher.post(moves, Samples.start("k1"));
    teacher.post(moves, Samples.pick("k2", "q1", "w"));

    Answer back =
        teacher.post(moves, Samples.move("k3", "{\"kind\":\"take-back\",\"move\":\"k2\"}"));

    assertThat(back.status()).isEqualTo(200);
    assertThat(back.body()).contains("\"stage\":\"question\"");
    JsonObject read = teacher.get("/api/sittings/" + front).json().asObject();
    assertThat(read.get("moves").asArray()).hasSize(3);
    assertThat(learner.get("/api/sittings/" + front).status()).isEqualTo(401);
  }

  private JsonObject playToTheEnd(String... options) {
    Answer answer = move(Samples.start("start"));
    for (int i = 0; i < options.length; i++) {
      String question = "q" + (i + 1);
      move(Samples.pick("pick" + i, question, options[i]));
      answer = move(Samples.goOn("on" + i, question));
    }
    return answer.json().asObject().get("showing").asObject();
  }

  private Answer move(String body) {
    return learner.post("/api/play/" + sitting + "/moves", body, bearer());
  }

  private JsonObject read() {
    return learner.get("/api/play/" + sitting, bearer()).json().asObject();
  }

  private String[] bearer() {
    return new String[] {"Authorization", "Bearer " + token};
  }

  @Test
  void aLinkThatIsSwitchedOffLetsNobodyBeginAndWhoHasBegunGoesOn() {
    Playing begun = Playing.by(server, code);
    begun.move(Samples.start("start"));

    assertThat(teacher.send("PUT", link() + "?open=false", "").status()).isEqualTo(204);

    Answer refused = learner.post("/api/links/" + code + "/sittings", "");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text("reason")).isEqualTo("link-shut");
    assertThat(begun.move(Samples.pick("k", "q1", "r")).status()).isEqualTo(200);
    Answer same = teacher.post(link(), "");
    assertThat(same.text("code")).isEqualTo(code);
    assertThat(same.json().asObject().getBoolean("open", true)).isFalse();
    teacher.send("PUT", link() + "?open=true", "");
    assertThat(learner.post("/api/links/" + code + "/sittings", "").status()).isEqualTo(201);
    assertThat(Caller.stranger(server).send("PUT", link() + "?open=false", "").status())
        .isIn(401, 403);
  }

  private String link() {
    return "/api/activities/" + activity + "/link";
  }
}
