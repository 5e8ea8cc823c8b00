package bravium.server.results;

import static bravium.server.data.schema.Tables.SITTING;
import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.play.Engine;
import bravium.server.Caller;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.data.Writer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Games that were played before a rule of the engine changed. That one has changed is made so: what
 * was kept says something that today's rules would not say, and names another revision.
 */
class EarlierRulesTest {

  @TempDir private Path folder;
  private TestServer server;
  private Caller teacher;
  private String activity;
  private Playing learner;

  @BeforeEach
  void aServerOfItsOwn() {
    server = TestServer.start(folder);
    teacher = Caller.teacher(server);
    activity =
        teacher
            .post(
                "/api/activities",
                Samples.threeQuestions("Old rules")
                    .replaceFirst(
                        "\"questions\": \\[",
                        "\"questions\": [{\"kind\": \"free-answer\", \"id\": \"f\","
                            + " \"text\": \"Why?\", \"feedback\": {}},"))
            .text("id");
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    learner = Playing.by(server, code);
    learner.move(Samples.start("start"));
    learner.move(
        Samples.move(
            "free",
            "{\"kind\": \"answer\", \"question\": \"f\", \"attempt\": 1,"
                + " \"response\": {\"kind\": \"typed\", \"text\": \"Because\"}}"));
    learner.move(Samples.goOn("on f", "f"));
  }

  @AfterEach
  void stop() {
    server.close();
  }

  private void playToTheEnd() {
    for (String id : List.of("q1", "q2", "q3")) {
      learner.move(Samples.pick("pick " + id, id, "r"));
      learner.move(Samples.goOn("on " + id, id));
    }
  }

  @Test
  void whatHasEndedIsReadAsItWasKept() {
    playToTheEnd();
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(30);
    String kept = review();
    assertThat(kept).contains("\"points\":30");
    changeRules(
        kept.replace("\"points\":30", "\"points\":77").replace("\"won\":true", "\"won\":false"));

    JsonObject game = game();
    assertThat(game.get("score").asObject().getInt("points", 0)).isEqualTo(77);
    assertThat(game.get("outcome").asObject().getInt("points", 0)).isEqualTo(77);
    assertThat(game.getBoolean("recounted", true)).isFalse();
    JsonObject seen = learner.showing();
    assertThat(seen.getString("stage", "")).isEqualTo("end");
    assertThat(seen.get("score").asObject().getInt("points", 0)).isEqualTo(77);
    assertThat(seen.get("ending").asObject().get("answers").asArray()).hasSize(4);
  }

  @Test
  void aMarkThatComesLaterChangesOnlyItsOwnAnswer() {
    playToTheEnd();
    changeRules(review().replace("\"points\":30", "\"points\":77"));
    String marks = "/api/results/" + learner.sitting() + "/marks";
    String mark = Samples.move("m", "{\"kind\": \"mark\", \"question\": \"f\", \"points\": 4}");

    assertThat(teacher.post(marks, mark).status()).isEqualTo(200);
    assertThat(teacher.post(marks, mark).status()).as("sent twice").isEqualTo(200);
    assertThat(teacher.post(marks, mark.replace("\"m\"", "\"n\"").replace("4}", "11}")).status())
        .isEqualTo(409);
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(81);
    assertThat(game().getInt("waiting", 1)).isZero();
    server.restart();
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(81);
    assertThat(learner.move(Samples.start("late")).status()).isEqualTo(409);
  }

  @Test
  void whatWasJudgedAtOnceIsMarkedAnewByWhatWasKept() {
    playToTheEnd();
    changeRules(review().replaceAll(",\"mark\":\\d+", ""));
    JsonObject read = teacher.get("/api/results/" + learner.sitting()).json().asObject();
    assertThat(read.get("answers").toString()).contains("\"mark\":10");
    assertThat(read.get("markable").asArray()).contains(Json.value("q1"));

    String mark = Samples.move("m", "{\"kind\": \"mark\", \"question\": \"q1\", \"points\": 4}");
    assertThat(teacher.post("/api/results/" + learner.sitting() + "/marks", mark).status())
        .isEqualTo(200);
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(24);
    server.restart();
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(24);
    assertThat(learner.showing().toString()).contains("\"markedAnew\":true");
  }

  @Test
  void whatEndedBeforeReviewsWereKeptHasTheOutcomeThatItHad() {
    playToTheEnd();
    server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.update(SITTING)
                    .set(SITTING.ENGINE_REVISION, 1L)
                    .set(SITTING.REVIEW, (String) null)
                    .set(
                        SITTING.OUTCOME,
                        "{\"won\":true,\"points\":41,\"possible\":40,\"needed\":20,"
                            + "\"ended\":\"played\",\"awaiting\":0,\"winners\":[]}")
                    .where(SITTING.PUBLIC_ID.eq(learner.sitting()))
                    .execute());
    server.restart();

    assertThat(game().get("outcome").asObject().getInt("points", 0)).isEqualTo(41);
    assertThat(game().getBoolean("recounted", false)).isTrue();
  }

  @Test
  void whatStillRunsEndsKindlyWithAllThatWasAnswered() {
    learner.move(Samples.pick("pick q1", "q1", "r"));
    server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.update(SITTING)
                    .set(SITTING.OPENED_REVISION, Engine.REVISION - 1L)
                    .where(SITTING.PUBLIC_ID.eq(learner.sitting()))
                    .execute());
    server.restart();

    JsonObject seen = learner.showing();
    assertThat(seen.getString("stage", "")).isEqualTo("end");
    assertThat(seen.get("ending").asObject().get("outcome").asObject().getString("ended", ""))
        .isEqualTo("closed");
    assertThat(seen.get("ending").asObject().get("answers").asArray()).hasSize(2);
    assertThat(learner.move(Samples.goOn("on", "q1")).status()).isEqualTo(409);
    assertThat(game().get("outcome").asObject().getString("ended", "")).isEqualTo("closed");
    server.restart();
    assertThat(game().get("score").asObject().getInt("points", 0)).isEqualTo(10);
  }

  private void changeRules(String review) {
    String outcome =
        review.substring(review.indexOf("\"outcome\":") + 10, review.indexOf(",\"answers\""));
    server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.update(SITTING)
                    .set(SITTING.ENGINE_REVISION, Engine.REVISION - 1L)
                    .set(SITTING.REVIEW, review)
                    .set(SITTING.OUTCOME, outcome)
                    .where(SITTING.PUBLIC_ID.eq(learner.sitting()))
                    .execute());
    server.restart();
  }

  private String review() {
    return server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.select(SITTING.REVIEW)
                    .from(SITTING)
                    .where(SITTING.PUBLIC_ID.eq(learner.sitting()))
                    .fetchSingle(SITTING.REVIEW));
  }

  private JsonObject game() {
    for (JsonValue game :
        teacher
            .get("/api/activities/" + activity + "/results")
            .json()
            .asObject()
            .get("games")
            .asArray()) {
      return game.asObject();
    }
    throw new AssertionError("no game");
  }
}
