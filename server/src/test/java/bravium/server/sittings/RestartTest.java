package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Samples;
import bravium.server.TestServer;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RestartTest {

  @TempDir Path folder;

  @Test
  void afterARestartEverythingIsWhereItWas() {
    try (TestServer server = TestServer.start(folder)) {
      Caller teacher = Caller.teacher(server);
      String activity = teacher.post("/api/activities", Samples.threeQuestions("Stays")).text("id");
      String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
      Caller learner = Caller.stranger(server);
      Caller.Answer opened = learner.post("/api/links/" + code + "/sittings", "");
      String[] bearer = {"Authorization", "Bearer " + opened.text("token")};
      String play = "/api/play/" + opened.text("sitting");
      learner.post(play + "/moves", Samples.start("k1"), bearer);
      learner.post(play + "/moves", Samples.pick("k2", "q1", "r"), bearer);
      var before = learner.get(play, bearer).json().asObject().get("showing").asObject();
      int activities = teacher.get("/api/activities/facets").json().asObject().getInt("all", 0);

      server.restart();

      var after = learner.get(play, bearer).json().asObject().get("showing").asObject();
      assertThat(after.remove("at")).isEqualTo(before.remove("at"));
      assertThat(learner.post(play + "/moves", Samples.pick("k2", "q1", "r"), bearer).body())
          .contains("\"repeated\":true");
      assertThat(teacher.get("/api/activities/" + activity).status())
          .as("nobody is signed out by a restart")
          .isEqualTo(200);
      Caller again = Caller.teacher(server);
      assertThat(again.get("/api/activities/" + activity).body()).contains("Stays");
      assertThat(again.get("/api/activities/facets").json().asObject().getInt("all", 0))
          .isEqualTo(activities);
    }
  }
}
