package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.sittings.WarmSittings;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import org.jooq.DSLContext;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.jooq.impl.DefaultExecuteListenerProvider;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a class asks the database, and that what is kept at hand is never older than what is so. */
class ClassCostHttpTest {

  private static final AtomicInteger QUESTIONS = new AtomicInteger();
  private static final String A_MOVE = "`move`.`document`";
  private static final Queue<String> SAID = new ConcurrentLinkedQueue<>();
  private static TestServer server;

  private Caller teacher;
  private String activity;
  private String inClass;
  private String code;

  @BeforeAll
  static void aSchoolThatCounts(@TempDir Path folder) {
    server = TestServer.start(folder, "--bravium.demo=true", "--bravium.zone=UTC");
    server
        .part(DSLContext.class)
        .configuration()
        .set(
            new DefaultExecuteListenerProvider(
                new ExecuteListener() {
                  @Override
                  public void executeStart(ExecuteContext context) {
                    QUESTIONS.incrementAndGet();
                    SAID.add(String.valueOf(context.sql()));
                  }
                }));
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  @BeforeEach
  void aClassAndAnActivity() {
    teacher = Caller.teacher(server);
    activity = teacher.post("/api/activities", Samples.threeQuestions("Counted")).text("id");
    JsonObject view =
        teacher.post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}").json().asObject();
    inClass = view.get("card").asObject().getString("id", null);
    code = view.getString("code", null);
  }

  @AfterEach
  void timeGoesBy() {
    server.clock().run();
  }

  private static String in(Duration time) {
    return TestTerms.in(server, time);
  }

  private String giving(JsonObject terms) {
    return Json.object().add("activity", activity).add("terms", terms).toString();
  }

  private String give(JsonObject terms) {
    return teacher.post("/api/classes/" + inClass + "/assignments", giving(terms)).text("id");
  }

  private String learner(String assignment, String name) {
    String id =
        teacher
            .get("/api/classes/" + inClass)
            .json()
            .asObject()
            .get("learners")
            .asArray()
            .values()
            .stream()
            .map(learner -> learner.asObject())
            .filter(learner -> name.equals(learner.getString("name", "")))
            .findFirst()
            .orElseThrow()
            .getString("id", "");
    return "/api/assignments/" + assignment + "/learners/" + id;
  }

  private static String pick(String question) {
    return """
        {"kind": "answer", "question": "%s", "attempt": 1,
         "response": {"kind": "picked", "option": "r"}}"""
        .formatted(question);
  }

  private static String goOn(String question) {
    return "{\"kind\": \"continue\", \"question\": \"" + question + "\"}";
  }

  private static int questionsOf(Runnable what) {
    QUESTIONS.set(0);
    what.run();
    return QUESTIONS.get();
  }

  @Test
  void anAnswerOfALearnerAsksTheDatabaseTwiceAtMost() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    mia.plays(give(TestTerms.usual()), "r");

    int asked = questionsOf(() -> assertThat(mia.move(pick("q2")).status()).isEqualTo(200));
    assertThat(asked).isLessThanOrEqualTo(2);
    // Somebody else did something meanwhile: what holds for her is read anew, once.
    teacher.post("/api/activities", Samples.threeQuestions("Meanwhile"));
    int anew = questionsOf(() -> assertThat(mia.move(goOn("q2")).status()).isEqualTo(200));
    assertThat(anew).isBetween(1, 4);
    assertThat(questionsOf(() -> mia.move(pick("q3")))).isLessThanOrEqualTo(2);
  }

  @Test
  void alsoWhileHerTeacherLooksOn() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    mia.plays(id, "r");
    try (var lines = teacher.lines("/api/assignments/" + id + "/live")) {
      var news = lines.iterator();
      news.next();

      int asked = questionsOf(() -> assertThat(mia.move(pick("q2")).status()).isEqualTo(200));

      assertThat(asked).isLessThanOrEqualTo(2);
      String told = news.next();
      while (!told.contains("\"all\":false")) {
        told = news.next();
      }
      assertThat(told).contains("Mia");
    }
  }

  @Test
  void whatATeacherChangesBetweenTwoMovesHoldsFromTheNext() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().set("atClosing", "end"));
    mia.plays(id, "r");

    teacher.send("DELETE", "/api/assignments/" + id, null);
    assertThat(mia.move(pick("q2")).text("reason")).isEqualTo("taken-back");
    teacher.post("/api/assignments/" + id + "/return", "");
    assertThat(mia.move(pick("q2")).status()).isEqualTo(200);

    server.clock().hold();
    teacher.put(
        "/api/assignments/" + id,
        giving(TestTerms.usual().set("atClosing", "end").add("closes", in(Duration.ofMinutes(5)))));
    assertThat(mia.game().getLong("endsIn", 0)).isEqualTo(Duration.ofMinutes(5).toMillis());
    teacher.put(
        learner(id, "Mia"),
        "{\"closes\": \"" + in(Duration.ofMinutes(9)) + "\", \"moreGoes\": 0, \"excused\": false}");
    server.clock().pass(Duration.ofMinutes(6));
    assertThat(mia.move(goOn("q2")).status()).as("she has more time").isEqualTo(200);
    teacher.put(learner(id, "Mia"), "{\"moreGoes\": 0, \"excused\": false}");
    assertThat(mia.move(pick("q3")).text("reason")).as("no more").isEqualTo("closed");
  }

  @Test
  void goesAreCountedFromTheVeryMoveThatBeginsOne() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual().add("goes", 2));
    mia.plays(id, "r", "r", "r");
    assertThat(mia.game().getBoolean("again", false)).isTrue();
    mia.begins(id);
    assertThat(mia.game().getBoolean("again", false)).as("not begun yet").isTrue();
    mia.move("{\"kind\": \"start\"}");
    assertThat(mia.game().getBoolean("again", true)).as("the last is begun").isFalse();
  }

  @Test
  void herPageAndHerTeachersAreToldByTheirTagWhileNothingChanged() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    String page = "/api/classes/" + inClass;
    Answer first = teacher.get(page);
    String tag = tagOf(first);
    String hers = tagOf(mia.page());

    int asked =
        questionsOf(
            () -> {
              assertThat(teacher.get(page, "If-None-Match", tag).status()).isEqualTo(304);
              assertThat(mia.pageUnless(hers).status()).isEqualTo(304);
            });
    assertThat(asked).isLessThanOrEqualTo(2);
    assertThat(mia.pageUnless(tag).status()).as("another's tag").isEqualTo(200);
    Caller stranger = Caller.stranger(server);
    assertThat(stranger.get(page, "If-None-Match", tag).status()).isEqualTo(401);

    mia.plays(id, "r");
    Answer after = teacher.get(page, "If-None-Match", tag);
    assertThat(after.status()).isEqualTo(200);
    assertThat(after.body()).contains("\"begun\":1");
    assertThat(mia.pageUnless(hers).body()).contains("\"running\":true");
  }

  /** The clock alone opens and closes: no tag outlasts an hour at which something changes. */
  @Test
  void atTheHourTheTagIsGoodNoMore() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    server.clock().hold();
    String id =
        give(
            TestTerms.usual()
                .set("atClosing", "end")
                .add("opens", in(Duration.ofMinutes(10)))
                .add("closes", in(Duration.ofMinutes(20))));
    String page = "/api/classes/" + inClass;
    String tag = tagOf(teacher.get(page));
    String hers = tagOf(mia.page());
    server.clock().pass(Duration.ofMinutes(9));
    assertThat(teacher.get(page, "If-None-Match", tag).status()).isEqualTo(304);
    server.clock().pass(Duration.ofMinutes(1));
    assertThat(teacher.get(page, "If-None-Match", tag).body()).contains("\"open\":true");
    assertThat(mia.pageUnless(hers).body()).contains("\"phase\":\"open\"");

    mia.plays(id, "r");
    server.clock().pass(Duration.ofMinutes(10));
    String closing = tagOf(mia.page());
    server.clock().pass(Duration.ofSeconds(10));
    assertThat(mia.pageUnless(closing).body()).as("her game has ended").contains("\"points\":10");
  }

  @Test
  void aPageAsksTheDatabaseAsOftenForTwentyAssignmentsAsForTwo() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    String page = "/api/classes/" + inClass;
    for (int i = 0; i < 2; i++) {
      mia.plays(give(TestTerms.usual()), "r", "r", "r");
    }
    int ofTwo = questionsOf(() -> teacher.get(page));
    int hersOfTwo = questionsOf(mia::page);
    for (int i = 0; i < 18; i++) {
      String id = give(TestTerms.usual());
      mia.plays(id, "r", "r", "r");
      noah.plays(id, "w");
    }
    assertThat(questionsOf(() -> teacher.get(page))).isEqualTo(ofTwo);
    assertThat(questionsOf(mia::page)).isEqualTo(hersOfTwo);
    JsonObject view = teacher.get(page).json().asObject();
    assertThat(view.get("given").asArray()).hasSize(20);
    assertThat(view.get("given").asArray().get(0).asObject().getInt("begun", 0)).isEqualTo(2);
    assertThat(view.get("given").asArray().get(19).asObject().getInt("begun", 0)).isEqualTo(1);
    assertThat(mia.page().json().asObject().get("tasks").asArray()).hasSize(20);
  }

  /** What was kept of a game that has ended is not played again to be looked at. */
  @Test
  void ofGamesThatHaveEndedNoMoveIsRead() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    String id = give(TestTerms.usual());
    mia.plays(id, "r", "w", "r");
    server.part(WarmSittings.class).forget();
    SAID.clear();

    assertThat(teacher.get("/api/assignments/" + id + "/glance").body()).contains("\"points\":20");
    assertThat(teacher.get("/api/activities/" + activity + "/results").body()).contains("Mia");
    assertThat(teacher.get("/api/results/" + mia.sitting()).body()).contains("Mia");
    assertThat(SAID).noneMatch(sql -> sql.contains(A_MOVE));
    mia.game();
    assertThat(SAID).as("she looks back at it herself").anyMatch(sql -> sql.contains(A_MOVE));
  }

  private static String tagOf(Answer answer) {
    return answer.raw().headers().firstValue("ETag").orElseThrow();
  }
}
