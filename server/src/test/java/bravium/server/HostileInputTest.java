package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever is sent, the answer is a problem in words and never a fault of the server. */
class HostileInputTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void brokenBodiesAreRefusedInWords() {
    String good = Samples.threeQuestions("Good");
    List<String> bodies =
        new ArrayList<>(
            List.of(
                "",
                "null",
                "[]",
                "\"text\"",
                "{",
                "{}",
                "[".repeat(50_000),
                "{\"bravium\":1e999}",
                "{\"bravium\":1}",
                "\u0000",
                good.replace("quiz-show", "\\ud800"),
                good.replace("\"passMark\": 60", "\"passMark\": 1e400")));
    Random random = new Random(7);
    for (int i = 0; i < 150; i++) {
      int cut = random.nextInt(good.length());
      bodies.add(good.substring(0, cut));
      bodies.add(good.substring(0, cut) + "]}\"\\".charAt(random.nextInt(4)) + good.substring(cut));
    }
    for (String body : bodies) {
      Answer answer = teacher.post("/api/activities", body);
      assertThat(answer.status()).as(body).isIn(201, 400);
      if (answer.status() == 400) {
        assertThat(answer.text("detail")).as(body).endsWith("Nothing was changed.");
      }
    }
  }

  @Test
  void oddAddressesMethodsAndTypesAreRefusedInWords() {
    String id = teacher.post("/api/activities", Samples.threeQuestions("Odd")).text("id");
    String code = teacher.post("/api/activities/" + id + "/link", "").text("code");
    List<Answer> answers =
        List.of(
            teacher.get("/api/nothing"),
            teacher.get("/api/activities/%00"),
            teacher.get("/api/activities/..%2f..%2fetc"),
            teacher.get("/api/links/" + "x".repeat(3_000)),
            teacher.get("/api/links/%F0%9F%90%9D"),
            teacher.send("DELETE", "/api/activities/" + id, null),
            teacher.send("PATCH", "/api/links/" + code, "{}"),
            teacher.post("/api/links/" + code + "/sittings", "{", "Authorization", "Bearer "),
            teacher.post(
                "/api/play/nonsense/moves", Samples.start("k"), "Authorization", "Basic x"),
            teacher.post("/api/sittings/nonsense/moves", "{\"key\":\"\"}"),
            teacher.post("/api/sittings/nonsense/moves", Samples.start("k".repeat(65))),
            teacher.exchange(
                "POST", "/api/links/" + code + "/sittings", "x", "Content-Type", "a/b"));

    assertThat(answers).allSatisfy(answer -> assertThat(answer.status()).isLessThan(500));
  }
}
