package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import org.junit.jupiter.api.Test;

class QuestionsHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void aTextIsUnderstoodAndNothingIsChanged() {
    JsonObject taken = understood("Who lays eggs?\tthe queen\ta drone\nkind\n");

    assertThat(taken.getString("text", "")).startsWith("Who lays eggs?");
    JsonObject understood = taken.get("understood").asObject();
    assertThat(understood.get("questions").toString())
        .contains("\"kind\":\"pick-one\"", "the queen");
    assertThat(understood("").get("understood").asObject().get("questions").asArray()).isEmpty();
  }

  @Test
  void nobodyButATeacherCanAsk() {
    assertThat(Caller.stranger(server).post("/api/questions/understood", "a\tb").status())
        .isIn(401, 403);
  }

  @Test
  void tooLargeATextGetsAClearWord() {
    Answer answer = teacher.post("/api/questions/understood", "q\tr\n".repeat(1_100_000));

    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.text("detail")).contains("4 MB");
  }

  @Test
  void theQuestionsGoOutAsATableAndAsAListAndAreUnderstoodAgain() {
    String path =
        teacher.post("/api/activities", Samples.threeQuestions("Out: and in")).header("Location");

    Answer table = teacher.get(path + "/questions.csv");
    assertThat(table.body()).startsWith("\uFEFFkind,question,right,wrong");
    assertThat(table.header("Content-Disposition")).contains("Out_");
    assertThat(questions(table.body())).isEqualTo(3);
    Answer list = teacher.get(path + "/questions.md");
    assertThat(list.body()).contains("- [x] this");
    assertThat(questions(list.body())).isEqualTo(3);
    assertThat(teacher.get("/api/activities/nothing/questions.csv").status()).isEqualTo(404);
  }

  private int questions(String text) {
    return understood(text).get("understood").asObject().get("questions").asArray().size();
  }

  private JsonObject understood(String text) {
    Answer answer = teacher.post("/api/questions/understood", text);
    assertThat(answer.status()).isEqualTo(200);
    return answer.json().asObject();
  }
}
