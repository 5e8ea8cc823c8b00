package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import org.junit.jupiter.api.Test;

/** Games of classes among all the others that came back from an activity. */
class ClassResultsHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private final String activity =
      teacher.post("/api/activities", Samples.threeQuestions("By class and link")).text("id");
  private final String code =
      teacher.post("/api/activities/" + activity + "/link", "").text("code");

  private void byLink() {
    Playing.by(server, code).move(Samples.start("start"));
  }

  private String given(String inClass) {
    JsonObject terms =
        Json.object()
            .add("counts", "best")
            .add("told", "at-once")
            .add("atClosing", "finish")
            .add("marks", "at-once");
    return teacher
        .post(
            "/api/classes/" + inClass + "/assignments",
            Json.object().add("activity", activity).add("terms", terms).toString())
        .text("id");
  }

  private JsonObject results(String query) {
    return teacher.get("/api/activities/" + activity + "/results" + query).json().asObject();
  }

  @Test
  void gamesOfAClassAreFoundByTheClassAndTheNameWhateverCameByALink() {
    JsonObject view =
        teacher
            .post("/api/classes", "{\"name\": \"Herons\", \"door\": \"open\"}")
            .json()
            .asObject();
    String inClass = view.get("card").asObject().getString("id", "");
    Pupil mia = Pupil.joins(server, view.getString("code", ""), "Mia");
    String given = given(inClass);
    mia.begins(given);
    mia.move("{\"kind\": \"start\"}");
    byLink();
    byLink();

    JsonObject all = results("");
    assertThat(all.getInt("total", 0)).isEqualTo(3);
    assertThat(all.get("sources").toString())
        .isEqualTo(
            "[{\"from\":\""
                + inClass
                + "\",\"name\":\"Herons\",\"games\":1},{\"from\":\"link\",\"games\":2}]");
    JsonObject herons = results("?from=" + inClass);
    assertThat(herons.getInt("total", 0)).isEqualTo(1);
    JsonObject game = herons.get("games").asArray().get(0).asObject();
    assertThat(game.getString("inClass", "")).isEqualTo("Herons");
    assertThat(results("?from=link").getInt("total", 0)).isEqualTo(2);
    assertThat(results("?name=MI").getInt("total", 0)).isEqualTo(1);
    assertThat(results("?name=%25").getInt("total", 0)).isZero();
    assertThat(teacher.get("/api/results").body())
        .contains("\"title\":\"By class and link\",\"games\":3,\"ended\":0,\"inClasses\":1");

    Answer refused = teacher.send("DELETE", "/api/results/" + game.getString("sitting", ""), null);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text("detail")).contains("belongs to a class");
    assertThat(
            teacher
                .send("DELETE", "/api/activities/" + activity + "/results?from=" + inClass, null)
                .status())
        .isEqualTo(400);
  }
}
