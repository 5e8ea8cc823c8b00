package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.media.Pictures;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A picture reveal over HTTP: of the covered picture only what is lifted leaves the server. */
class PictureRevealHttpTest {

  private static final String REVEAL =
      """
      {"bravium": 1, "titlePage": {"title": "Halves", "tags": []},
       "game": {"kind": "picture-reveal", "picture": {"medium": "%s", "alt": "Red and blue",
                "width": 200, "height": 100}, "cut": {"rows": 1, "columns": 2, "uneven": []},
                "pieces": [{"id": "left", "said": "All red"}, {"id": "right", "said": "All blue"}],
                "questions": [%s, %s], "accepted": ["a flag"], "comparing": {},
                "guessing": {"first": 100, "less": 10, "anyTeam": false}, "byPieces": false},
       "rules": {"questionOrder": "as-written", "optionOrder": "as-written", "worth": 10,
                 "passMark": 80, "thinking": []},
       "endings": {"win": {}, "lose": {}}}""";

  private static final String SVG_WITH_LINKS =
      """
      <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"
        width="200" height="100"><image width="200" height="100"
        xlink:href="http://localhost:9/secret.png"/><use xlink:href="file:///etc/passwd#a"/>
        <rect width="100" height="100" fill="#f00"/>
        <rect x="100" width="100" height="100" fill="#00f"/></svg>""";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private int keys;

  private static String question(String id) {
    return """
        {"kind": "pick-one", "id": "%1$s", "text": "Which is %1$s?", "feedback": {}, "hints": [],
         "options": [{"id": "a", "text": "this", "right": true, "pinned": false},
                     {"id": "b", "text": "that", "right": false, "pinned": false}]}"""
        .formatted(id);
  }

  private String medium(byte[] file) {
    return teacher.upload("/api/media?title=Halves", file).text("medium");
  }

  private Playing begun(String medium) {
    String reveal = REVEAL.formatted(medium, question("q1"), question("q2"));
    String activity = teacher.post("/api/activities", reveal).text("id");
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    move(learner, "{\"kind\": \"start\"}");
    return learner;
  }

  private Answer move(Playing learner, String action) {
    return learner.move(Samples.move("key " + keys++, action));
  }

  private void lift(Playing learner, String question) {
    move(learner, "{\"kind\": \"pick\", \"question\": \"%s\"}".formatted(question));
    move(
        learner,
        """
        {"kind": "answer", "question": "%s", "attempt": 1,
         "response": {"kind": "picked", "option": "a"}}"""
            .formatted(question));
    move(learner, "{\"kind\": \"continue\", \"question\": \"%s\"}".formatted(question));
  }

  private static JsonArray pieces(Playing learner) {
    return learner.showing().get("scene").asObject().get("pieces").asArray();
  }

  private static String part(Playing learner, int piece) {
    return pieces(learner).get(piece).asObject().getString("part", null);
  }

  private BufferedImage picture(Playing learner, String name) throws IOException {
    String path = "/api/play/" + learner.sitting() + "/media/" + name;
    byte[] bytes = learner.bytes(path);
    return ImageIO.read(new ByteArrayInputStream(bytes));
  }

  /** The colours of a picture that are more than noise: whether there is red, and blue. */
  private static Set<String> colours(BufferedImage picture) {
    Set<String> colours = new LinkedHashSet<>();
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        Color colour = new Color(picture.getRGB(x, y));
        if (colour.getRed() > colour.getBlue() + 40) {
          colours.add("red");
        } else if (colour.getBlue() > colour.getRed() + 40) {
          colours.add("blue");
        }
      }
    }
    return colours;
  }

  /** Bytes: no response before a piece is lifted holds its pixels, compared as decoded. */
  @Test
  void onlyLiftedPiecesLeaveTheServer() throws IOException {
    String medium = medium(Pictures.halves("png", 200, 100));
    Playing learner = begun(medium);
    String covered = learner.showing().toString();
    assertThat(covered).doesNotContain(medium, "Red and blue", "All red", "a flag");
    assertThat(part(learner, 0)).isNull();
    assertThat(learner.get("/media/" + medium).status()).isEqualTo(404);
    assertThat(learner.get("/media/" + medium + "~0.0.500.1000").status()).isEqualTo(404);

    lift(learner, "q1");
    String left = part(learner, 0);
    assertThat(left).matches("[0-9a-f]{32}");
    assertThat(part(learner, 1)).isNull();
    BufferedImage lifted = picture(learner, left);
    assertThat(lifted.getWidth()).isEqualTo(100);
    assertThat(colours(lifted)).containsExactly("red");
    assertThat(learner.showing().toString()).contains("All red").doesNotContain("All blue");

    Playing second = begun(medium);
    assertThat(second.get("/media/" + left).status()).as("names are a play's own").isEqualTo(404);

    move(learner, "{\"kind\": \"guess\", \"text\": \"A flag!\"}");
    JsonObject scene = learner.showing().get("scene").asObject();
    JsonObject whole = scene.get("picture").asObject();
    assertThat(whole.getString("alt", "")).isEqualTo("Red and blue");
    assertThat(colours(picture(learner, whole.getString("medium", ""))))
        .containsExactlyInAnyOrder("red", "blue");
    assertThat(scene.getString("answer", "")).isEqualTo("a flag");
  }

  /** Hostile: small, even, moving, drawn with links, lying on its side. */
  @Test
  void whateverThePictureItIsCutAndMeasured() throws IOException {
    Map<String, byte[]> files =
        Map.of(
            "one pixel", Pictures.halves("png", 1, 1),
            "moving", Pictures.movingGif(),
            "drawn", SVG_WITH_LINKS.getBytes(StandardCharsets.UTF_8),
            "on its side", Pictures.fromACamera(200, 100),
            "twelve megapixels", Pictures.halves("jpg", 4_000, 3_000));
    for (Map.Entry<String, byte[]> file : files.entrySet()) {
      String medium = medium(file.getValue());
      Answer detail = teacher.get("/api/media/" + medium + "/detail");
      assertThat(detail.status()).as(file.getKey()).isEqualTo(200);
      int all = 0;
      for (JsonValue cell : detail.json().asObject().get("cells").asArray()) {
        all += cell.asInt();
      }
      assertThat(all).as(file.getKey()).isIn(0, 1_000_000);
      Playing learner = begun(medium);
      lift(learner, "q1");
      assertThat(picture(learner, part(learner, 0)).getWidth()).as(file.getKey()).isPositive();
      if (file.getKey().equals("drawn")) {
        assertThat(colours(picture(learner, part(learner, 0)))).containsExactly("red");
      }
    }
    assertThat(Caller.stranger(server).get("/api/media/" + "a".repeat(64) + "/detail").status())
        .isEqualTo(401);
    String sound = medium(Pictures.wav());
    assertThat(teacher.get("/api/media/" + sound + "/detail").status()).isEqualTo(404);
  }

  @Test
  void tenThousandCharactersAreNoGuessAndResultsHoldEveryOne() {
    Playing learner = begun(medium(Pictures.halves("png", 200, 100)));
    assertThat(move(learner, guess("x".repeat(10_000))).status()).isEqualTo(409);
    assertThat(move(learner, guess("x".repeat(30_000))).status()).isEqualTo(400);
    for (String text : List.of("a bee", "A BEE", "\u202eliev", "<script>")) {
      assertThat(move(learner, guess(text)).status()).isEqualTo(200);
    }
    assertThat(move(learner, guess("?!")).body()).contains("no letters");
    String told = learner.showing().get("scene").asObject().get("told").toString();
    assertThat(told).contains("a bee", "<script>");
  }

  @Test
  void whatFewerGotRightCountsAsHarder() {
    String reveal =
        REVEAL.formatted(medium(Pictures.halves("png", 200, 100)), question("q1"), question("q2"));
    String activity = teacher.post("/api/activities", reveal).text("id");
    String path = "/api/activities/" + activity + "/results/from-easy";
    assertThat(teacher.get(path).body()).isEqualTo("[]");
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    move(learner, "{\"kind\": \"start\"}");
    lift(learner, "q2");
    move(learner, "{\"kind\": \"pick\", \"question\": \"q1\"}");
    move(
        learner,
        """
        {"kind": "answer", "question": "q1", "attempt": 1,
         "response": {"kind": "picked", "option": "b"}}""");
    assertThat(teacher.get(path).body()).isEqualTo("[\"q2\",\"q1\"]");
    assertThat(Caller.stranger(server).get(path).status()).isEqualTo(401);
  }

  private static String guess(String text) {
    return com.eclipsesource.json.Json.object().add("kind", "guess").add("text", text).toString();
  }
}
