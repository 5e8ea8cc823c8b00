package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Classes and their registers: by a list, by the code, with slips. */
class ClassesHttpTest {

  private final TestServer server = TestServer.shared();
  private final Caller teacher = Caller.teacher(server);
  private String id;
  private String code;

  @BeforeEach
  void aClass() {
    JsonObject view =
        teacher
            .post("/api/classes", "{\"name\": \"Hazel\", \"year\": 4, \"door\": \"open\"}")
            .json()
            .asObject();
    id = view.get("card").asObject().getString("id", null);
    code = view.getString("code", null);
  }

  private JsonObject view() {
    return teacher.get("/api/classes/" + id).json().asObject();
  }

  private JsonArray learners() {
    return view().get("learners").asArray();
  }

  private List<String> names() {
    return StreamSupport.stream(learners().spliterator(), false)
        .map(JsonValue::asObject)
        .filter(learner -> learner.get("removedAt") == null || learner.get("removedAt").isNull())
        .map(learner -> learner.getString("name", null))
        .toList();
  }

  private JsonObject inRegister(String name) {
    return StreamSupport.stream(learners().spliterator(), false)
        .map(JsonValue::asObject)
        .filter(learner -> learner.getString("name", "").equals(name))
        .findFirst()
        .orElseThrow();
  }

  private String learner(String name) {
    return inRegister(name).getString("id", null);
  }

  private boolean hasJoined(String name) {
    return inRegister(name).getBoolean("joined", false);
  }

  private Answer add(String text) {
    return teacher.post("/api/classes/" + id + "/learners", given(text));
  }

  private static String given(String text) {
    return Json.object().add("text", text).toString();
  }

  private Answer onLearner(String method, String name, String more, String body) {
    return teacher.send(method, "/api/classes/" + id + "/learners/" + learner(name) + more, body);
  }

  @Test
  void aListIsLookedAtFirstAndThenTakenInWithASlipForEach() {
    add("Mia");
    JsonObject understood =
        teacher
            .post(
                "/api/classes/" + id + "/learners/preview",
                given("Name;Born\nmia;1\nNoah;2\nNOAH;3"))
            .json()
            .asObject();
    assertThat(understood.get("fresh").toString()).isEqualTo("[\"Noah\"]");
    assertThat(understood.get("there").toString()).isEqualTo("[\"mia\"]");
    assertThat(understood.get("doubles").toString()).isEqualTo("[\"NOAH\"]");
    assertThat(understood.get("passedOver").toString()).isEqualTo("[\"Born\"]");
    assertThat(names()).containsExactly("Mia");

    JsonObject added = add("mia\nNoah").json().asObject();
    assertThat(names()).containsExactly("Mia", "Noah");
    assertThat(added.get("there").toString()).isEqualTo("[\"mia\"]");
    JsonArray words = added.get("slips").asArray().get(0).asObject().get("words").asArray();
    assertThat(words.values()).hasSize(2).allMatch(word -> word.asString().matches("[a-z]{3,8}"));
  }

  @Test
  void whoIsNewComesInWithTheCodeAndComesBackOnAnyDeviceWithHerWords() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    assertThat(mia.page().json().asObject().getString("name", null)).isEqualTo("Mia");

    Pupil atHome = Pupil.comesIn(server, code.toUpperCase(), " MIA ", mia.words().toUpperCase());
    assertThat(atHome.page().json().asObject().getString("name", null)).isEqualTo("Mia");
    assertThat(atHome.words()).isEmpty();
    assertThat(names()).containsExactly("Mia");
    assertThat(hasJoined("Mia")).isTrue();
  }

  @Test
  void aNameThatIsTakenIsToldKindlyAndAListedChildComesWithHerSlip() {
    JsonObject slip = add("Mia").json().asObject().get("slips").asArray().get(0).asObject();
    Answer taken = Pupil.comes(server, code, "mia", null);
    assertThat(taken.status()).isEqualTo(409);
    assertThat(taken.text("detail")).contains("If that is you, type your two words too");

    String words =
        slip.get("words").asArray().values().stream()
            .map(JsonValue::asString)
            .collect(Collectors.joining(", "));
    assertThat(Pupil.comes(server, code, "Mia", words).status()).isEqualTo(201);
  }

  @Test
  void newWordsMakeTheOldOnesWorthless() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    JsonArray slips =
        teacher
            .post("/api/classes/" + id + "/slips", "[\"" + learner("Mia") + "\"]")
            .json()
            .asArray();
    String fresh =
        slips.get(0).asObject().get("words").asArray().values().stream()
            .map(JsonValue::asString)
            .collect(Collectors.joining(" "));

    assertThat(Pupil.comes(server, code, "Mia", mia.words()).status()).isEqualTo(400);
    assertThat(Pupil.comes(server, code, "Mia", fresh).status()).isEqualTo(201);
    assertThat(mia.page().status()).isEqualTo(200);
  }

  /** So nobody tries a classmate's words out; and nobody is locked out, not even she. */
  @Test
  void whoGuessesWordsWaitsForTurnsAndKeepsNobodyOut() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    Pupil noah = Pupil.joins(server, code, "Noah");
    for (int i = 0; i < 8; i++) {
      assertThat(Pupil.comes(server, code, "Mia", "wrong words" + i).status()).isEqualTo(400);
    }
    List<Integer> more = new CopyOnWriteArrayList<>();
    List<Thread> guesser =
        IntStream.range(0, 8)
            .mapToObj(
                i ->
                    Thread.startVirtualThread(
                        () -> more.add(Pupil.comes(server, code, "Mia", "words" + i).status())))
            .toList();
    await(() -> more.contains(429));

    assertThat(Pupil.comes(server, code, "Noah", noah.words()).status()).isEqualTo(201);
    assertThat(Pupil.comes(server, code, "Olga", null).status()).isEqualTo(201);
    assertThat(mia.comesBack().status())
        .as("where she came in, nobody is before her")
        .isEqualTo(201);
    Caller tablet = Caller.stranger(server);
    tablet.get("/join/" + code, "Accept", "text/html");
    Thread time = Thread.startVirtualThread(this::timeGoesBy);
    assertThat(Pupil.comes(tablet, code, "Mia", mia.words()).status())
        .as("on a new device her turn comes")
        .isEqualTo(201);
    time.interrupt();
    guesser.forEach(Thread::interrupt);
  }

  private void timeGoesBy() {
    try {
      while (true) {
        Thread.sleep(300);
        server.clock().pass(Duration.ofSeconds(5));
      }
    } catch (InterruptedException e) {
      server.clock().reset();
    }
  }

  private static void await(BooleanSupplier done) {
    while (!done.getAsBoolean()) {
      Thread.onSpinWait();
    }
  }

  @Test
  void whoSendsNewcomersByTheHundredFillsNoClass() throws InterruptedException {
    List<Integer> answers = new CopyOnWriteArrayList<>();
    // It takes no cookies: it would be one device, of which ten come.
    HttpClient script = HttpClient.newHttpClient();
    List<Thread> threads =
        IntStream.range(0, 280)
            .mapToObj(
                i -> Thread.startVirtualThread(() -> answers.add(sent(script, "Nobody " + i))))
            .toList();
    await(() -> answers.size() >= 270);
    // Three wait for their turns: all are answered once those have come.
    Thread time = Thread.startVirtualThread(this::timeGoesBy);
    for (Thread thread : threads) {
      thread.join();
    }
    time.interrupt();

    assertThat(answers).hasSize(280).filteredOn(status -> status == 201).hasSizeBetween(250, 270);
    assertThat(answers).contains(429);
    // The doors of other classes are as they were, also from the same address.
    String other =
        teacher.post("/api/classes", "{\"name\": \"Rowan\", \"door\": \"open\"}").text("code");
    assertThat(Pupil.comes(server, other, "Noah", null).status()).isEqualTo(201);
  }

  private int sent(HttpClient script, String name) {
    try {
      return script
          .send(
              HttpRequest.newBuilder(
                      URI.create(server.address() + "/api/join/" + code + "/learners"))
                  .header("Content-Type", "application/json")
                  .POST(BodyPublishers.ofString("{\"name\": \"" + name + "\"}"))
                  .build(),
              BodyHandlers.ofString())
          .statusCode();
    } catch (IOException | InterruptedException e) {
      return 0;
    }
  }

  @Test
  void onOneDeviceTenNewcomersComeInAndThenOneAMinute() {
    Caller tablet = Caller.stranger(server);
    for (int i = 0; i < 11; i++) {
      // The first one is told apart only when it is in.
      assertThat(Pupil.comes(tablet, code, "Child " + i, null).status()).isEqualTo(201);
    }
    Answer more = Pupil.comes(tablet, code, "Child 11", null);

    assertThat(more.status()).isEqualTo(429);
    assertThat(more.text("detail"))
        .contains("Very many are joining from here", "Nothing was changed");
  }

  @Test
  void newcomersWaitUnlessTheTeacherSaysOtherwiseAndAreRefusedTogether() {
    JsonObject fresh = teacher.post("/api/classes", "{\"name\": \"Rowan\"}").json().asObject();
    String rowan = fresh.get("card").asObject().getString("id", "");
    Pupil noah = Pupil.joins(server, fresh.getString("code", ""), "Noah");
    Pupil olga = Pupil.joins(server, fresh.getString("code", ""), "Olga");
    assertThat(noah.page().json().asObject().getBoolean("waiting", false)).isTrue();

    assertThat(teacher.post("/api/classes/" + rowan + "/newcomers", "").status()).isEqualTo(204);
    assertThat(noah.page().json().asObject().getBoolean("waiting", true)).isFalse();
    Pupil pia = Pupil.joins(server, fresh.getString("code", ""), "Pia");
    assertThat(teacher.send("DELETE", "/api/classes/" + rowan + "/newcomers", null).status())
        .isEqualTo(204);

    assertThat(pia.page().status()).isEqualTo(401);
    assertThat(olga.page().status()).as("who is in stays in").isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"!!!", "\u202eaiM", "M\u0456a", "Ms Alder", "alder"})
  void anOddNameWaitsAlsoAtAnOpenDoor(String name) {
    assertThat(
            Pupil.joins(server, code, name).page().json().asObject().getBoolean("waiting", false))
        .isTrue();
  }

  @Test
  void theTeacherShutsTheDoorOrLetsNewcomersWait() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    teacher.put("/api/classes/" + id, "{\"name\": \"Hazel\", \"door\": \"shut\"}");
    assertThat(Pupil.comes(server, code, "Noah", null).status()).isEqualTo(403);
    assertThat(Pupil.comes(server, code, "Mia", mia.words()).status()).isEqualTo(201);

    teacher.put("/api/classes/" + id, "{\"name\": \"Hazel\", \"door\": \"wait\"}");
    Pupil noah = Pupil.joins(server, code, "Noah");
    assertThat(noah.page().json().asObject().getBoolean("waiting", false)).isTrue();
    assertThat(view().get("card").asObject().getInt("waiting", 0)).isEqualTo(1);
    onLearner("POST", "Noah", "/entry", "");
    assertThat(noah.page().json().asObject().getBoolean("waiting", true)).isFalse();
  }

  @Test
  void learnersAreRenamedAndANameIsNobodyElses() {
    add("Mia\nNoah");
    assertThat(onLearner("PUT", "Mia", "", "{\"name\": \"noah\"}").status()).isEqualTo(409);
    assertThat(onLearner("PUT", "Mia", "", "{\"name\": \"\\u202e\"}").status()).isEqualTo(400);
    assertThat(onLearner("PUT", "Mia", "", "{\"name\": \"MIA\"}").status()).isEqualTo(204);
    assertThat(onLearner("PUT", "MIA", "", "{\"time\": 125, \"help\": [\"names\"]}").status())
        .isEqualTo(204);
    JsonObject mia = learners().get(0).asObject();
    assertThat(mia.getInt("time", 0)).isEqualTo(125);
    assertThat(mia.get("help").toString()).isEqualTo("[\"names\"]");
    assertThat(onLearner("PUT", "MIA", "", "{\"time\": 99}").status()).isEqualTo(400);
    assertThat(names()).containsExactly("MIA", "Noah");
  }

  @Test
  void whoIsTakenOutIsKnownOnNoDeviceAndCanBeBroughtBack() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    assertThat(mia.page().status()).isEqualTo(200);
    onLearner("DELETE", "Mia", "", null);
    assertThat(mia.page().status()).isEqualTo(401);
    assertThat(Pupil.comes(server, code, "Mia", mia.words()).status()).isEqualTo(400);
    assertThat(names()).isEmpty();

    onLearner("POST", "Mia", "/return", "");
    assertThat(names()).containsExactly("Mia");
    assertThat(Pupil.comes(server, code, "Mia", mia.words()).status()).isEqualTo(201);
  }

  @Test
  void aNameThatSomebodyElseHasByNowKeepsNobodyFromBeingBroughtBackLater() {
    add("Mia");
    String first = learner("Mia");
    teacher.send("DELETE", "/api/classes/" + id + "/learners/" + first, null);
    add("Mia");
    Answer refused = teacher.post("/api/classes/" + id + "/learners/" + first + "/return", "");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text("detail")).contains("Rename that learner");
  }

  @Test
  void twoEntriesOfOneChildBecomeOne() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    add("Mia B");
    assertThat(hasJoined("Mia B")).isFalse();
    onLearner("POST", "Mia", "/merge/" + learner("Mia B"), "");

    assertThat(names()).containsExactly("Mia B");
    assertThat(hasJoined("Mia B")).isTrue();
    assertThat(mia.page().json().asObject().getString("name", null)).isEqualTo("Mia B");
    assertThat(onLearner("POST", "Mia B", "/merge/" + learner("Mia B"), "").status())
        .isEqualTo(400);
  }

  @Test
  void aClassIsArchivedAndBroughtBack() {
    Pupil mia = Pupil.joins(server, code, "Mia");
    teacher.send("DELETE", "/api/classes/" + id, null);
    assertThat(mia.page().status()).isEqualTo(404);
    assertThat(view().get("card").asObject().get("archivedAt").isNull()).isFalse();

    teacher.post("/api/classes/" + id + "/return", "");
    assertThat(mia.page().status()).isEqualTo(200);
    teacher.post("/api/classes/" + id + "/code", "");
    assertThat(mia.page().status()).isEqualTo(404);
  }

  @Test
  void namesOfAnyKindAreKeptAsTheyAreAndNoneIsInAnAddress() {
    String text = "=1+1\n<b>Mia</b>\nليلى\n美咲\n👩‍🚀\n" + "x".repeat(60);
    add(text);
    assertThat(names())
        .containsExactlyInAnyOrder("=1+1", "<b>Mia</b>", "ليلى", "美咲", "👩‍🚀", "x".repeat(60));
    assertThat(add("x".repeat(200)).status()).isEqualTo(400);
    assertThat(view().get("learners").asArray().values())
        .allMatch(value -> value.asObject().getString("id", "").matches("[a-z0-9]{12}"));
  }

  @Test
  void aRosterOfThousandsIsTakenInAsFarAsItGoes() {
    String roster =
        IntStream.range(0, 5_000).mapToObj(i -> "Learner " + i).collect(Collectors.joining("\n"));
    JsonObject understood =
        teacher.post("/api/classes/" + id + "/learners/preview", given(roster)).json().asObject();
    assertThat(understood.get("fresh").asArray().size()).isEqualTo(1_000);
    assertThat(understood.getBoolean("more", false)).isTrue();
    assertThat(add(roster).json().asObject().get("slips").asArray().size()).isEqualTo(1_000);
    assertThat(Pupil.comes(server, code, "One more", null).text("detail")).contains("full");
  }

  /** A tablet goes from Ada to Ben; what was held on it for Ada opens nothing any more. */
  @Test
  void whoLeavesADeviceIsKnownOnItNoMoreAndComesBackToWhatShePlayed() {
    String activity = teacher.post("/api/activities", Samples.threeQuestions("Left")).text("id");
    String task =
        teacher
            .post(
                "/api/classes/" + id + "/assignments",
                "{\"activity\": \"%s\", \"terms\": {\"counts\": \"best\", \"told\": \"at-once\", \"atClosing\": \"finish\", \"marks\": \"at-once\"}}"
                    .formatted(activity))
            .text("id");
    Pupil ada = Pupil.joins(server, code, "Ada");
    ada.plays(task, "r");
    String hers = ada.sitting();

    assertThat(ada.leaves().status()).isEqualTo(204);
    assertThat(hasJoined("Ada")).as("the register, once she has left").isTrue();
    assertThat(ada.page().status()).isEqualTo(401);
    assertThat(ada.get("/api/play/" + hers).status()).isEqualTo(401);
    assertThat(ada.move("{\"kind\": \"start\"}").status()).isEqualTo(401);
    assertThat(ada.leaves().status()).as("left already").isEqualTo(401);

    Pupil ben = Pupil.joins(server, code, "Ben");
    assertThat(ben.get("/api/play/" + hers).status()).isEqualTo(404);
    ben.begins(task);
    assertThat(ben.sitting()).isNotEqualTo(hers);

    Pupil again = Pupil.comesIn(server, code, "Ada", ada.words());
    again.begins(task);
    assertThat(again.sitting()).isEqualTo(hers);
  }

  @Test
  void aCodeThatIsNoneSaysSo() {
    assertThat(Caller.stranger(server).get("/api/join/zzzzzz").status()).isEqualTo(404);
    assertThat(Caller.stranger(server).get("/api/join/" + code).text("name")).isEqualTo("Hazel");
    assertThat(Pupil.comes(server, code, " ", null).status()).isEqualTo(400);
  }
}
