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
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.stream.Collector;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** An escape over HTTP: what lies behind a lock leaves the server once it is open. */
class EscapeRoomHttpTest {

  private static final String ESCAPE =
      """
      {"bravium": 1, "titlePage": {"title": "Behind locks", "tags": []},
       "game": {"kind": "escape-room",
         "rooms": [{"id": "r1", "name": "The yard", "open": false,
                    "picture": {"medium": "%1$s", "alt": "A yard", "width": 200, "height": 100}},
                   {"id": "r2", "name": "Secret chamber", "open": false,
                    "picture": {"medium": "%2$s", "alt": "Gold", "width": 60, "height": 40}}],
         "things": [{"id": "t1", "room": "r2", "name": "A chest of gold", "helps": [],
                     "scenery": true}],
         "covers": [%3$s], "pieces": [],
         "locks": [{"id": "q1", "room": "r1", "name": "", "by": {"kind": "answer", "wheels": false},
                    "does": [%4$s, {"kind": "opens-way", "room": "r2"}]},
                   {"id": "q2", "room": "r2", "name": "", "by": {"kind": "answer", "wheels": false},
                    "does": [{"kind": "leads-out"}]}],
         "questions": [%5$s, %6$s],
         "prices": {"wrong": 0, "closed": 0, "hint": 0}},
       "rules": {"questionOrder": "as-written", "optionOrder": "as-written", "worth": 10,
                 "passMark": 80, "thinking": []},
       "endings": {"win": {}, "lose": {}}}""";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private int keys;

  private static String question(String id) {
    return """
        {"kind": "typed-text", "id": "%1$s", "text": "What is %1$s?", "feedback": {}, "hints": [],
         "accepted": ["key of %1$s"], "mistakes": [], "comparing": {}}"""
        .formatted(id);
  }

  /** A cover over the right half and a little more. */
  private static String cover(int number) {
    return """
        {"id": "c%d", "room": "r1", "name": "", "place": {"id": "", "name": "", "form": "rectangle",
         "corners": [{"x": %d, "y": 0}, {"x": 1000, "y": 1000}], "right": true}}"""
        .formatted(number, 490 + number);
  }

  private String medium(byte[] file) {
    return teacher.upload("/api/media?title=Room", file).text("medium");
  }

  private Playing begun(String first, String second, int covers) {
    String all = IntStream.range(0, covers).mapToObj(EscapeRoomHttpTest::cover).collect(joined());
    String gone =
        IntStream.range(0, covers)
            .mapToObj(i -> "{\"kind\": \"uncovers\", \"cover\": \"c" + i + "\"}")
            .collect(joined());
    String escape = ESCAPE.formatted(first, second, all, gone, question("q1"), question("q2"));
    String activity = teacher.post("/api/activities", escape).text("id");
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    move(learner, "{\"kind\": \"start\"}");
    return learner;
  }

  private static Collector<CharSequence, ?, String> joined() {
    return Collectors.joining(", ");
  }

  private Answer move(Playing learner, String action) {
    return learner.move(Samples.move("key " + keys++, action));
  }

  private Answer answer(Playing learner, String lock) {
    return move(
        learner,
        """
        {"kind": "answer", "question": "%1$s", "attempt": 1,
         "response": {"kind": "typed", "text": "key of %1$s"}}"""
            .formatted(lock));
  }

  private static JsonObject room(Playing learner, int room) {
    JsonArray rooms = learner.showing().get("scene").asObject().get("rooms").asArray();
    return rooms.get(room).asObject();
  }

  private static boolean blue(Playing learner, String name) throws IOException {
    byte[] bytes = learner.bytes("/api/play/" + learner.sitting() + "/media/" + name);
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(bytes));
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        Color colour = new Color(picture.getRGB(x, y));
        if (colour.getBlue() > colour.getRed() + 40) {
          return true;
        }
      }
    }
    return false;
  }

  @Test
  void whatIsBehindALockOrUnderACoverStaysOnTheServer() throws IOException {
    String yard = medium(Pictures.halves("png", 200, 100));
    String gold = medium(Pictures.halves("jpg", 60, 40));
    Playing learner = begun(yard, gold, 1);
    String before = learner.showing().toString();
    assertThat(before)
        .contains("The yard")
        .doesNotContain("Secret chamber", "gold", "Gold", "What is q2", "key of", yard);
    assertThat(learner.get("/media/" + yard).status()).isEqualTo(404);
    assertThat(learner.get("/media/" + gold).status()).isEqualTo(404);
    String part = room(learner, 0).getString("part", null);
    assertThat(part).matches("[0-9a-f]{32}");
    assertThat(blue(learner, part)).as("the right half is painted out").isFalse();

    assertThat(answer(learner, "q2").status()).as("it was not met").isEqualTo(409);
    answer(learner, "q1");
    assertThat(room(learner, 0).getString("part", null)).isNull();
    assertThat(blue(learner, room(learner, 0).getString("picture", ""))).isTrue();
    assertThat(room(learner, 1).getString("name", "")).isEqualTo("Secret chamber");
    assertThat(blue(learner, room(learner, 1).getString("picture", ""))).isTrue();
    assertThat(learner.get("/media/" + part).status())
        .as("it is none of hers any more")
        .isEqualTo(404);
    answer(learner, "q2");
    assertThat(learner.showing().getString("stage", "")).isEqualTo("end");
  }

  /** Hostile: so many covers that no file could be called after all of them. */
  @Test
  void aRoomFullOfCoversIsShown() throws IOException {
    Playing learner = begun(medium(Pictures.halves("png", 200, 100)), "b".repeat(64), 35);
    assertThat(blue(learner, room(learner, 0).getString("part", ""))).isFalse();
  }

  @Test
  void aLearnerOpensNoLockForHerself() {
    Playing learner = begun(medium(Pictures.halves("png", 200, 100)), "b".repeat(64), 1);
    Answer refused = move(learner, "{\"kind\": \"open-lock\", \"lock\": \"q1\"}");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(
            move(
                    learner,
                    "{\"kind\": \"use-pieces\", \"lock\": \"q1\", \"attempt\": 1, \"pieces\": []}")
                .status())
        .isEqualTo(409);
    assertThat(move(learner, "{\"kind\": \"stop-escaping\"}").status()).isEqualTo(200);
    assertThat(learner.showing().getString("stage", "")).isEqualTo("end");
  }
}
