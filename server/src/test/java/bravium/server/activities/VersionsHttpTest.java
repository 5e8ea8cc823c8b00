package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.data.Writer;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class VersionsHttpTest {

  private static final ZoneId HERE = ZoneId.systemDefault();

  @Test
  void everySaveIsListedWithWhatItChangedAndCanBeRead(@TempDir Path folder) {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String path =
          teacher.post("/api/activities", Samples.threeQuestions("One")).header("Location");
      teacher.put(path, Samples.threeQuestions("Two"), "If-Match", "\"1\"");
      teacher.put(
          path,
          Samples.threeQuestions("Two").replace("Which one, q2?", "Which other?"),
          "If-Match",
          "\"2\"");

      String list = teacher.get(path + "/versions").body();

      assertThat(list)
          .contains(
              "\"changes\":[{\"path\":\"game.questions[q2]\",\"question\":\"q2\",\"number\":2,"
                  + "\"mine\":\"same\",\"theirs\":\"changed\"}]")
          .contains("\"changes\":[{\"path\":\"titlePage.title\"")
          .contains("\"version\":3", "\"version\":2", "\"version\":1");
      assertThat(teacher.get(path + "/versions/1").body()).contains("\"title\":\"One\"");
      assertThat(teacher.get(path + "/versions?before=2").body())
          .contains("\"version\":1")
          .doesNotContain("\"version\":2");
      assertThat(teacher.get(path + "/versions/9").text("detail"))
          .startsWith("This version is not kept any more");
    }
  }

  @Test
  void atNightOldVersionsAreThinnedOutToOneADayButNeverOnesThatAreNeeded(@TempDir Path folder) {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String path =
          teacher.post("/api/activities", Samples.threeQuestions("V1")).header("Location");
      teacher.post(path + "/sittings", "");
      for (int version = 1; version < 8; version++) {
        teacher.put(
            path, Samples.threeQuestions("V" + (version + 1)), "If-Match", "\"" + version + "\"");
      }
      Instant now = Instant.now();
      LocalDate day = LocalDate.ofInstant(now, HERE).minusDays(3);
      // Versions 1 to 4 on one day, 5 and 6 on the next, 7 an hour ago, 8 (the newest) just now.
      for (int version = 1; version <= 4; version++) {
        savedAt(server, version, day.atTime(LocalTime.of(8 + version, 0)).atZone(HERE).toInstant());
      }
      for (int version = 5; version <= 6; version++) {
        savedAt(
            server,
            version,
            day.plusDays(1).atTime(LocalTime.of(8 + version, 0)).atZone(HERE).toInstant());
      }
      savedAt(server, 7, now.minus(Duration.ofHours(1)));

      server.part(VersionRepository.class).atNight(now);

      assertThat(kept(teacher, path)).containsExactly(8, 7, 6, 4, 1);
    }
  }

  @Test
  void whatWasRemovedAMonthAgoIsForgottenWithAllThatHangsOnIt(@TempDir Path folder) {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String path =
          teacher.post("/api/activities", Samples.threeQuestions("Old")).header("Location");
      String code = teacher.post(path + "/link", "").text("code");
      teacher.post(path + "/link?time=150", "");
      Playing.by(server, code).move(Samples.start("start"));
      String front = teacher.post(path + "/sittings", "").text("sitting");
      String drawn = "/api/sittings/" + front + "/pages/q1";
      assertThat(teacher.put(drawn, "{\"strokes\":[],\"open\":true}").status()).isEqualTo(204);
      String kept =
          teacher.post("/api/activities", Samples.threeQuestions("New")).header("Location");
      teacher.send("DELETE", path, null);
      teacher.send("DELETE", kept, null);
      VersionRepository versions = server.part(VersionRepository.class);

      versions.atNight(Instant.now());
      assertThat(teacher.post(path + "/return", "").status()).isEqualTo(204);
      teacher.send("DELETE", path, null);
      versions.atNight(Instant.now().plus(Duration.ofDays(31)));

      assertThat(teacher.post(path + "/return", "").status()).isEqualTo(404);
      assertThat(teacher.get("/api/activities?removed=true").body()).contains("\"total\":0");
    }
  }

  private static void savedAt(TestServer server, int version, Instant at) {
    server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.execute(
                    "update activity_version set saved_at = ? where version = ? and activity_id ="
                        + " (select max(id) from activity)",
                    at.toEpochMilli(),
                    version));
  }

  private static List<Integer> kept(Caller teacher, String path) {
    return teacher.get(path + "/versions").json().asArray().values().stream()
        .map(v -> v.asObject().getInt("version", 0))
        .toList();
  }
}
