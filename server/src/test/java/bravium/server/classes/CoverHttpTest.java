package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Somebody covers for the teacher of a class for a day: presents, watches, and nothing else. */
class CoverHttpTest {

  /** What a cover may be let do, and what anybody may. */
  private static final Set<String> ALLOWED =
      Set.of(
          "GET /api/cover",
          "POST /api/activities/{activity}/sittings",
          "GET /api/activities/{activity}/sittings/unfinished",
          "GET /api/sittings/{sitting}",
          "POST /api/sittings/{sitting}/moves",
          "GET /api/sittings/{sitting}/contributions/{question}",
          "GET /api/sittings/{sitting}/pages",
          "PUT /api/sittings/{sitting}/pages/{page}",
          "GET /api/media/{medium}/file",
          "GET /api/media/{medium}/small",
          "GET /api/assignments/{id}/live",
          "GET /api/assignments/{id}/live/now");

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private final String today = server.part(SchoolTime.class).today(server.clock().instant()) + "";
  private String covers;
  private String code;
  private String assigned;
  private String assignment;

  @BeforeEach
  void aClassWithSomethingToDo() {
    JsonObject view =
        teacher.post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}").json().asObject();
    String inClass = view.get("card").asObject().getString("id", "");
    covers = "/api/classes/" + inClass + "/covers";
    code = view.getString("code", null);
    assigned = teacher.post("/api/activities", Samples.threeQuestions("Cells")).text("id");
    assignment =
        teacher
            .post(
                "/api/classes/" + inClass + "/assignments",
                """
                {"activity": "%s",
                 "terms": {"counts": "best", "told": "at-once", "atClosing": "finish",
                           "marks": "at-once"}}"""
                    .formatted(assigned))
            .text("id");
  }

  @AfterEach
  void today() {
    server.clock().reset();
  }

  private JsonObject made(String day, String... activities) {
    JsonArray named = new JsonArray();
    for (String one : activities) {
      named.add(one);
    }
    String body = new JsonObject().add("day", day).add("activities", named).toString();
    Answer answer = teacher.post(covers, body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json().asArray().get(0).asObject();
  }

  private Answer enters(Caller who, String typed) {
    who.get("/api/session");
    return who.post("/api/session/cover", new JsonObject().add("code", typed).toString());
  }

  private Caller substitute(JsonObject cover) {
    Caller who = Caller.stranger(server);
    Answer answer = enters(who, cover.getString("code", ""));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(answer.json().asObject().getBoolean("covers", false)).isTrue();
    assertThat(answer.json().asObject().get("teacher")).matches(it -> it == null || it.isNull());
    return who;
  }

  @Test
  void whatIsAssignedAndWhatIsNamedIsPresentedAndTheClassIsWatched() {
    String named = teacher.post("/api/activities", Samples.threeQuestions("Named")).text("id");
    Caller substitute = substitute(made(today, named));
    JsonObject page = substitute.get("/api/cover").json().asObject();
    assertThat(page.getString("name", "")).isEqualTo("Hazel");
    assertThat(page.getString("code", "")).isEqualTo(code);
    assertThat(page.get("items").asArray()).hasSize(2);
    assertThat(page.get("items").asArray().get(0).asObject().get("watch").asObject().get("id"))
        .hasToString("\"" + assignment + "\"");
    for (String activity : new String[] {assigned, named}) {
      String sitting =
          substitute.post("/api/activities/" + activity + "/sittings", "").text("sitting");
      assertThat(
              substitute
                  .post("/api/sittings/" + sitting + "/moves", Samples.start("k" + activity))
                  .status())
          .isEqualTo(200);
      assertThat(substitute.get("/api/sittings/" + sitting).status()).isEqualTo(200);
      assertThat(
              substitute
                  .get("/api/activities/" + activity + "/sittings/unfinished")
                  .text("sitting"))
          .as("it goes on in the next lesson")
          .isEqualTo(sitting);
    }
    Pupil.joins(server, code, "Mia").plays(assignment, "r");
    Pupil.joins(server, code, "Ben").plays(assignment, "w", "w", "w");
    String live = "/api/assignments/" + assignment + "/live";
    assertThat(teacher.get(live + "/now").body()).contains("\"right\"", "\"wrong\"");
    for (String seen :
        List.of(
            substitute.get(live + "/now").body(),
            substitute.lines(live).findFirst().orElseThrow())) {
      assertThat(seen).contains("Mia", "Ben", "\"given\"", "\"through\":true");
      assertThat(seen).as("how well they do").doesNotContain("right", "wrong", "\"won\"");
      assertThat(seen).contains("\"points\":0").doesNotContain("\"points\":10");
    }
  }

  @Test
  void nothingElseCanBeReached() {
    Caller substitute = substitute(made(today));
    server.addresses().forEach(one -> isRefused(substitute, one[0], one[1]));
    assertThat(substitute.put("/api/session/password", "{}").status()).isEqualTo(403);
    assertThat(substitute.get("/api/activities").text("detail")).contains("presents and watches");
  }

  private static void isRefused(Caller who, String method, String path) {
    boolean ofLearners = path.matches("/api/(links|play|join|session)(/.*)?");
    if (path.startsWith("/api") && !ofLearners && !ALLOWED.contains(method + " " + path)) {
      Answer answer = who.send(method, path.replaceAll("\\{[^}]+}", "x"), "{}");
      assertThat(answer.status()).as(method + " " + path).isEqualTo(403);
    }
  }

  @Test
  void nothingOfAnotherClassOrOfTheTeachersOwnIsPresented() {
    String picture =
        teacher.upload("/api/media?title=Hers", Pictures.halves("png", 40, 30)).text("medium");
    String other = teacher.post("/api/activities", Samples.threeQuestions("Other")).text("id");
    String hers = teacher.post("/api/activities/" + other + "/sittings", "").text("sitting");
    Pupil mia = Pupil.joins(server, code, "Mia");
    mia.plays(assignment, "r");
    JsonObject rowan =
        teacher.post("/api/classes", "{\"name\": \"Rowan\", \"door\": \"open\"}").json().asObject();
    String elsewhere =
        teacher
            .post(
                "/api/classes/" + rowan.get("card").asObject().getString("id", "") + "/assignments",
                """
                {"activity": "%s",
                 "terms": {"counts": "best", "told": "at-once", "atClosing": "finish",
                           "marks": "at-once"}}"""
                    .formatted(other))
            .text("id");
    Caller substitute = substitute(made(today));
    for (String path :
        new String[] {
          "/api/activities/" + other + "/sittings/unfinished",
          "/api/sittings/" + hers,
          "/api/sittings/" + mia.sitting(),
          "/api/media/" + picture + "/file",
          "/api/assignments/" + elsewhere + "/live/now",
        }) {
      assertThat(teacher.get(path).status()).as(path).isIn(200, 404);
      assertThat(substitute.get(path).status()).as(path).isEqualTo(403);
    }
    assertThat(substitute.post("/api/activities/" + other + "/sittings", "").status())
        .isEqualTo(403);
  }

  @Test
  void aCodeWorksOnItsDayAloneAndUntilItIsWithdrawn() {
    String tomorrow = LocalDate.parse(today).plusDays(1).toString();
    JsonObject cover = made(tomorrow);
    Caller substitute = Caller.stranger(server);
    Answer early = enters(substitute, cover.getString("code", ""));
    assertThat(early.status()).isEqualTo(403);
    assertThat(early.text("detail")).contains("alone. Come back then");

    server.clock().pass(Duration.ofDays(1));
    assertThat(enters(substitute, cover.getString("code", "").toUpperCase()).status())
        .isEqualTo(200);
    assertThat(substitute.get("/api/cover").status()).isEqualTo(200);
    server.clock().pass(Duration.ofDays(1));
    assertThat(substitute.get("/api/cover").status()).isEqualTo(401);
    assertThat(enters(substitute, cover.getString("code", "")).text("detail"))
        .contains("for another day or was withdrawn");

    server.clock().reset();
    JsonObject now = made(today);
    Caller another = substitute(now);
    Iterator<String> stream = another.lines("/api/assignments/" + assignment + "/live").iterator();
    assertThat(stream.next()).isNotNull();
    teacher.send("DELETE", covers + "/" + now.getString("id", ""), null);
    String elsewhere =
        teacher
            .post("/api/classes", "{\"name\": \"Rowan\", \"door\": \"open\"}")
            .json()
            .asObject()
            .get("card")
            .asObject()
            .getString("id", "");
    teacher.post("/api/classes/" + elsewhere + "/covers", "{\"day\": \"" + today + "\"}");
    assertThat(another.get("/api/cover").status()).isEqualTo(401);
    stream.forEachRemaining(line -> assertThat(line).doesNotContain("lines\":[{"));
    assertThat(teacher.get(covers).json().asArray()).hasSize(1);
  }

  @Test
  void aDayThatIsNoneIsRefusedInWords() {
    String past = LocalDate.parse(today).minusDays(1).toString();
    for (String day : new String[] {"\"" + past + "\"", "\"2026-13-40\"", "null", "7"}) {
      Answer answer = teacher.post(covers, "{\"day\": " + day + "}");
      assertThat(answer.status()).as(day).isEqualTo(400);
      assertThat(answer.text("detail")).isNotBlank();
    }
    Caller stranger = Caller.stranger(server);
    assertThat(enters(stranger, "").status()).isEqualTo(404);
    assertThat(stranger.post("/api/session/cover", "{}").status()).isEqualTo(404);
    assertThat(teacher.get("/api/cover").status()).isEqualTo(404);
    assertThat(stranger.get(covers).status()).isEqualTo(401);
  }

  @Test
  void aClassThatWasArchivedIsCoveredByNobody() {
    Caller substitute = substitute(made(today));
    teacher.send("DELETE", covers.replace("/covers", ""), null);
    assertThat(substitute.get("/api/cover").status()).isEqualTo(401);
    teacher.post(covers.replace("/covers", "/return"), "");
    assertThat(substitute.get("/api/cover").status()).isEqualTo(200);
  }
}
