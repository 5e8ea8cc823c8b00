package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.media.Pictures;
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

  @Test
  void aTextIsReadOtherwiseLineByLineOrAsAWhole() {
    String quiz = "The hive\n1. Who dances?\na) a worker *\nb) the queen";
    assertThat(questions(quiz)).isEqualTo(1);
    assertThat(read(quiz, "?form=lines").get("questions").asArray()).hasSize(4);
    JsonObject other = read(quiz, "?form=quiz&roles=1:question,4:left");
    assertThat(other.get("questions").asArray()).hasSize(2);
    assertThat(other.get("left").toString()).contains("b) the queen");
    assertThat(teacher.post("/api/questions/understood?form=poem", quiz).status()).isEqualTo(400);
    assertThat(teacher.post("/api/questions/understood?roles=x:y", quiz).status()).isEqualTo(400);
  }

  @Test
  void aFileThatIsNoTextIsNamed() {
    Answer picture = teacher.upload("/api/questions/understood", Pictures.halves("png", 20, 20));

    assertThat(picture.status()).isEqualTo(400);
    assertThat(picture.text("detail")).contains("This is a picture (png)", "under Media");
  }

  @Test
  void whatATableCanNotHoldIsSaid() {
    String path =
        teacher
            .post(
                "/api/activities",
                Samples.threeQuestions("Losses")
                    .replaceFirst("\"questions\": \\[", "\"questions\": [" + NUMBER + ","))
            .header("Location");

    assertThat(teacher.get(path + "/questions/losses").body())
        .contains("\"what\":\"number\",\"questions\":1")
        .contains("\"what\":\"switched-off\"")
        .doesNotContain("formatting");
  }

  private static final String NUMBER =
      "{\"kind\": \"number\", \"id\": \"n\", \"text\": \"How heavy?\", \"feedback\": {},"
          + " \"off\": true, \"value\": \"3\", \"units\": [\"kg\", \"g\"]}";

  private JsonObject read(String text, String query) {
    return teacher
        .post("/api/questions/understood" + query, text)
        .json()
        .asObject()
        .get("understood")
        .asObject();
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
