package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.upkeep.Upkeep;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was removed is gone from the files after its days, whatever hangs on it. */
class ErasedTest {

  private static final String NAME = "Zinnia Quickthorn";
  private static final String CLASS_WORDS = "the smoke made me cough";
  private static final String LINK_WORDS = "a stranger wrote this";
  private static final String FRONT_WORDS = "said at the front";

  @Test
  void aLearnerAndALinksPlayersAreErasedAlsoWhereAClassHasTheActivity(@TempDir Path folder)
      throws IOException {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String activity = teacher.post("/api/activities", freeAnswer()).text("id");
      JsonObject view =
          teacher
              .post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}")
              .json()
              .asObject();
      String inClass = view.get("card").asObject().getString("id", "");
      String assignment = given(teacher, inClass, activity);
      Pupil pupil = Pupil.joins(server, view.getString("code", ""), NAME);
      pupil.begins(assignment);
      pupil.move("{\"kind\": \"start\"}");
      pupil.move(writing(CLASS_WORDS));
      Playing stranger =
          Playing.by(
              server, teacher.post("/api/activities/" + activity + "/link", "").text("code"));
      stranger.move(Samples.start("start"));
      stranger.move(Samples.move("write", writing(LINK_WORDS)));
      String front = teacher.post("/api/activities/" + activity + "/sittings", "").text("sitting");
      String moves = "/api/sittings/" + front + "/moves";
      teacher.post(moves, Samples.start("k1"));
      teacher.post(moves, Samples.move("k2", writing(FRONT_WORDS)));
      assertThat(kept(folder)).contains(NAME, CLASS_WORDS, LINK_WORDS, FRONT_WORDS);

      String learner =
          teacher
              .get("/api/classes/" + inClass)
              .json()
              .asObject()
              .get("learners")
              .asArray()
              .get(0)
              .asObject()
              .getString("id", "");
      teacher.send("DELETE", "/api/classes/" + inClass + "/learners/" + learner, null);
      teacher.send("DELETE", "/api/activities/" + activity, null);
      server.clock().pass(Duration.ofDays(29));
      server.part(Upkeep.class).atNight();
      assertThat(kept(folder)).as("in its days").contains(NAME, CLASS_WORDS, LINK_WORDS);

      server.clock().pass(Duration.ofDays(10));
      server.part(Upkeep.class).atNight();
      assertThat(kept(folder)).doesNotContain(NAME, CLASS_WORDS, LINK_WORDS, FRONT_WORDS);
      Caller later = Caller.teacher(server);
      assertThat(later.get("/api/assignments/" + assignment + "/glance").status()).isEqualTo(200);
      assertThat(later.get("/api/classes/" + inClass).body()).contains("Hazel");
    }
  }

  @Test
  void whatWasGivenAndAWholeClassAreErasedWithAllThatWasPlayed(@TempDir Path folder)
      throws IOException {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String activity = teacher.post("/api/activities", freeAnswer()).text("id");
      JsonObject view =
          teacher
              .post("/api/classes", "{\"name\": \"Nightjar burrow\", \"door\": \"open\"}")
              .json()
              .asObject();
      String classPath = "/api/classes/" + view.get("card").asObject().getString("id", "");
      String inClass = classPath.substring("/api/classes/".length());
      Pupil pupil = Pupil.joins(server, view.getString("code", ""), NAME);
      String first = given(teacher, inClass, activity);
      pupil.begins(first);
      pupil.move("{\"kind\": \"start\"}");
      pupil.move(writing(CLASS_WORDS));
      String removal = "/api/assignments/" + first + "/removal";

      assertThat(teacher.post(removal, "").status()).isEqualTo(204);
      assertThat(pupil.move("{\"kind\": \"continue\", \"question\": \"f\"}").status())
          .as("nobody plays it any more")
          .isGreaterThanOrEqualTo(400)
          .isLessThan(500);
      assertThat(teacher.get("/api/assignments/" + first + "/glance").status()).isEqualTo(404);
      assertThat(teacher.get("/api/results").body()).doesNotContain("Smoke");
      assertThat(teacher.get(classPath).body()).contains("\"removed\":[{\"id\":\"" + first);
      assertThat(teacher.send("DELETE", removal, null).json().asObject().getBoolean("open", false))
          .as("as it was, to be played")
          .isTrue();
      assertThat(teacher.send("DELETE", removal, null).status()).isEqualTo(404);
      assertThat(teacher.get("/api/assignments/" + first + "/to-mark").body())
          .contains(CLASS_WORDS);
      teacher.post(removal, "");

      String second = given(teacher, inClass, activity);
      pupil.begins(second);
      pupil.move("{\"kind\": \"start\"}");
      pupil.move(writing(FRONT_WORDS));
      assertThat(teacher.post(classPath + "/removal", "").status()).isEqualTo(409);
      teacher.send("DELETE", classPath, null);
      assertThat(teacher.post(classPath + "/removal", "").status()).isEqualTo(204);
      assertThat(teacher.get(classPath).status()).isEqualTo(404);
      assertThat(teacher.get("/api/classes").body()).contains("\"removedAt\"");
      assertThat(teacher.send("DELETE", classPath + "/removal", null).status()).isEqualTo(204);
      assertThat(teacher.get(classPath).body()).contains(NAME);
      teacher.post(classPath + "/removal", "");
      assertThat(kept(folder)).contains(NAME, CLASS_WORDS, FRONT_WORDS);

      server.clock().pass(Duration.ofDays(40));
      server.part(Upkeep.class).atNight();
      assertThat(kept(folder)).doesNotContain(NAME, CLASS_WORDS, FRONT_WORDS, "Nightjar burrow");
      assertThat(Caller.teacher(server).get("/api/activities/" + activity).status())
          .as("the activity is the teacher's still")
          .isEqualTo(200);
    }
  }

  private static String writing(String text) {
    return """
        {"kind": "answer", "question": "f", "attempt": 1,
         "response": {"kind": "typed", "text": "%s"}}"""
        .formatted(text);
  }

  private static String freeAnswer() {
    return Samples.threeQuestions("Smoke")
        .replaceFirst(
            "\"questions\": \\[",
            """
            "questions": [{"kind": "free-answer", "id": "f", "text": "Why?", "feedback": {}},""");
  }

  private static String given(Caller teacher, String inClass, String activity) {
    return teacher
        .post(
            "/api/classes/" + inClass + "/assignments",
            """
            {"activity": "%s",
             "terms": {"counts": "best", "told": "at-once", "atClosing": "finish",
                       "marks": "at-once"}}"""
                .formatted(activity))
        .text("id");
  }

  /** All that is in the database's files and in the copies. */
  private static String kept(Path folder) throws IOException {
    StringBuilder all = new StringBuilder();
    try (Stream<Path> files = Files.walk(folder)) {
      List<Path> databases =
          files.filter(file -> file.getFileName().toString().contains(".db")).toList();
      assertThat(databases).isNotEmpty();
      for (Path file : databases) {
        all.append(new String(Files.readAllBytes(file), StandardCharsets.UTF_8));
      }
    }
    return all.toString();
  }
}
