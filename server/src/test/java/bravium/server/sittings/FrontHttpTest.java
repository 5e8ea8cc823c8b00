package bravium.server.sittings;

import static bravium.server.data.schema.Tables.BESIDE_PAGE;
import static bravium.server.data.schema.Tables.SITTING;
import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.data.Writer;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Plays at the front of the class: teams, one question alone, boards. */
class FrontHttpTest {

  private static final String TEAMS =
      """
      "passMark": 60, "teams": {"turns": "in-order", "decider": false,
       "takeOver": {"worth": 5},
       "list": [{"name": "Willow", "sign": "leaf"}, {"name": "Rowan", "sign": "kite"}]}""";

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void atTheFrontTheTeamsPlayAndALearnerOnHerOwnDevicePlaysAlone() {
    String activity = add(Samples.threeQuestions("Teams").replace("\"passMark\": 60", TEAMS));
    Answer opened = teacher.post("/api/activities/" + activity + "/sittings", "");
    assertThat(opened.status()).isEqualTo(201);
    JsonArray teams = opened.json().asObject().get("opening").asObject().get("teams").asArray();
    assertThat(teams).hasSize(2);

    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    assertThat(learner.showing().get("teams").asArray()).isEmpty();
    // Who plays on her own device can't give herself anything.
    Answer gift =
        learner.move(Samples.move("g", "{\"kind\":\"give-points\",\"team\":0,\"points\":9}"));
    assertThat(gift.status()).isEqualTo(409);
    assertThat(gift.body()).contains("Only the teacher can do this. Nothing was changed.");
  }

  @Test
  void whatATeamDidIsThereAfterTheServerReadsItAnew() {
    String activity = add(Samples.threeQuestions("Kept").replace("\"passMark\": 60", TEAMS));
    String sitting = teacher.post("/api/activities/" + activity + "/sittings", "").text("sitting");
    move(sitting, Samples.start("k1"));
    move(sitting, Samples.pick("k2", "q1", "w"));
    move(sitting, Samples.goOn("k3", "q1"));
    move(sitting, Samples.pick("k4", "q1", "r").replace("\"attempt\": 1", "\"attempt\": 2"));
    Answer given =
        move(sitting, Samples.move("k5", "{\"kind\":\"give-points\",\"team\":0,\"points\":3}"));

    assertThat(points(given)).containsExactly(3, 5);
    assertThat(teacher.get("/api/sittings/" + sitting).json().asObject().get("moves").asArray())
        .hasSize(5);
  }

  @Test
  void oneQuestionIsShownAlone() {
    String activity = add(Samples.threeQuestions("Alone"));
    String path = "/api/activities/" + activity + "/sittings?only=q2";
    String sitting = teacher.post(path, "").text("sitting");
    JsonObject shown =
        move(sitting, Samples.start("k1")).json().asObject().get("showing").asObject();

    assertThat(shown.get("question").asObject().getString("id", "")).isEqualTo("q2");
    assertThat(shown.get("markers").asArray()).hasSize(1);
    Answer struck = move(sitting, Samples.move("k2", "{\"kind\":\"strike\",\"question\":\"q2\"}"));
    assertThat(struck.body()).contains("\"option\":\"w\"");
  }

  @Test
  void whatWasDrawnOnAPageIsThereOnTheTeachersOtherDevice() {
    String pages = pagesOfANewGame("Drawn");
    String drawn =
        "{\"strokes\":[{\"points\":[12.5,300,50,14,301.2,70],\"light\":true}],\"open\":true}";

    assertThat(teacher.put(pages + "/q1", drawn).status()).isEqualTo(204);
    assertThat(teacher.put(pages + "/title", "{\"strokes\":[],\"open\":false}").status())
        .isEqualTo(204);

    Answer elsewhere = Caller.teacher(server).get(pages);
    assertThat(elsewhere.body())
        .isEqualTo(
            "{\"q1\":{\"strokes\":[{\"points\":[12.5,300.0,50.0,14.0,301.2,70.0],"
                + "\"light\":true}],\"open\":true}}");
    teacher.put(pages + "/q1", "{\"strokes\":[],\"open\":false}");
    assertThat(teacher.get(pages).body()).isEqualTo("{}");
  }

  @Test
  void whatNoPenDrewIsRefusedAndWhatWasKeptStays() {
    String pages = pagesOfANewGame("Scribbled");
    teacher.put(pages + "/q1", "{\"strokes\":[],\"open\":true}");

    for (String body :
        List.of(
            "{\"open\":true}",
            "{\"strokes\":[null],\"open\":true}",
            "{\"strokes\":[{\"points\":[1,2],\"light\":false}],\"open\":true}",
            "{\"strokes\":[{\"points\":[1,2,1e300],\"light\":false}],\"open\":true}",
            "{\"strokes\":[{\"light\":false}],\"open\":true}")) {
      Answer refused = teacher.put(pages + "/q1", body);
      assertThat(refused.status()).as(body).isEqualTo(400);
      assertThat(refused.body()).contains("no strokes of the pen");
    }
    for (String page : List.of("q".repeat(101), "q4", "START", "guesses")) {
      Answer refused = teacher.put(pages + "/" + page, "{\"strokes\":[],\"open\":true}");
      assertThat(refused.status()).as(page).isEqualTo(400);
      assertThat(refused.body()).contains("no such page");
    }
    String many =
        "{\"points\":[],\"light\":false},".repeat(5_000) + "{\"points\":[],\"light\":true}";
    String endless = "{\"points\":[" + "1,1,1,".repeat(100_000) + "1,1,1],\"light\":false}";
    for (String strokes : List.of(many, endless)) {
      Answer tooMany = teacher.put(pages + "/q1", "{\"strokes\":[" + strokes + "],\"open\":true}");
      assertThat(tooMany.status()).isEqualTo(413);
      assertThat(tooMany.body()).contains("up to 5,000 strokes");
    }
    assertThat(teacher.get(pages).body()).isEqualTo("{\"q1\":{\"strokes\":[],\"open\":true}}");
    assertThat(teacher.get("/api/sittings/nosuchsitting/pages").status()).isEqualTo(404);
  }

  @Test
  void aGameKeepsManyFullPagesAndSaysWhenItIsFull() {
    String pages = pagesOfANewGame("Full");
    // Each point as far from the last as can be: what takes the most room.
    String far = "-99999.9,-99999.9,0,99999.9,99999.9,100,";
    String points = far.repeat(50_000).replaceAll(",$", "");
    String full = "{\"strokes\":[{\"points\":[" + points + "],\"light\":false}],\"open\":true}";

    for (String page : List.of("q1", "q2", "q3")) {
      assertThat(teacher.put(pages + "/" + page, full).status()).isEqualTo(204);
    }
    int kept = teacher.get(pages).body().length();
    Answer refused = teacher.put(pages + "/end", full);
    assertThat(refused.status()).isEqualTo(413);
    assertThat(refused.body()).contains("The pages of this game are full of strokes.");
    // A page takes its own place anew.
    assertThat(teacher.put(pages + "/q3", full).status()).isEqualTo(204);
    assertThat(teacher.get(pages).body()).hasSize(kept);
  }

  @Test
  void whatWasDrawnInAnEarlierVersionIsStillThere() {
    String pages = pagesOfANewGame("Drawn long ago");
    teacher.put(pages + "/q1", "{\"strokes\":[],\"open\":true}");
    String points = "\"points\":[12.5,300.0,50.0],\"light\":true";
    server
        .part(Writer.class)
        .write(
            dsl ->
                dsl.update(BESIDE_PAGE)
                    .set(
                        BESIDE_PAGE.DOCUMENT,
                        "{\"strokes\":[{" + points + ",\"on\":null}],\"open\":false}")
                    .where(
                        BESIDE_PAGE.SITTING_ID.eq(
                            dsl.select(SITTING.ID)
                                .from(SITTING)
                                .where(SITTING.PUBLIC_ID.eq(pages.split("/")[3]))
                                .fetchSingle(SITTING.ID)))
                    .execute());
    assertThat(teacher.get(pages).body()).contains(points);
  }

  private String pagesOfANewGame(String title) {
    String activity = add(Samples.threeQuestions(title));
    String opened = teacher.post("/api/activities/" + activity + "/sittings", "").text("sitting");
    return "/api/sittings/" + opened + "/pages";
  }

  @Test
  void aLearnerPicksOnATrailAndIsToldClearlyWhatIsNotOpen() {
    String trail =
        "{\"kind\": \"trail\", \"markers\": [{\"question\": \"q1\", \"x\": 100, \"y\": 100}]}";
    String activity = add(Samples.threeQuestions("Trail").replace("{\"kind\": \"line\"}", trail));
    String code = teacher.post("/api/activities/" + activity + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    learner.move(Samples.start("k1"));
    assertThat(learner.showing().getString("stage", "")).isEqualTo("board");
    learner.move(Samples.move("k2", "{\"kind\":\"pick\",\"question\":\"q3\"}"));
    learner.move(Samples.pick("k3", "q3", "r"));
    learner.move(Samples.goOn("k4", "q3"));

    Answer again = learner.move(Samples.move("k5", "{\"kind\":\"pick\",\"question\":\"q3\"}"));
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.body()).contains("This is not open now");
  }

  @Test
  void aBoardThatCanNotBeIsRefusedInWordsAndNothingIsLost() {
    String activity = add(Samples.threeQuestions("Odd board"));
    for (String board :
        new String[] {
          "{\"kind\": \"climb\", \"steps\": 2, \"rise\": \"even\"}",
          "{\"kind\": \"climb\", \"steps\": 5, \"rise\": \"even\", \"rests\": [0]}",
          "{\"kind\": \"trail\", \"markers\": [{\"question\": \"q1\", \"x\": -1, \"y\": 0}]}",
          "{\"kind\": \"trail\", \"markers\": [{\"question\": \"q1\", \"x\": 1, \"y\": 0},"
              + " {\"question\": \"q1\", \"x\": 2, \"y\": 0}]}"
        }) {
      String odd = Samples.threeQuestions("Odd board").replace("{\"kind\": \"line\"}", board);
      Answer refused = teacher.post("/api/activities", odd);
      assertThat(refused.status()).as(board).isEqualTo(400);
      assertThat(refused.body()).contains("$.game.board");
    }
    assertThat(teacher.get("/api/activities/" + activity).status()).isEqualTo(200);
  }

  private String add(String activity) {
    return teacher.post("/api/activities", activity).text("id");
  }

  private Answer move(String sitting, String move) {
    return teacher.post("/api/sittings/" + sitting + "/moves", move);
  }

  private static java.util.List<Integer> points(Answer answer) {
    return answer
        .json()
        .asObject()
        .get("showing")
        .asObject()
        .get("teams")
        .asArray()
        .values()
        .stream()
        .map(side -> side.asObject().getInt("points", 0))
        .toList();
  }
}
