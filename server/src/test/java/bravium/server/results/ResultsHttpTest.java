package bravium.server.results;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.sittings.OwnIds;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ResultsHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private String activity;
  private String code;

  @BeforeEach
  void anActivityThatAsksForLearnersOwnWords() {
    activity = teacher.post("/api/activities", withOwnWords()).text("id");
    code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
  }

  /** A free answer worth 10, a discussion, and three questions of 10 of which two must be right. */
  private static String withOwnWords() {
    return Samples.threeQuestions("Own words")
        .replaceFirst(
            "\"questions\": \\[",
            """
            "questions": [
              {"kind": "free-answer", "id": "f", "text": "Why?", "model": "For warmth",
               "feedback": {}},
              {"kind": "discussion", "id": "d", "text": "What do you think?", "feedback": {}},\
            """);
  }

  private Playing learner() {
    Playing learner = Playing.by(server, code);
    learner.move(Samples.start("start"));
    return learner;
  }

  private static void write(Playing learner, String question, String text) {
    Answer answer =
        learner.move(
            Samples.move(
                "write " + question,
                """
                {"kind": "answer", "question": "%s", "attempt": 1,
                 "response": {"kind": "typed", "text": "%s"}}
                """
                    .formatted(question, text)));
    assertThat(answer.status()).isEqualTo(200);
    learner.move(Samples.goOn("on " + question, question));
  }

  @Test
  void aGameIsListedFromItsFirstMoveOnWithWhatWasAnswered() {
    Playing.by(server, code);
    assertThat(results().getInt("total", -1)).isZero();

    Playing learner = learner();
    write(learner, "f", "Because");

    JsonObject results = results();
    assertThat(results.getString("title", "")).isEqualTo("Own words");
    assertThat(results.getInt("total", 0)).isEqualTo(1);
    assertThat(results.getInt("waiting", 0)).isEqualTo(1);
    JsonObject game = results.get("games").asArray().get(0).asObject();
    assertThat(game.getInt("learner", 0)).isEqualTo(learner.number()).isEqualTo(2);
    assertThat(game.getInt("waiting", 0)).isEqualTo(1);
    assertThat(game.get("outcome")).isIn(null, Json.NULL);
    assertThat(teacher.get("/api/results/" + learner.sitting()).body())
        .contains("Because", "For warmth");
  }

  @Test
  void gamesByALinkAreTakenOutOneByOneOrAtOnceAndBroughtBack() {
    Playing one = learner();
    write(one, "f", "Because");
    learner();

    teacher.send("DELETE", "/api/results/" + one.sitting(), null);
    assertThat(results().getInt("total", 0)).isEqualTo(1);
    assertThat(results().getInt("waiting", 9)).isZero();
    assertThat(toMark()).isEmpty();
    teacher.post("/api/results/" + one.sitting() + "/return", "");
    assertThat(results().getInt("total", 0)).isEqualTo(2);

    JsonObject removed =
        teacher
            .send("DELETE", "/api/activities/" + activity + "/results?from=link", null)
            .json()
            .asObject();
    assertThat(removed.getInt("games", 0)).isEqualTo(2);
    assertThat(results().getInt("total", 9)).isZero();
    teacher.post(
        "/api/activities/" + activity + "/results/return?at=" + removed.getLong("at", 0), "");
    assertThat(results().getInt("total", 0)).isEqualTo(2);
    Caller stranger = Caller.stranger(server);
    assertThat(stranger.send("DELETE", "/api/results/" + one.sitting(), null).status())
        .isIn(401, 403);
  }

  @Test
  void aFreeAnswerIsMarkedAndTheLearnerReadsIt() {
    Playing learner = learner();
    write(learner, "f", "Because it is cold");
    write(learner, "d", "Honey");
    for (String id : List.of("q1", "q2", "q3")) {
      learner.move(Samples.pick("pick " + id, id, id.equals("q3") ? "w" : "r"));
      learner.move(Samples.goOn("on " + id, id));
    }
    assertThat(outcomeOf(learner).getInt("awaiting", 0)).isEqualTo(1);
    JsonObject waiting = toMark().getFirst().asObject();
    assertThat(waiting.getString("sitting", "")).isEqualTo(learner.sitting());

    assertThat(mark(learner, "m1", 11).status()).isEqualTo(409);
    Answer marked = mark(learner, "m1", 10);

    assertThat(marked.status()).isEqualTo(200);
    assertThat(mark(learner, "m1", 10).status()).as("sent twice").isEqualTo(200);
    assertThat(toMark()).isEmpty();
    assertThat(outcomeOf(learner).getInt("points", 0)).isEqualTo(30);
    assertThat(learner.showing().toString()).contains("Well seen");
    assertThat(mark(learner, "m2", 4).status()).as("marked anew").isEqualTo(200);
    assertThat(outcomeOf(learner).getInt("points", 0)).isEqualTo(24);
  }

  @Test
  void whoHasWrittenToADiscussionReadsTheOthersButNotWhatTheTeacherHides() {
    Playing one = learner();
    Playing other = learner();
    write(one, "f", "x");
    write(other, "f", "x");
    write(one, "d", "I like the dance");
    assertThat(other.get(contributions(other, "d")).json().asArray()).as("not before").isEmpty();

    write(other, "d", "Rude words");
    assertThat(one.get(contributions(one, "d")).body()).contains("I like the dance", "Rude words");
    assertThat(one.get(contributions(one, "f")).body()).as("no discussion").isEqualTo("[]");

    String path = "/api/results/" + other.sitting() + "/contributions/d";
    assertThat(teacher.put(path, "{\"hidden\": true}").body()).contains("\"hidden\":[\"d\"]");
    assertThat(one.get(contributions(one, "d")).body()).doesNotContain("Rude words");
    assertThat(other.get(contributions(other, "d")).body()).as("her own").contains("Rude words");
    teacher.put(path, "{\"hidden\": false}");
    assertThat(one.get(contributions(one, "d")).body()).contains("Rude words");
    assertThat(teacher.put(path.replace("/d", "/f"), "{\"hidden\": true}").status()).isEqualTo(404);
  }

  @Test
  void anAnswerThatIsTakenBackNoLongerWaits() {
    String front = teacher.post("/api/activities/" + activity + "/sittings", "").text("sitting");
    String moves = "/api/sittings/" + front + "/moves";
    teacher.post(moves, Samples.start("k1"));
    String answer =
        "{\"kind\": \"answer\", \"question\": \"f\", \"attempt\": 1,"
            + " \"response\": {\"kind\": \"typed\", \"text\": \"Hm\"}}";
    teacher.post(moves, Samples.move("k2", answer));
    assertThat(toMark()).hasSize(1);

    teacher.post(moves, Samples.move("k3", "{\"kind\": \"take-back\", \"move\": \"k2\"}"));

    assertThat(toMark()).isEmpty();
  }

  @Test
  void resultsAreTheOwnersAlone(@TempDir Path folder) {
    try (TestServer school = TestServer.start(folder, "--bravium.demo=false")) {
      Caller owner = Caller.stranger(school);
      owner.beginAs(school, "Ms Linden", "a long password");
      String id = owner.post("/api/activities", withOwnWords()).text("id");
      Playing learner =
          Playing.by(school, owner.post("/api/activities/" + id + "/link", "").text("code"));
      learner.move(Samples.start("start"));
      write(learner, "f", "x");
      owner.post("/api/teachers", "{\"name\": \"Mr Rowan\", \"password\": \"another password\"}");
      Caller other = Caller.stranger(school);
      other.get("/api/session");
      other.post("/api/session", "{\"name\": \"Mr Rowan\", \"password\": \"another password\"}");

      for (Caller caller : List.of(other, Caller.stranger(school))) {
        assertThat(caller.get("/api/results").body()).doesNotContain("Own words");
        assertThat(caller.get("/api/activities/" + id + "/results").status()).isIn(401, 404);
        assertThat(caller.get("/api/activities/" + id + "/results/to-mark").status())
            .isIn(401, 404);
        assertThat(caller.get("/api/results/" + learner.sitting()).status()).isIn(401, 404);
        assertThat(mark(caller, learner, "m", "f", 5, "").status()).isIn(401, 403, 404);
      }
      assertThat(owner.get("/api/results").body()).contains("Own words", "\"waiting\":1");
    }
  }

  @Test
  void oddMarksGetAClearWord() {
    Playing learner = learner();
    write(learner, "f", "x");

    assertThat(mark(learner, "", 5).status()).isEqualTo(400);
    assertThat(mark(learner, "m", -1).text("detail")).contains("from 0 to");
    assertThat(mark(teacher, learner, "m", "q1", 5, "").status()).isEqualTo(409);
    assertThat(mark(teacher, learner, "m", "f", 5, "x".repeat(3_000)).status()).isEqualTo(400);
    assertThat(
            teacher
                .post("/api/results/" + learner.sitting() + "/marks", Samples.goOn("m", "d"))
                .status())
        .isEqualTo(400);
    assertThat(toMark()).hasSize(1);
  }

  @Test
  void whatWasJudgedAtOnceIsMarkedAnewForAllWhoGaveTheSameAnswer() {
    Playing ann = ended("w", "r", "r");
    Playing ben = ended("w", "w", "r");
    Playing cleo = ended("r", "r", "r");
    Playing running = learner();
    write(running, "f", "Because");
    write(running, "d", "Well");
    running.move(Samples.pick("pick q1", "q1", "w"));
    assertThat(game(ann).get("markable").asArray()).contains(Json.value("q1"));
    assertThat(game(running).get("markable").asArray()).containsExactly(Json.value("f"));

    JsonObject alike = alike(ann, "q1");
    assertThat(alike.get("answers").asArray()).hasSize(1);
    JsonObject other = alike.get("answers").asArray().get(0).asObject();
    assertThat(other.getString("sitting", "")).isEqualTo(ben.sitting());
    assertThat(other.getInt("mark", -1)).isZero();
    assertThat(alike.getInt("running", 0)).isEqualTo(1);

    String move = Samples.move("m", "{\"kind\": \"mark\", \"question\": \"q1\", \"points\": 10}");
    String marks = "/api/results/" + ann.sitting() + "/marks/alike";
    assertThat(teacher.post(marks, move).status()).isEqualTo(200);
    assertThat(teacher.post(marks, move).status()).as("sent twice").isEqualTo(200);

    assertThat(points(ann)).isEqualTo(30);
    assertThat(points(ben)).isEqualTo(20);
    assertThat(points(cleo)).isEqualTo(30);
    assertThat(ann.showing().toString()).contains("\"markedAnew\":true");
    assertThat(cleo.showing().toString()).doesNotContain("\"markedAnew\":true");
    assertThat(mark(teacher, running, "m", "q1", 10, "").text("detail"))
        .contains("still being played");
    assertThat(alike(cleo, "q1").get("answers").asArray()).isEmpty();
  }

  @Test
  void othersKeepTheirCommentWhereNoneIsWritten() {
    Playing ann = ended("w", "r", "r");
    Playing ben = ended("w", "r", "r");
    assertThat(mark(teacher, ben, "b", "q1", 5, "Look closely").status()).isEqualTo(200);
    assertThat(alike(ann, "q1").get("answers").asArray().get(0).asObject().getInt("mark", -1))
        .isEqualTo(5);
    teacher.post(
        "/api/results/" + ann.sitting() + "/marks/alike",
        Samples.move("m", "{\"kind\": \"mark\", \"question\": \"q1\", \"points\": 10}"));
    assertThat(ben.showing().toString()).contains("Look closely");
    assertThat(points(ben)).isEqualTo(30);
  }

  @Test
  void nobodyElseSeesWhoGaveTheSameAnswer() {
    Playing ann = ended("w", "r", "r");
    ended("w", "r", "r");
    String path = "/api/results/" + ann.sitting() + "/alike/q1";
    assertThat(Caller.stranger(server).get(path).status()).isEqualTo(401);
    assertThat(teacher.get(path + "1").status()).isEqualTo(404);
    assertThat(teacher.get("/api/results/none/alike/q1").status()).isEqualTo(404);
  }

  /** A game with the same words that has ended, and these options. */
  private Playing ended(String... options) {
    Playing learner = learner();
    write(learner, "f", "Because");
    write(learner, "d", "Well");
    for (int i = 0; i < options.length; i++) {
      String question = "q" + (i + 1);
      learner.move(Samples.pick("pick " + question, question, options[i]));
      learner.move(Samples.goOn("on " + question, question));
    }
    return learner;
  }

  private JsonObject game(Playing learner) {
    return teacher.get("/api/results/" + learner.sitting()).json().asObject();
  }

  private JsonObject alike(Playing learner, String question) {
    return teacher
        .get("/api/results/" + learner.sitting() + "/alike/" + question)
        .json()
        .asObject();
  }

  private int points(Playing learner) {
    return game(learner).get("game").asObject().get("score").asObject().getInt("points", -1);
  }

  private Answer mark(Playing learner, String key, int points) {
    return mark(teacher, learner, key, "f", points, "Well seen");
  }

  private static Answer mark(
      Caller teacher, Playing learner, String key, String question, int points, String comment) {
    String mark =
        "{\"kind\": \"mark\", \"question\": \"%s\", \"points\": %d, \"comment\": \"%s\"}"
            .formatted(question, points, comment);
    return teacher.post("/api/results/" + learner.sitting() + "/marks", Samples.move(key, mark));
  }

  private JsonObject results() {
    return teacher.get("/api/activities/" + activity + "/results").json().asObject();
  }

  private List<JsonValue> toMark() {
    return teacher
        .get("/api/activities/" + activity + "/results/to-mark")
        .json()
        .asArray()
        .values();
  }

  private static JsonObject outcomeOf(Playing learner) {
    return learner.showing().get("ending").asObject().get("outcome").asObject();
  }

  private String contributions(Playing learner, String question) {
    return "/contributions/" + OwnIds.id(server, learner.sitting(), question);
  }
}
