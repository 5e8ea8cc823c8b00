package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.sittings.OwnIds;
import bravium.server.upkeep.Upkeep;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Giving an activity to a class: from when to when, to whom, how often, and what came back. */
class GivingHttpTest {

  private static TestServer server;

  private Caller teacher;
  private String activity;
  private String inClass;
  private String code;

  @BeforeAll
  static void aSchool(@TempDir Path folder) {
    server = TestServer.start(folder, "--bravium.demo=true", "--bravium.zone=UTC");
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @BeforeEach
  void aClassAndAnActivity() {
    teacher = Caller.teacher(server);
    activity = teacher.post("/api/activities", Samples.threeQuestions("Given")).text("id");
    JsonObject view =
        teacher.post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}").json().asObject();
    inClass = view.get("card").asObject().getString("id", null);
    code = view.getString("code", null);
  }

  /** The moment after so long, as the clock on the wall shows it. */
  private static String in(Duration time) {
    return TestTerms.in(server, time);
  }

  private String giving(JsonObject terms, String... learners) {
    JsonObject giving = Json.object().add("activity", activity).add("terms", terms);
    if (learners.length > 0) {
      giving.add("learners", Json.array(learners));
    }
    return giving.toString();
  }

  private String give(JsonObject terms, String... learners) {
    Answer given =
        teacher.post("/api/classes/" + inClass + "/assignments", giving(terms, learners));
    assertThat(given.status()).as(given.body()).isEqualTo(201);
    return given.text("id");
  }

  private String idOf(String name) {
    return find("learners", learner -> learner.getString("name", "").equals(name))
        .getString("id", null);
  }

  private JsonObject find(String list, Function<JsonObject, Boolean> which) {
    JsonArray all = teacher.get("/api/classes/" + inClass).json().asObject().get(list).asArray();
    return all.values().stream()
        .map(JsonValue::asObject)
        .filter(which::apply)
        .findFirst()
        .orElseThrow();
  }

  private JsonObject given(String id) {
    return teacher.get("/api/assignments/" + id).json().asObject();
  }

  private JsonArray lines(String id) {
    return teacher
        .get("/api/assignments/" + id + "/glance")
        .json()
        .asObject()
        .get("lines")
        .asArray();
  }

  @Test
  void aLearnerFindsItOnHerPagePlaysItAndHerTeacherSeesHow() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual());
    assertThat(mia.task().getString("title", null)).isEqualTo("Given");
    assertThat(mia.task().getBoolean("begins", false)).isTrue();

    mia.plays(id, "r", "w", "r");

    JsonObject task = mia.task();
    assertThat(task.get("outcome").asObject().getInt("points", 0)).isEqualTo(20);
    assertThat(task.getInt("goes", 0)).isEqualTo(1);
    assertThat(given(id).getInt("forHowMany", 0)).isEqualTo(2);
    assertThat(given(id).getInt("begun", 0)).isEqualTo(1);
    assertThat(given(id).getInt("through", 0)).isEqualTo(1);
    JsonObject line = lines(id).get(0).asObject();
    assertThat(line.getString("name", null)).isEqualTo("Mia");
    assertThat(line.get("counts").asObject().getInt("points", 0)).isEqualTo(20);
    assertThat(
            line.get("counts").asObject().get("cells").asArray().values().stream()
                .map(cell -> cell.asObject().getString("mark", null)))
        .containsExactly("right", "wrong", "right");
    assertThat(lines(id).get(1).asObject().get("counts")).isNull();
    assertThat(teacher.get("/api/results/" + mia.sitting()).body()).contains("\"name\":\"Mia\"");
  }

  @Test
  void itIsPlayedFromItsOpeningToItsClosingMomentOnly() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(
            TestTerms.usual()
                .add("opens", in(Duration.ofHours(1)))
                .add("closes", in(Duration.ofHours(3))));
    assertThat(mia.begins(id).text("detail")).contains("not open yet");
    server.clock().pass(Duration.ofMinutes(61));
    assertThat(mia.begins(id).status()).isEqualTo(201);
    server.clock().pass(Duration.ofHours(2));
    assertThat(mia.move("{\"kind\": \"start\"}").status()).isEqualTo(409);
    assertThat(mia.begins(id).text("detail")).contains("This has closed");
    assertThat(mia.task().get("standing").asObject().getString("phase", null)).isEqualTo("closed");
  }

  @Test
  void aGameThatIsOpenAtClosingTimeMayBeFinished() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "r");
    server.clock().pass(Duration.ofHours(2));

    assertThat(mia.task().get("standing").asObject().getBoolean("running", false)).isTrue();
    assertThat(mia.move(pick("q2", "r")).status()).isEqualTo(200);
  }

  @Test
  void orItEndsThereAndThenWithWhatWasReached() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(TestTerms.usual().set("atClosing", "end").add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "r");
    server.clock().pass(Duration.ofHours(2));

    Answer late = mia.move(pick("q2", "r"));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.text("reason")).isEqualTo("closed");
    assertThat(late.text("detail")).contains("closed before your answer arrived");
    assertThat(mia.showing().getString("stage", null)).isEqualTo("end");
    JsonObject line = lines(id).get(0).asObject();
    assertThat(line.getBoolean("ended", false)).isTrue();
    assertThat(line.get("counts").asObject().getInt("points", 0)).isEqualTo(10);
  }

  @Test
  void theHourIsSeenComingAnAnswerOnItsWayCountsAndOneThatWasTakenIsToldAgain() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(
            TestTerms.usual()
                .set("atClosing", "end")
                .add("goes", 2)
                .add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "r");
    server.clock().hold();
    long left = mia.game().getLong("endsIn", 0);
    assertThat(left).isBetween(Duration.ofMinutes(58).toMillis(), Duration.ofHours(1).toMillis());
    server.clock().pass(Duration.ofMillis(left + 300));

    String move = Samples.pick("on-its-way", "q2", "r");
    String moves = "/api/play/" + mia.sitting() + "/moves";
    Answer inTime = mia.post(moves, move);
    assertThat(inTime.status()).as(inTime.body()).isEqualTo(200);
    server.clock().pass(Duration.ofSeconds(1));
    JsonObject after = mia.game();
    assertThat(after.get("showing").asObject().getString("stage", null)).isEqualTo("end");
    assertThat(after.get("endsIn")).as("it has ended").isNull();
    assertThat(after.getBoolean("again", true)).as("there is a go left, but no time").isFalse();
    assertThat(lines(id).get(0).asObject().get("counts").asObject().getInt("points", 0))
        .isEqualTo(20);
    // Its device may not have heard that it was taken.
    assertThat(mia.post(moves, move).json().asObject().getBoolean("repeated", false)).isTrue();
    assertThat(mia.move(pick("q3", "r")).status()).isEqualTo(409);
  }

  @Test
  void aGameThatMayBeFinishedHasNoHourAndAnotherGoIsOfferedWhileThereIsOne() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().add("goes", 2).add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "r", "r", "r");
    assertThat(mia.game().get("endsIn")).isNull();
    assertThat(mia.game().getBoolean("again", false)).isTrue();
    mia.plays(id, "r", "r", "r");
    assertThat(mia.game().getBoolean("again", true)).isFalse();
  }

  /** Nobody looks in before three hours are over; what counts is the hour at which it closed. */
  @Test
  void aGameThatTheHourEndedIsOpenedAgainForOneChildWithTheTimeItHadLeft() {
    activity =
        teacher
            .post(
                "/api/activities",
                Samples.threeQuestions("Timed")
                    .replace(
                        "\"worth\": 10",
                        "\"worth\": 10, \"clock\": {\"per\": \"game\", \"seconds\": 7200}"))
            .text("id");
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(TestTerms.usual().set("atClosing", "end").add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "r");
    server.clock().pass(Duration.ofHours(3));
    JsonObject line = lines(id).get(0).asObject();
    assertThat(line.getBoolean("cutOff", false)).isTrue();
    String learner = "/api/assignments/" + id + "/learners/" + idOf("Mia");
    assertThat(teacher.post(learner + "/return", "").text("detail")).contains("set a later time");

    teacher.put(
        learner,
        "{\"closes\": \"" + in(Duration.ofHours(9)) + "\", \"moreGoes\": 0, \"excused\": false}");
    assertThat(teacher.post(learner + "/return", "").status()).isEqualTo(200);
    assertThat(lines(id).get(0).asObject().getBoolean("cutOff", true)).isFalse();
    server.clock().pass(Duration.ofHours(4));
    String before = mia.sitting();
    mia.begins(id);
    assertThat(mia.sitting()).as("the same game").isEqualTo(before);
    JsonObject clock = mia.showing().get("clock").asObject();
    assertThat(clock.getLong("left", 0))
        .isBetween(Duration.ofMinutes(59).toMillis(), Duration.ofMinutes(61).toMillis());
    assertThat(clock.getBoolean("held", true)).isFalse();

    mia.move(pick("q2", "r"));
    mia.move("{\"kind\": \"continue\", \"question\": \"q2\"}");
    mia.move(pick("q3", "r"));
    mia.move("{\"kind\": \"continue\", \"question\": \"q3\"}");
    JsonObject after = lines(id).get(0).asObject();
    assertThat(after.get("counts").asObject().getInt("points", 0)).isEqualTo(30);
    assertThat(after.getInt("goes", 0)).isEqualTo(1);
    assertThat(teacher.post(learner + "/return", "").text("detail")).contains("one more go");
  }

  @AfterEach
  void timeGoesBy() {
    server.clock().run();
  }

  private static String pick(String question, String option) {
    return """
        {"kind": "answer", "question": "%s", "attempt": 1,
         "response": {"kind": "picked", "option": "%s"}}"""
        .formatted(question, option);
  }

  @Test
  void goesAreCountedOutOneMoreIsGivenAndTheBestCounts() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().add("goes", 1));
    mia.plays(id, "r", "r", "w");
    assertThat(mia.begins(id).text("detail")).contains("as often as you can");

    teacher.put(
        "/api/assignments/" + id + "/learners/" + idOf("Mia"),
        "{\"moreGoes\": 1, \"excused\": false}");
    mia.plays(id, "w", "w", "w");
    assertThat(mia.begins(id).status()).isEqualTo(409);
    assertThat(mia.task().get("outcome").asObject().getInt("points", 0)).isEqualTo(20);

    teacher.put(
        "/api/assignments/" + id, giving(TestTerms.usual().set("counts", "last").add("goes", 1)));
    assertThat(lines(id).get(0).asObject().get("counts").asObject().getInt("points", 9)).isZero();
  }

  /** One of two games is enough to have finished; who is excused is in no count. */
  @Test
  void startedAndFinishedMeanTheSameOnTheClassTheGlanceAndTheLivePage() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    Pupil ada = Pupil.joins(server, code, "Ada");
    Pupil.joins(server, code, "Ben");
    String id = give(TestTerms.usual().add("goes", 2));
    mia.plays(id, "r", "r", "w");
    mia.begins(id);
    mia.move("{\"kind\": \"start\"}");
    noah.plays(id, "r", "r", "r");
    teacher.put(
        "/api/assignments/" + id + "/learners/" + idOf("Noah"),
        "{\"moreGoes\": 0, \"excused\": true}");
    ada.begins(id);
    ada.move("{\"kind\": \"start\"}");

    List<JsonObject> live =
        teacher
            .get("/api/assignments/" + id + "/live/now")
            .json()
            .asObject()
            .get("lines")
            .asArray()
            .values()
            .stream()
            .map(JsonValue::asObject)
            .filter(line -> line.getBoolean("counted", false))
            .toList();
    List<JsonObject> glance =
        lines(id).values().stream()
            .map(JsonValue::asObject)
            .filter(line -> !line.getBoolean("excused", false))
            .toList();
    JsonObject given = given(id);
    assertThat(List.of(given.getInt("forHowMany", 0), live.size(), glance.size())).containsOnly(3);
    assertThat(
            List.of(
                (long) given.getInt("begun", 0),
                live.stream().filter(line -> line.get("since") != null).count(),
                glance.stream().filter(line -> line.getInt("goes", 0) > 0).count()))
        .containsOnly(2L);
    assertThat(
            List.of(
                (long) given.getInt("through", 0),
                live.stream().filter(line -> line.getBoolean("finished", false)).count(),
                glance.stream().filter(line -> line.getBoolean("ended", false)).count()))
        .containsOnly(1L);
  }

  /** Pressed twice, on two devices, begun and left: it is one game. */
  @Test
  void beginningTwiceIsOneGame() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil atHome = Pupil.comesIn(server, code, "Mia", mia.words());
    String id = give(TestTerms.usual().add("goes", 1));
    mia.begins(id);
    atHome.begins(id);
    assertThat(atHome.sitting()).isEqualTo(mia.sitting());
    mia.move("{\"kind\": \"start\"}");
    atHome.begins(id);
    assertThat(atHome.sitting()).isEqualTo(mia.sitting());
    assertThat(atHome.showing().getString("stage", null)).isEqualTo("question");
    assertThat(mia.task().getInt("goes", 0)).isEqualTo(1);
  }

  @Test
  void whoWasAbsentHasDatesOfHerOwnAndWhoIsExcusedIsInNoSum() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual().add("closes", in(Duration.ofHours(1))));
    teacher.put(
        "/api/assignments/" + id + "/learners/" + idOf("Mia"),
        Json.object()
            .add("closes", in(Duration.ofHours(5)))
            .add("moreGoes", 0)
            .add("excused", false)
            .toString());
    teacher.put(
        "/api/assignments/" + id + "/learners/" + idOf("Noah"),
        "{\"moreGoes\": 0, \"excused\": true}");
    server.clock().pass(Duration.ofHours(2));

    assertThat(mia.begins(id).status()).isEqualTo(201);
    assertThat(noah.begins(id).status()).isEqualTo(409);
    assertThat(noah.task().getBoolean("excused", false)).isTrue();
    assertThat(given(id).getInt("forHowMany", 0)).isEqualTo(1);
    assertThat(given(id).get("own").asArray()).hasSize(2);
    assertThat(mia.page().body()).doesNotContain("Noah");
  }

  @Test
  void itIsForChosenLearnersOnlyIfTheTeacherSaysSo() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual(), idOf("Mia"));

    assertThat(mia.page().json().asObject().get("tasks").asArray()).hasSize(1);
    assertThat(noah.page().json().asObject().get("tasks").asArray()).isEmpty();
    assertThat(noah.begins(id).status()).isEqualTo(404);
    assertThat(lines(id)).hasSize(1);
    teacher.put("/api/assignments/" + id, giving(TestTerms.usual()));
    assertThat(noah.begins(id).status()).isEqualTo(201);
  }

  @Test
  void whatIsRightIsToldAfterClosingIfTheTeacherSaysSo() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(TestTerms.usual().set("told", "after-closing").add("closes", in(Duration.ofHours(1))));
    mia.plays(id, "w", "w", "w");
    String right = "\"rightIds\":[\"" + OwnIds.part(server, mia.sitting(), "q1", "r") + "\"]";
    assertThat(mia.showing().toString()).contains("\"rightIds\":[]").doesNotContain(right);
    server.clock().pass(Duration.ofHours(2));
    assertThat(mia.task().getString("sitting", null)).isEqualTo(mia.sitting());
    assertThat(mia.showing().toString()).contains(right);
  }

  /** The sample's question says something to a wrong answer. */
  @Test
  void whatIsSaidToAWrongAnswerWaitsAsLongAsWhatIsRight() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id =
        give(TestTerms.usual().set("told", "after-closing").add("closes", in(Duration.ofHours(1))));
    assertThat(mia.plays(id, "w", "w", "w").body()).doesNotContain("Secret comfort");
    assertThat(mia.showing().toString()).doesNotContain("Secret comfort");
    server.clock().pass(Duration.ofHours(2));
    assertThat(mia.showing().toString()).contains("Secret comfort");
  }

  @Test
  void whoHasBegunKeepsWhatSheBeganWithAndOthersGetTheNewVersionIfTheTeacherSaysSo() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual().add("goes", 1));
    noah.begins(id);
    String before = noah.sitting();
    mia.plays(id, "r");
    Answer stored = teacher.get("/api/activities/" + activity);
    teacher.put(
        "/api/activities/" + activity,
        Samples.threeQuestions("Given anew"),
        "If-Match",
        stored.header("ETag"));
    assertThat(given(id).getBoolean("newer", false)).isTrue();

    teacher.post("/api/assignments/" + id + "/version", "");
    assertThat(given(id).getBoolean("newer", true)).isFalse();
    mia.begins(id);
    assertThat(mia.showing().get("cover").asObject().getString("title", null)).isEqualTo("Given");
    noah.begins(id);
    assertThat(noah.sitting()).isNotEqualTo(before);
    assertThat(noah.showing().get("cover").asObject().getString("title", null))
        .isEqualTo("Given anew");
  }

  @Test
  void takenBackNobodyPlaysItAndGivenAgainItGoesOn() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    mia.plays(id, "r");
    teacher.send("DELETE", "/api/assignments/" + id, null);
    assertThat(mia.page().json().asObject().get("tasks").asArray()).isEmpty();
    assertThat(mia.move(pick("q2", "r")).text("detail")).contains("taken this back");

    teacher.post("/api/assignments/" + id + "/return", "");
    assertThat(mia.task().get("standing").asObject().getBoolean("running", false)).isTrue();
    assertThat(mia.move(pick("q2", "r")).status()).isEqualTo(200);
    assertThat(mia.task().getInt("goes", 0)).isEqualTo(1);
  }

  @Test
  void itIsCopiedToAnotherClassOnTheSameTerms() {
    String id = give(TestTerms.usual().add("goes", 2));
    String other =
        teacher
            .post("/api/classes", "{\"name\": \"Rowan\", \"door\": \"open\"}")
            .json()
            .asObject()
            .get("card")
            .asObject()
            .getString("id", null);
    JsonObject copied =
        teacher.post("/api/assignments/" + id + "/copies/" + other, "").json().asObject();
    assertThat(copied.get("terms").asObject().getInt("goes", 0)).isEqualTo(2);
    assertThat(copied.getString("id", null)).isNotEqualTo(id);
  }

  @Test
  void whatWasGivenStaysWhenTheActivityIsRemovedAndForgotten() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    teacher.send("DELETE", "/api/activities/" + activity, null);
    server.clock().pass(Duration.ofDays(90));
    server.part(Upkeep.class).atNight();

    teacher = Caller.teacher(server);
    mia.plays(id, "r", "r", "r");
    assertThat(given(id).getBoolean("gone", false)).isTrue();
    assertThat(lines(id).get(0).asObject().get("counts").asObject().getInt("points", 0))
        .isEqualTo(30);
    assertThat(teacher.get("/api/results/" + mia.sitting()).status()).isEqualTo(200);
  }

  @Test
  void moreTimeAndOtherHelpComeByThemselves() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    teacher.put(
        "/api/classes/" + inClass + "/learners/" + idOf("Mia"),
        "{\"time\": 150, \"help\": [\"names\"]}");
    String id = give(TestTerms.usual());
    mia.plays(id, "r");
    assertThat(teacher.get("/api/results/" + mia.sitting()).body()).contains("\"time\":150");
    assertThat(mia.page().body()).doesNotContain("150", "names");
  }

  @Test
  void twoEntriesOfOneChildBecomeOneWithBothGames() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil again = Pupil.joins(server, code, "Mia B");
    String id = give(TestTerms.usual());
    mia.plays(id, "r", "r", "r");
    again.plays(id, "w", "w", "w");
    teacher.post(
        "/api/classes/" + inClass + "/learners/" + idOf("Mia B") + "/merge/" + idOf("Mia"), "");

    assertThat(lines(id)).hasSize(1);
    assertThat(lines(id).get(0).asObject().getInt("goes", 0)).isEqualTo(2);
    assertThat(lines(id).get(0).asObject().get("counts").asObject().getInt("points", 0))
        .isEqualTo(30);
    assertThat(again.task().getInt("goes", 0)).isEqualTo(2);
  }

  @Test
  void oddTermsGetAClearWord() {
    for (JsonObject odd :
        List.of(
            TestTerms.usual().add("opens", "2027-01-02T08:00").add("closes", "2027-01-01T08:00"),
            TestTerms.usual().set("told", "after-closing"),
            TestTerms.usual().add("goes", 0),
            TestTerms.usual().add("opens", "tomorrow"))) {
      Answer refused = teacher.post("/api/classes/" + inClass + "/assignments", giving(odd));
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.text("detail")).contains("Nothing was changed");
    }
    Pupil.joins(server, code, "Mia");
    assertThat(
            teacher
                .post(
                    "/api/classes/" + inClass + "/assignments",
                    Json.object()
                        .add("activity", activity)
                        .add("terms", TestTerms.usual())
                        .add("learners", Json.array())
                        .toString())
                .text("detail"))
        .contains("Nobody is chosen");
  }

  /** Whatever is sent, it is answered in words. */
  @Test
  void brokenBodiesAreRefusedInWords() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    String c = "/api/classes/" + inClass;
    String learner = c + "/learners/" + idOf("Mia");
    List<String[]> requests =
        List.of(
            new String[] {"POST", "/api/classes"},
            new String[] {"PUT", c},
            new String[] {"POST", c + "/learners"},
            new String[] {"POST", c + "/learners/preview"},
            new String[] {"POST", c + "/slips"},
            new String[] {"POST", c + "/owner"},
            new String[] {"POST", c + "/assignments"},
            new String[] {"PUT", learner},
            new String[] {"PUT", "/api/assignments/" + id},
            new String[] {"PUT", "/api/assignments/" + id + "/learners/" + idOf("Mia")},
            new String[] {"POST", "/api/join/" + code + "/learners"});
    List<String> bodies =
        List.of(
            "",
            "null",
            "[]",
            "{}",
            "[null]",
            "{\"terms\": {}}",
            "{\"name\": null, \"words\": 3}",
            "{\"name\": \"\\ud800\"}",
            "{\"help\": [null]}",
            "{\"time\": 1e9}",
            "{\"learners\": [null], \"terms\": {\"opens\": \"x\"}}",
            "[".repeat(10_000));
    for (String[] request : requests) {
      for (String body : bodies) {
        Answer answer = teacher.send(request[0], request[1], body);
        assertThat(answer.status()).as(request[1] + " " + body).isLessThan(500);
      }
    }
    assertThat(mia.page().status()).isEqualTo(200);
  }

  /** Every address of classes, tried as everybody who has no business there. */
  @Test
  void onlyWhoHasTheCodePlaysAndOnlyTheOwnerReads() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual());
    mia.plays(id, "r", "r", "r");
    String learner = idOf("Mia");
    String other =
        teacher
            .post("/api/classes", "{\"name\": \"Rowan\", \"door\": \"open\"}")
            .json()
            .asObject()
            .getString("code", "");
    Pupil outside = Pupil.joins(server, other, "Olga");
    String name = "Mr Sorrel " + inClass;
    teacher.post(
        "/api/teachers", "{\"name\": \"" + name + "\", \"password\": \"another password\"}");
    Caller colleague = Caller.stranger(server);
    colleague.get("/api/session");
    colleague.post(
        "/api/session", "{\"name\": \"" + name + "\", \"password\": \"another password\"}");

    String c = "/api/classes/" + inClass;
    String a = "/api/assignments/" + id;
    String body = giving(TestTerms.usual());
    List<String[]> teachers = new ArrayList<>();
    teachers.add(new String[] {"GET", c, null});
    teachers.add(new String[] {"PUT", c, "{\"name\": \"Mine\"}"});
    teachers.add(new String[] {"DELETE", c, null});
    teachers.add(new String[] {"POST", c + "/return", ""});
    teachers.add(new String[] {"POST", c + "/code", ""});
    teachers.add(new String[] {"POST", c + "/owner", "{\"name\": \"" + name + "\"}"});
    teachers.add(new String[] {"POST", c + "/learners", "{\"text\": \"X\"}"});
    teachers.add(new String[] {"POST", c + "/learners/preview", "{\"text\": \"X\"}"});
    teachers.add(new String[] {"POST", c + "/slips", "[\"" + learner + "\"]"});
    teachers.add(new String[] {"PUT", c + "/learners/" + learner, "{\"name\": \"X\"}"});
    teachers.add(new String[] {"POST", c + "/learners/" + learner + "/entry", ""});
    teachers.add(new String[] {"DELETE", c + "/learners/" + learner, null});
    teachers.add(new String[] {"POST", c + "/learners/" + learner + "/return", ""});
    teachers.add(new String[] {"POST", c + "/learners/" + learner + "/merge/" + learner, ""});
    teachers.add(new String[] {"POST", c + "/assignments", body});
    teachers.add(new String[] {"GET", a, null});
    teachers.add(new String[] {"PUT", a, body});
    teachers.add(new String[] {"DELETE", a, null});
    teachers.add(new String[] {"POST", a + "/return", ""});
    teachers.add(new String[] {"POST", a + "/version", ""});
    teachers.add(new String[] {"POST", a + "/copies/" + inClass, ""});
    teachers.add(
        new String[] {"PUT", a + "/learners/" + learner, "{\"moreGoes\": 1, \"excused\": true}"});
    teachers.add(new String[] {"POST", a + "/learners/" + learner + "/return", ""});
    teachers.add(new String[] {"GET", a + "/glance", null});
    teachers.add(new String[] {"GET", a + "/glance.csv", null});
    teachers.add(new String[] {"GET", a + "/to-mark", null});
    teachers.add(new String[] {"POST", a + "/marks", ""});
    teachers.add(new String[] {"GET", a + "/live", null});
    teachers.add(new String[] {"GET", a + "/live/now", null});
    teachers.add(new String[] {"GET", c + "/term", null});
    teachers.add(new String[] {"GET", c + "/register.csv", null});
    teachers.add(new String[] {"GET", c + "/learners/" + learner + "/record", null});
    teachers.add(new String[] {"POST", c + "/learners/" + learner + "/class/" + inClass, ""});
    teachers.add(new String[] {"GET", "/api/results/" + mia.sitting(), null});
    teachers.add(new String[] {"DELETE", "/api/results/" + mia.sitting(), null});
    teachers.add(new String[] {"POST", "/api/results/" + mia.sitting() + "/return", ""});
    for (String[] request : teachers) {
      for (Caller caller : List.of(Caller.stranger(server), colleague)) {
        Answer answer = caller.send(request[0], request[1], request[2]);
        assertThat(answer.status()).as(request[0] + " " + request[1]).isIn(401, 403, 404);
        assertThat(answer.body()).doesNotContain("Mia", "Hazel");
      }
      Answer asLearner = noah.post(request[1], request[2] == null ? "" : request[2]);
      assertThat(asLearner.status()).as("a learner " + request[1]).isIn(401, 403, 404, 405);
    }
    assertThat(colleague.get("/api/classes").body()).isEqualTo("[]");
    for (Pupil pupil : List.of(noah, outside)) {
      assertThat(pupil.get("/api/play/" + mia.sitting()).status()).isEqualTo(404);
      assertThat(
              pupil.post("/api/play/" + mia.sitting() + "/moves", Samples.start("stolen")).status())
          .isEqualTo(404);
    }
    assertThat(outside.get("/api/join/" + code + "/page").status()).isEqualTo(401);
    assertThat(outside.post("/api/join/" + code + "/assignments/" + id + "/sittings", "").status())
        .isEqualTo(401);
    assertThat(Caller.stranger(server).get("/api/join/" + code + "/page").status()).isEqualTo(401);
    assertThat(lines(id)).hasSize(2);
  }

  private String otherClass(String name) {
    return teacher
        .post("/api/classes", "{\"name\": \"" + name + "\", \"door\": \"open\"}")
        .json()
        .asObject()
        .get("card")
        .asObject()
        .getString("id", null);
  }

  @Test
  void marksReachLearnersWhenTheTeacherSaysSo() {
    activity =
        teacher
            .post(
                "/api/activities",
                """
                {"bravium": 1, "titlePage": {"title": "Own words", "tags": []},
                 "game": {"kind": "quiz-show", "board": {"kind": "line"}, "questions": [
                   {"kind": "free-answer", "id": "q1", "text": "Why?", "feedback": {}}]},
                 "rules": {"questionOrder": "as-written", "optionOrder": "as-written",
                           "worth": 10, "passMark": 60},
                 "endings": {"win": {}, "lose": {}}}""")
            .text("id");
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().set("marks", "together"));
    mia.plays(id);
    mia.move(
        """
        {"kind": "answer", "question": "q1", "attempt": 1,
         "response": {"kind": "typed", "text": "To keep warm"}}""");
    mia.move("{\"kind\": \"continue\", \"question\": \"q1\"}");
    assertThat(given(id).getInt("waiting", 0)).isEqualTo(1);
    assertThat(teacher.get("/api/assignments/" + id + "/to-mark").body())
        .contains("\"name\":\"Mia\"", "To keep warm");
    teacher.post(
        "/api/results/" + mia.sitting() + "/marks",
        Samples.move(
            "m1",
            "{\"kind\": \"mark\", \"question\": \"q1\", \"points\": 8, \"comment\": \"Well seen\"}"));

    assertThat(mia.showing().toString()).doesNotContain("Well seen").contains("\"awaiting\":1");
    assertThat(mia.task().get("outcome").asObject().getInt("awaiting", 0)).isEqualTo(1);
    assertThat(lines(id).get(0).asObject().get("counts").asObject().getInt("points", 0))
        .isEqualTo(8);

    server.clock().pass(Duration.ofSeconds(1));
    teacher.post("/api/assignments/" + id + "/marks", "");
    assertThat(mia.showing().toString()).contains("Well seen", "\"awaiting\":0");
    assertThat(
            teacher.get("/api/classes/" + inClass + "/learners/" + idOf("Mia") + "/record").body())
        .contains(
            "\"comments\":[{\"question\":\"Why?\",\"points\":8,\"worth\":10,\"comment\":\"Well seen\"}]");
    assertThat(mia.task().get("outcome").asObject().getInt("points", 0)).isEqualTo(8);
  }

  /** What the table says is what the glance says; read by Commons CSV. */
  @Test
  void theTableForASpreadsheetSaysWhatTheGlanceSaysAndRunsInNone() throws IOException {
    Pupil formula = Pupil.joins(server, code, "=1+A");
    Pupil.joins(server, code, "Noah");
    String id = give(TestTerms.usual());
    formula.plays(id, "r", "w", "r");

    Answer table = teacher.get("/api/assignments/" + id + "/glance.csv");
    assertThat(table.header("Content-Disposition"))
        .matches(".*Hazel.*Given.*20\\d\\d-\\d\\d-\\d\\d.*csv.*");
    List<CSVRecord> rows =
        CSVFormat.RFC4180.parse(new StringReader(table.body().substring(1))).getRecords();

    assertThat(rows.get(0).toList())
        .startsWith("Name", "State", "Goes", "Points", "Possible", "Passed");
    assertThat(rows.get(1).toList())
        .containsExactly("'=1+A", "finished", "1", "20", "30", "yes", "10", "0", "10");
    assertThat(rows.get(2).toList()).startsWith("Noah", "not started", "0", "");
    String register = teacher.get("/api/classes/" + inClass + "/register.csv").body();
    JsonObject again =
        teacher
            .post(
                "/api/classes/" + inClass + "/learners/preview",
                Json.object().add("text", register).toString())
            .json()
            .asObject();
    assertThat(again.get("there").toString()).isEqualTo("[\"=1+A\",\"Noah\"]");
    assertThat(again.get("fresh").asArray()).isEmpty();
  }

  @Test
  void theTermHasLearnersDownAndWhatTheyWereGivenAcross() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil.joins(server, code, "Noah");
    String first = give(TestTerms.usual());
    give(TestTerms.usual().add("opens", in(Duration.ofDays(1))));
    String chosen = give(TestTerms.usual(), idOf("Noah"));
    mia.plays(first, "r", "r", "r");

    JsonObject term = teacher.get("/api/classes/" + inClass + "/term").json().asObject();
    assertThat(term.get("columns").asArray()).hasSize(3);
    List<String> states =
        term.get("lines").asArray().get(0).asObject().get("cells").asArray().values().stream()
            .map(cell -> cell.asObject().getString("state", null))
            .toList();
    assertThat(states).containsExactly("done", "not-yet", "not-hers");
    JsonObject record =
        teacher
            .get("/api/classes/" + inClass + "/learners/" + idOf("Mia") + "/record")
            .json()
            .asObject();
    assertThat(record.get("lines").asArray()).hasSize(2);
    assertThat(record.toString()).contains("\"points\":30").doesNotContain(chosen, "Noah");
  }

  @Test
  void whoMovesToAnotherClassLeavesWhatShePlayedWhereItWas() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    mia.plays(id, "r", "r", "r");
    String other = otherClass("Rowan");
    assertThat(
            teacher
                .post(
                    "/api/classes/" + inClass + "/learners/" + idOf("Mia") + "/class/" + other, "")
                .status())
        .isEqualTo(204);

    JsonObject line = lines(id).get(0).asObject();
    assertThat(line.getString("name", null)).isEqualTo("Mia");
    assertThat(line.getBoolean("left", false)).isTrue();
    assertThat(mia.page().status()).isEqualTo(401);
    String otherCode =
        teacher.get("/api/classes/" + other).json().asObject().getString("code", null);
    Pupil there = Pupil.comesIn(server, otherCode, "Mia", mia.words());
    assertThat(there.page().json().asObject().get("tasks").asArray()).isEmpty();
  }

  /** Whatever a class does, a learner's page holds no other's name, answer or mark. */
  @Test
  void aLearnersPageHoldsNothingOfAnybodyElse() {
    Random random = new Random(16);
    List<Pupil> pupils = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      pupils.add(Pupil.joins(server, code, "Pupil-" + i));
    }
    String id = give(TestTerms.usual());
    for (int i = 0; i < 12; i++) {
      pupils
          .get(random.nextInt(6))
          .plays(id, random.nextBoolean() ? "r" : "w", random.nextBoolean() ? "r" : "w");
    }
    for (int i = 0; i < 6; i++) {
      String page = pupils.get(i).page().body();
      assertThat(page).contains("Pupil-" + i);
      for (int other = 0; other < 6; other++) {
        if (other != i) {
          assertThat(page).doesNotContain("Pupil-" + other);
        }
      }
    }
  }

  @Test
  void aClassIsHandedToAColleagueWithAllThatCameBack() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    mia.plays(id, "r", "r", "r");
    String name = "Ms Teasel " + inClass;
    teacher.post(
        "/api/teachers", "{\"name\": \"" + name + "\", \"password\": \"another password\"}");
    assertThat(
            teacher.post("/api/classes/" + inClass + "/owner", "{\"name\": \"Nobody\"}").status())
        .isEqualTo(400);
    assertThat(
            teacher
                .post(
                    "/api/classes/" + inClass + "/owner",
                    "{\"name\": \"" + name + "\", \"door\": \"open\"}")
                .status())
        .isEqualTo(204);
    Caller colleague = Caller.stranger(server);
    colleague.get("/api/session");
    colleague.post(
        "/api/session", "{\"name\": \"" + name + "\", \"password\": \"another password\"}");

    assertThat(colleague.get("/api/assignments/" + id + "/glance").body()).contains("Mia");
    assertThat(colleague.get("/api/results/" + mia.sitting()).status()).isEqualTo(200);
    assertThat(teacher.get("/api/results/" + mia.sitting()).status()).isEqualTo(404);
    assertThat(teacher.get("/api/assignments/" + id + "/glance").status()).isEqualTo(404);
    assertThat(mia.page().status()).isEqualTo(200);
  }

  @Test
  void sheBeginsAnewInMidGameOnlyWhereTheRulesLetHerAndWhatSheDidStays() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String strict = give(TestTerms.usual());
    String first = mia.begins(strict).text("sitting");
    assertThat(mia.move("{\"kind\": \"start\"}").body()).contains("question");
    assertThat(anew(mia, strict).text("sitting")).as("the same game").isEqualTo(first);

    String lenient =
        Samples.threeQuestions("Anew")
            .replace("\"passMark\"", "\"startAgain\": true, \"passMark\"");
    activity = teacher.post("/api/activities", lenient).text("id");
    String id = give(TestTerms.usual().add("goes", 2));
    String begun = mia.begins(id).text("sitting");
    assertThat(mia.move("{\"kind\": \"start\"}").body()).contains("question");

    Answer again = anew(mia, id);

    assertThat(again.text("sitting")).isNotEqualTo(begun);
    assertThat(mia.begins(id).text("sitting")).isEqualTo(again.text("sitting"));
    assertThat(mia.move("{\"kind\": \"start\"}").body()).contains("question");
    assertThat(anew(mia, id).body()).contains("no-go-left");
    assertThat(teacher.get("/api/activities/" + activity + "/results").body())
        .contains(begun, again.text("sitting"));
  }

  private Answer anew(Pupil pupil, String assignment) {
    return pupil.post(
        "/api/join/" + code + "/assignments/" + assignment + "/sittings?anew=true", "");
  }
}
