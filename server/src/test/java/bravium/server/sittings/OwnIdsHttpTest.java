package bravium.server.sittings;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Playing;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** An id tells nothing: neither of what is right, nor from one play to the next. */
class OwnIdsHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);

  @Test
  void noIdOfAnActivityLeavesTheServerForWhoPlays() {
    JsonValue activities = teacher.get("/api/activities").json().asObject().get("cards");
    assertThat(activities.asArray()).isNotEmpty();
    for (JsonValue card : activities.asArray()) {
      String id = card.asObject().getString("id", "");
      Set<String> ids = new TreeSet<>();
      collect(teacher.get("/api/activities/" + id).json().asObject().get("activity"), ids);
      Playing learner =
          Playing.by(server, teacher.post("/api/activities/" + id + "/link", "").text("code"));
      List<Answer> answers =
          List.of(learner.get(""), learner.move(Samples.start("start")), learner.get(""));
      for (Answer answer : answers) {
        Set<String> shown = new TreeSet<>();
        collect(answer.json(), shown);
        assertThat(shown).as(answer.body()).doesNotContainAnyElementsOf(ids);
      }
    }
  }

  @Test
  void aThousandPlaysTellNothingByOrderLengthOrSpelling() {
    String code = "";
    int plays = Integer.getInteger("bravium.plays", 60);
    int first = 0;
    Set<Integer> lengths = new TreeSet<>();
    Set<String> seen = new TreeSet<>();
    for (int i = 0; i < plays; i++) {
      // A code opens some hundred games and then slows down.
      if (i % 500 == 0) {
        String id = teacher.post("/api/activities", Samples.threeQuestions("Spelt")).text("id");
        code = teacher.post("/api/activities/" + id + "/link", "").text("code");
      }
      Playing learner = Playing.by(server, code);
      learner.move(Samples.start("start"));
      List<String> choices = choices(learner.showing());
      String right = OwnIds.part(server, learner.sitting(), "q1", "r");
      assertThat(choices).contains(right);
      first += choices.stream().sorted().toList().indexOf(right) == 0 ? 1 : 0;
      choices.forEach(choice -> lengths.add(choice.length()));
      assertThat(seen.addAll(choices)).isTrue();
    }
    assertThat(lengths).hasSize(1);
    assertThat(seen).as("other ones in each play").hasSize(2 * plays);
    // Half of them by chance; six standard deviations of a fair coin are never met by chance.
    assertThat(Math.abs(first - plays / 2.0)).isLessThan(6 * Math.sqrt(plays) / 2);
  }

  @Test
  void whatIsRightInOneQuestionIsCalledOtherwiseInTheNext() {
    String id = teacher.post("/api/activities", Samples.threeQuestions("Repeated")).text("id");
    String code = teacher.post("/api/activities/" + id + "/link", "").text("code");
    Playing learner = Playing.by(server, code);
    learner.move(Samples.start("start"));
    List<String> seen = new ArrayList<>(List.of("none"));
    for (String question : List.of("q1", "q2", "q3")) {
      List<String> choices = choices(learner.showing());
      assertThat(choices).hasSize(2).doesNotContainAnyElementsOf(seen);
      seen.addAll(choices);
      String right = OwnIds.part(server, learner.sitting(), question, "r");
      learner.move(Samples.pick("answer " + question, question, "r"));
      assertThat(learner.showing().toString()).contains("\"rightIds\":[\"" + right + "\"]");
      learner.move(Samples.goOn("leave " + question, question));
    }
    assertThat(learner.showing().get("score").asObject().getInt("points", 0)).isEqualTo(30);
  }

  /** A page that was loaded from a version before this one names parts without their questions. */
  @Test
  void whatAPageNamedBeforeIsStillMeant() {
    Activity activity = Codec.ACTIVITY.read(Samples.threeQuestions("Earlier"));
    PlayIds ids = PlayIds.of(activity, "seed");

    assertThat(ids.meant(PlayIds.hexOfHmac("id r", "seed", 8))).isEqualTo("r");
    assertThat(ids.meant(ids.part("q2", "r"))).isEqualTo("r");
    assertThat(ids.part("q2", "r")).isNotEqualTo(ids.part("q1", "r")).isNotEqualTo(ids.id("r"));
    assertThat(ids.part("q2", "no id")).isEqualTo("no id");
  }

  private static List<String> choices(JsonObject showing) {
    List<String> choices = new ArrayList<>();
    for (JsonValue choice : showing.get("question").asObject().get("choices").asArray()) {
      choices.add(choice.asObject().getString("id", ""));
    }
    return choices;
  }

  @Test
  void theActivitysOwnIdsMeanNothingHere() {
    String id = teacher.post("/api/activities", Samples.threeQuestions("Guessed")).text("id");
    Playing learner =
        Playing.by(server, teacher.post("/api/activities/" + id + "/link", "").text("code"));
    learner.move(Samples.start("start"));
    String question = learner.showing().get("question").asObject().getString("id", "");

    Answer guessed = learner.exactly(Samples.pick("guess", question, "r"));

    assertThat(guessed.status()).isEqualTo(409);
    assertThat(guessed.text("detail")).contains("Nothing was changed.");
  }

  private static void collect(JsonValue value, Set<String> ids) {
    if (value.isArray()) {
      value.asArray().forEach(item -> collect(item, ids));
    } else if (value.isObject()) {
      for (JsonObject.Member member : value.asObject()) {
        boolean id = Set.of("id", "question", "option", "card", "item").contains(member.getName());
        if (id && member.getValue().isString()) {
          ids.add(member.getValue().asString());
        }
        collect(member.getValue(), ids);
      }
    }
  }
}
