package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A word hunt over HTTP: what leaves the server, and what it takes. */
class WordHuntHttpTest {

  private static final String HUNT =
      """
      {"bravium": 1, "titlePage": {"title": "Tools", "tags": []},
       "game": {"kind": "word-hunt", "text": "What is on the bench?",
                "things": [{"id": "t1", "names": ["smoker", "puffer"]},
                           {"id": "t2", "names": ["veil"]}],
                "entries": 3, "list": "blanks", "comparing": {}, "oneByOne": false,
                "letters": true, "pick": true, "decoys": ["kettle"], "again": true},
       "rules": {"questionOrder": "mixed", "optionOrder": "mixed", "worth": 1, "passMark": 80,
                 "thinking": []},
       "endings": {"win": {}, "lose": {}}}""";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private String activity;
  private Playing learner;
  private int keys;

  @BeforeEach
  void aLearnerComesByTheLink() {
    activity = teacher.post("/api/activities", HUNT).text("id");
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    learner = Playing.by(server, code);
  }

  private Answer move(String action) {
    return learner.move(Samples.move("key " + keys++, action));
  }

  private Answer enter(String text) {
    return move(Json.object().add("kind", "enter").add("text", text).toString());
  }

  @Test
  void noNameLeavesTheServerBeforeItIsFound() {
    String began = move("{\"kind\": \"start\"}").body();
    String missed = enter("lamp").body();
    assertThat(began + missed).doesNotContain("smoker", "puffer", "veil", "kettle");

    String found = enter("Puffer").body();
    assertThat(found).contains("smoker").doesNotContain("\"puffer", "veil");
    assertThat(move("{\"kind\": \"show-names\"}").body()).contains("kettle", "veil");
  }

  @Test
  void whatIsNoNameIsRefusedInWordsAndCostsNothing() {
    move("{\"kind\": \"start\"}");

    assertThat(enter("x".repeat(10_000)).status()).isEqualTo(409);
    assertThat(enter("?!").body()).contains("no letters");
    assertThat(enter("x".repeat(30_000)).status()).isEqualTo(400);
    for (String text : new String[] {"\u202eliev", "🐝", "улей", "<script>"}) {
      assertThat(enter(text).status()).isIn(200, 409);
    }
    assertThat(enter("veil").status()).as("three entries are used up").isEqualTo(409);
  }

  @Test
  void resultsHoldEveryEntry() {
    move("{\"kind\": \"start\"}");
    enter("lamp");
    enter("veil");
    enter("veil");
    enter("smoker");
    JsonObject game =
        teacher
            .get("/api/activities/" + activity + "/results")
            .json()
            .asObject()
            .get("games")
            .asArray()
            .get(0)
            .asObject();
    assertThat(game.get("outcome").asObject().getBoolean("won", false)).isTrue();

    JsonObject answers =
        teacher.get("/api/results/" + game.getString("sitting", "")).json().asObject();
    assertThat(answers.get("entries").asArray()).hasSize(4);
    assertThat(answers.get("answers").asArray()).hasSize(2);
  }
}
