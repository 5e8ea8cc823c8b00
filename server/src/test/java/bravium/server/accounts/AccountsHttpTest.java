package bravium.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import bravium.server.data.Copies;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AccountsHttpTest {

  private static final String KEEPER = credentials("Ms Fern", "six-sided cells");

  @TempDir private static Path folder;
  private static TestServer server;

  @BeforeAll
  static void start() {
    server = TestServer.start(folder, "--bravium.demo=false");
    Caller stranger = stranger();
    assertThat(stranger.get("/api/session").body()).contains("\"firstStart\":true");
    Answer first = stranger.beginAs(server, "Ms Fern", "six-sided cells");
    assertThat(first.status()).isEqualTo(200);
    assertThat(first.body()).contains("\"teacher\":\"Ms Fern\"", "\"isKeeper\":true");
  }

  @AfterAll
  static void end() {
    server.close();
  }

  @Test
  void thereIsOnlyOneFirstTeacher() {
    assertThat(stranger().get("/api/session").body()).contains("\"firstStart\":false");

    Answer second = stranger().post("/api/session/first", credentials("Mr Moss", "another one"));

    assertThat(second.status()).isEqualTo(409);
    assertThat(second.text("detail")).startsWith("This server has its first teacher already.");
  }

  @Test
  void passwordsThatEverybodyTriesAreRefusedWhoeverSetsThem() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    for (String common :
        new String[] {
          "password1", "12345678", "Qwertyuiop", "aaaaaaaaaa", "Bravium1", "mr teasel!"
        }) {
      Answer refused = keeper.post("/api/teachers", credentials("Mr Teasel", common));
      assertThat(refused.status()).as(common).isEqualTo(400);
      assertThat(refused.text("reason")).as(common).isEqualTo("password-common");
      assertThat(keeper.put("/api/session/password", change("six-sided cells", common)).status())
          .as(common)
          .isIn(400, 200)
          .isEqualTo(common.startsWith("mr") ? 200 : 400);
      if (common.startsWith("mr")) {
        keeper.put("/api/session/password", change(common, "six-sided cells"));
      }
    }
    assertThat(keeper.get("/api/teachers").body()).doesNotContain("Teasel");
  }

  @Test
  void whoKeepsTheServerSetsHerOwnPasswordByTheOldOneAlone() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    int own =
        keeper.get("/api/teachers").json().asArray().values().stream()
            .map(JsonValue::asObject)
            .filter(teacher -> teacher.getBoolean("isKeeper", false))
            .findFirst()
            .orElseThrow()
            .getInt("id", 0);

    Answer refused =
        keeper.put("/api/teachers/" + own + "/password", credentials("", "a wholly new one"));

    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text("detail")).contains("the one you have now is asked for");
    signedIn("Ms Fern", "six-sided cells");
  }

  @Test
  void aPupilWhoGuessesBehindTheSameAddressKeepsNoTeacherFromSigningIn() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    keeper.post("/api/teachers", credentials("Ms Vetch", "a meadow of bees"));
    Caller hers = signedIn("Ms Vetch", "a meadow of bees");
    hers.send("DELETE", "/api/session", null);
    Caller pupil = stranger();
    for (int i = 0; i < 5; i++) {
      pupil.post("/api/session", credentials("Ms Vetch", "guess number " + i));
    }
    Answer[] more =
        atOnce(6, i -> pupil.post("/api/session", credentials("Ms Vetch", "more " + i)));
    assertThat(more).extracting(Answer::status).contains(401, 429);

    assertThat(hers.post("/api/session", credentials("Ms Vetch", "a meadow of bees")).status())
        .as("on a device that she signed in on")
        .isEqualTo(200);
    assertThat(
            stranger().post("/api/session", credentials("Ms Vetch", "a meadow of bees")).status())
        .as("and on a new one, when it is her turn")
        .isEqualTo(200);
  }

  @Test
  void howTheServerIsIsForTheOneWhoKeepsIt() throws IOException {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    keeper.post("/api/teachers", credentials("Mr Sallow", "a hive of his own"));

    assertThat(keeper.get("/api/server").json().asObject().get("news").asArray()).isEmpty();
    assertThat(signedIn("Mr Sallow", "a hive of his own").get("/api/server").status())
        .isEqualTo(403);
    assertThat(stranger().get("/api/server").status()).isEqualTo(401);

    // The night's copy can't be made: what is there in its place is no folder.
    Path copies = folder.resolve("copies");
    Path aside = folder.resolve("aside");
    if (Files.exists(copies)) {
      Files.move(copies, aside);
    }
    Files.writeString(copies, "in the way");
    server.part(Copies.class).atNight(Instant.now());
    assertThat(keeper.get("/api/server").body()).contains("copy of the database could not be made");
    assertThat(keeper.get("/actuator/health").body()).contains("\"status\":\"LOOK\"");
    Files.delete(copies);
    server.part(Copies.class).atNight(Instant.now());
    assertThat(keeper.get("/api/server").json().asObject().get("news").asArray()).isEmpty();
  }

  @Test
  void healthAndMetricsAreForSupervisorsAndTheKeeperAlone() {
    String from = "X-Forwarded-For";
    assertThat(stranger().get("/actuator/health/liveness").body()).contains("\"UP\"");
    for (String path : new String[] {"/actuator/health", "/actuator/metrics", "/actuator/info"}) {
      assertThat(stranger().get(path).status()).as("on this computer").isEqualTo(200);
      Answer learner = stranger().get(path, from, "10.1.2.3");
      assertThat(learner.status()).as("from elsewhere").isEqualTo(401);
      assertThat(learner.text("detail")).isNotEmpty();
      assertThat(signedIn("Ms Fern", "six-sided cells").get(path, from, "10.1.2.3").status())
          .isEqualTo(200);
    }
    assertThat(stranger().get("/actuator/env").status()).isEqualTo(404);
    assertThat(stranger().get("/api/docs").status()).isEqualTo(401);
    assertThat(stranger().get("/actuator/none").status()).isIn(401, 404);
    assertThat(signedIn("Ms Fern", "six-sided cells").get("/api/docs").body())
        .contains("\"openapi\":\"3.", "/api/activities/{id}");
  }

  @Test
  void answersAreKeptByNobodyAndFilesAreForTheServersUserAlone() throws IOException {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    keeper.post("/api/activities", Samples.threeQuestions("Private"));
    assertThat(keeper.get("/api/activities").header("Cache-Control")).contains("no-store");
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path path : all.toList()) {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(path)))
            .as(path.toString())
            .isEqualTo(Files.isDirectory(path) ? "rwx------" : "rw-------");
      }
    }
  }

  @Test
  void aTeacherSignsInByNameAndPasswordAndOut() {
    Caller caller = stranger();
    assertThat(caller.get("/api/activities").status()).isEqualTo(401);

    Answer in = caller.post("/api/session", credentials(" ms fern ", "six-sided cells"));

    assertThat(in.status()).isEqualTo(200);
    assertThat(caller.get("/api/activities").status()).isEqualTo(200);
    assertThat(caller.send("DELETE", "/api/session", null).status()).isEqualTo(204);
    assertThat(caller.get("/api/activities").status()).isEqualTo(401);
  }

  @Test
  void aSessionThatWasEndedCanNotBeReplayed() {
    Caller caller = signedIn("Ms Fern", "six-sided cells");
    String cookie = caller.cookie("bravium-session");
    caller.send("DELETE", "/api/session", null);

    Answer replayed =
        stranger().exchange("GET", "/api/activities", null, "Cookie", "bravium-session=" + cookie);

    assertThat(replayed.status()).isEqualTo(401);
    assertThat(replayed.text("detail")).contains("Sign in, then try again");
  }

  @Test
  void theCookieIsForTheServerAlone() {
    Answer in = stranger().post("/api/session", KEEPER);

    assertThat(in.raw().headers().allValues("Set-Cookie"))
        .anySatisfy(
            cookie ->
                assertThat(cookie)
                    .startsWith("bravium-session=")
                    .contains("HttpOnly", "SameSite=Lax", "Path=/"));
    assertThat(Caller.at(server.address()).get("/api/session").header("Set-Cookie"))
        .contains("XSRF-TOKEN", "SameSite=Lax");
  }

  @Test
  void withoutTheTokenOfThePageNothingIsChanged() {
    Caller caller = signedIn("Ms Fern", "six-sided cells");

    Answer forged =
        caller.exchange(
            "POST",
            "/api/activities",
            Samples.threeQuestions("Forged"),
            "Content-Type",
            "application/json");

    assertThat(forged.status()).isEqualTo(403);
    assertThat(caller.get("/api/activities?search=forged").body()).contains("\"total\":0");
  }

  @Test
  void aFurtherTeacherSeesOnlyHerOwn() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    String hers = keeper.post("/api/activities", Samples.threeQuestions("Hers")).text("id");
    assertThat(keeper.post("/api/teachers", credentials("Mr Reed", "waggle dance")).status())
        .isEqualTo(201);
    Caller other = signedIn("Mr Reed", "waggle dance");

    String path = "/api/activities/" + hers;
    assertThat(other.get("/api/activities").body()).contains("\"total\":0");
    assertThat(other.get(path).status()).isEqualTo(404);
    assertThat(other.get(path + "/versions").status()).isEqualTo(404);
    assertThat(other.get(path + "/versions/1").status()).isEqualTo(404);
    assertThat(other.get(path + "/file").status()).isEqualTo(404);
    assertThat(other.put(path, Samples.threeQuestions("Mine"), "If-Match", "\"1\"").status())
        .isEqualTo(404);
    assertThat(other.put(path + "/title", "{\"title\": \"Mine\"}").status()).isEqualTo(404);
    assertThat(other.post(path + "/copies", "{\"title\": \"Mine\"}").status()).isEqualTo(404);
    assertThat(other.post(path + "/link", "").status()).isEqualTo(404);
    assertThat(other.post(path + "/sittings", "").status()).isEqualTo(404);
    assertThat(other.send("DELETE", path, null).status()).isEqualTo(404);
    assertThat(other.post(path + "/return", "").status()).isEqualTo(404);
    assertThat(other.get("/api/teachers").status()).isEqualTo(403);
    assertThat(other.post("/api/teachers", credentials("Mx Rush", "not by her")).status())
        .isEqualTo(403);
    assertThat(keeper.get(path).body()).contains("\"version\":1", "Hers");
  }

  @Test
  void aNameStandsForOneTeacher() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");

    Answer twice = keeper.post("/api/teachers", credentials("MS FERN", "long enough"));

    assertThat(twice.status()).isEqualTo(409);
    assertThat(twice.text("detail")).contains("Nobody was added");
  }

  @Test
  void aChangedPasswordEndsEveryOtherSession() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    keeper.post("/api/teachers", credentials("Ms Sedge", "first password"));
    Caller here = signedIn("Ms Sedge", "first password");
    Caller elsewhere = signedIn("Ms Sedge", "first password");

    assertThat(
            here.put("/api/session/password", change("wrong one", "second password"))
                .text("detail"))
        .startsWith("That is not the password you have now.");
    assertThat(here.put("/api/session/password", change("first password", "short")).text("detail"))
        .startsWith("A password has at least 8 characters");
    assertThat(
            here.put("/api/session/password", change("first password", "second password")).status())
        .isEqualTo(200);

    assertThat(here.get("/api/activities").status()).isEqualTo(200);
    assertThat(elsewhere.get("/api/activities").status()).isEqualTo(401);
    assertThat(stranger().post("/api/session", credentials("Ms Sedge", "first password")).status())
        .isEqualTo(401);
    signedIn("Ms Sedge", "second password");
  }

  @Test
  void aTeacherIsRemovedAndWhatSheMadeGoesToAnotherWithItsGames() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    long leaves = added(keeper, "Ms Heath");
    long gets = added(keeper, "Mr Larch");
    Caller heath = signedIn("Ms Heath", "long enough");
    String activity = heath.post("/api/activities", Samples.threeQuestions("Heath's")).text("id");
    String sitting = heath.post("/api/activities/" + activity + "/sittings", "").text("sitting");
    heath.post("/api/sittings/" + sitting + "/moves", Samples.start("k"));
    Caller larch = signedIn("Mr Larch", "long enough");

    assertThat(remove(heath, gets, leaves).status()).as("not the keeper").isEqualTo(403);
    assertThat(remove(keeper, leaves, leaves).status()).as("her own heir").isEqualTo(400);
    assertThat(remove(keeper, leaves, gets).status()).isEqualTo(204);

    assertThat(heath.get("/api/activities").status()).isEqualTo(401);
    assertThat(larch.get("/api/activities").body()).contains("Heath's");
    assertThat(larch.get("/api/activities/" + activity + "/results").body())
        .contains("\"total\":1");
    assertThat(larch.get("/api/activities/" + activity + "/sittings/unfinished").text("sitting"))
        .isEqualTo(sitting);
    assertThat(larch.get("/api/sittings/" + sitting).status()).isEqualTo(200);
    assertThat(remove(keeper, leaves, gets).status()).isEqualTo(404);
  }

  @Test
  void aTeacherIsRemovedWithHerActivitiesWhichTheKeeperCanBringBack() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    long leaves = added(keeper, "Ms Willow");
    Caller willow = signedIn("Ms Willow", "long enough");
    String activity = willow.post("/api/activities", Samples.threeQuestions("Willow's")).text("id");

    assertThat(keeper.send("DELETE", "/api/teachers/" + leaves, "{}").status()).isEqualTo(204);
    assertThat(keeper.get("/api/activities?search=willow").body()).contains("\"total\":0");
    assertThat(keeper.post("/api/activities/" + activity + "/return", "").status()).isEqualTo(204);
    assertThat(keeper.get("/api/activities?search=willow").body()).contains("\"total\":1");
  }

  @Test
  void theServerIsHandedOnByWhoKeepsItWithHerPassword() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    long next =
        keeper
            .post("/api/teachers", credentials("Ms Yarrow", "wax and honey"))
            .json()
            .asObject()
            .getLong("id", 0);
    Caller hers = signedIn("Ms Yarrow", "wax and honey");
    assertThat(hers.get("/api/server").status()).isEqualTo(403);
    String path = "/api/teachers/" + next + "/keeper";

    assertThat(hers.put(path, credentials("Ms Yarrow", "wax and honey")).status()).isEqualTo(403);
    assertThat(keeper.put(path, credentials("Ms Yarrow", "not mine")).text("detail"))
        .isEqualTo("That is not your password. Nothing was changed; try again.");
    assertThat(hers.get("/api/server").status()).isEqualTo(403);
    assertThat(keeper.put(path, credentials("Ms Yarrow", "six-sided cells")).status())
        .isEqualTo(204);

    assertThat(keeper.get("/api/server").status()).as("at once, in her session").isEqualTo(403);
    assertThat(keeper.get("/api/activities").status()).isEqualTo(200);
    long before =
        hers.get("/api/teachers").json().asArray().values().stream()
            .map(JsonValue::asObject)
            .filter(teacher -> teacher.getString("name", "").equals("Ms Fern"))
            .findFirst()
            .orElseThrow()
            .getLong("id", 0);
    assertThat(
            hers.put("/api/teachers/" + before + "/keeper", credentials("Ms Fern", "wax and honey"))
                .status())
        .isEqualTo(204);
    assertThat(keeper.get("/api/server").status()).isEqualTo(200);
  }

  @Test
  void aCopyIsMadeWhenTheKeeperAsksForOne() throws IOException {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    keeper.post("/api/teachers", credentials("Mr Hawkbit", "a hive of his own"));
    assertThat(signedIn("Mr Hawkbit", "a hive of his own").post("/api/server/copy", "").status())
        .isEqualTo(403);

    Answer made = keeper.post("/api/server/copy", "");

    assertThat(made.status()).isEqualTo(200);
    assertThat(made.text("newestCopy")).matches("\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d");
    String name = "bravium-" + made.text("newestCopy").replace("T", "-").replace(":", "") + ".db";
    assertThat(folder.resolve("copies").resolve(name)).isNotEmptyFile();
  }

  @Test
  void whoKeepsTheServerStays() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    assertThat(keeper.get("/api/session").body()).contains("\"hasPassword\":true");

    String first =
        keeper.get("/api/teachers").json().asArray().values().stream()
            .filter(teacher -> teacher.asObject().getBoolean("isKeeper", false))
            .findFirst()
            .map(teacher -> String.valueOf(teacher.asObject().getInt("id", 0)))
            .orElseThrow();
    Answer refused = keeper.send("DELETE", "/api/teachers/" + first, "{}");

    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.text("detail")).contains("nobody could add teachers then");
  }

  @Test
  void whatBecomesOfClassesIsAskedApart() {
    Caller keeper = signedIn("Ms Fern", "six-sided cells");
    long heir = added(keeper, "Ms Hazelnut");
    for (boolean goes : new boolean[] {true, false}) {
      String name = "Mr Class " + goes;
      long leaves = added(keeper, name);
      Caller his = signedIn(name, "long enough");
      assertThat(his.post("/api/classes", "{\"name\": \"" + name + "\"}").status()).isEqualTo(201);
      Answer removed =
          keeper.send(
              "DELETE",
              "/api/teachers/" + leaves,
              "{\"classesTo\": " + (goes ? heir : "null") + "}");
      assertThat(removed.status()).isEqualTo(204);
    }
    assertThat(signedIn("Ms Hazelnut", "long enough").get("/api/classes").body())
        .contains("Mr Class true")
        .doesNotContain("Mr Class false");
    assertThat(keeper.get("/api/classes").json().asArray())
        .as("what goes to nobody is archived with the keeper")
        .anySatisfy(
            one -> {
              assertThat(one.asObject().getString("name", "")).isEqualTo("Mr Class false");
              assertThat(one.asObject().get("archivedAt").isNull()).isFalse();
            });
  }

  private static long added(Caller keeper, String name) {
    Answer added = keeper.post("/api/teachers", credentials(name, "long enough"));
    assertThat(added.status()).isEqualTo(201);
    return added.json().asObject().getLong("id", 0);
  }

  private static Answer remove(Caller by, long teacher, long to) {
    return by.send("DELETE", "/api/teachers/" + teacher, "{\"to\": " + to + "}");
  }

  @Test
  void guessingAPasswordIsSlowed() {
    Caller guesser = stranger();
    for (int i = 0; i < 5; i++) {
      Answer wrong = guesser.post("/api/session", credentials("Nobody Here", "guess no " + i));
      assertThat(wrong.status()).isEqualTo(401);
      assertThat(wrong.text("detail"))
          .isEqualTo(
              "This name and this password don't belong together. Check both, then try again.");
    }

    // Of one device three wait for their turn, and no more.
    Answer tooMany =
        Stream.of(
                atOnce(6, i -> guesser.post("/api/session", credentials("Nobody Here", "no " + i))))
            .filter(answer -> answer.status() != 401)
            .findFirst()
            .orElseThrow();

    assertThat(tooMany.status()).isEqualTo(429);
    assertThat(tooMany.header("Retry-After")).matches("\\d+");
    assertThat(tooMany.text("detail")).startsWith("That was tried too often from here.");
    assertThat(stranger().post("/api/session", KEEPER).status())
        .as("others at the same school sign in as ever")
        .isEqualTo(200);
  }

  /** What they answer who ask at once, while time goes by quickly. */
  private static Answer[] atOnce(int howMany, IntFunction<Answer> asks) {
    Answer[] answers = new Answer[howMany];
    List<Thread> threads =
        IntStream.range(0, howMany)
            .mapToObj(i -> Thread.startVirtualThread(() -> answers[i] = asks.apply(i)))
            .toList();
    try {
      for (Thread thread : threads) {
        while (!thread.join(Duration.ofMillis(500))) {
          server.clock().pass(Duration.ofSeconds(5));
        }
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    } finally {
      server.clock().reset();
    }
    return answers;
  }

  @Test
  void everyAnswerCarriesTheSecurityHeaders() {
    Answer page = stranger().get("/api/session");

    assertThat(page.header("Content-Security-Policy"))
        .contains("default-src 'self'", "frame-ancestors 'none'")
        .doesNotContain("unsafe");
    assertThat(page.header("X-Content-Type-Options")).isEqualTo("nosniff");
    assertThat(page.header("Referrer-Policy")).isEqualTo("same-origin");
    assertThat(page.header("Permissions-Policy")).contains("microphone=(self)", "camera=()");
  }

  private static Caller stranger() {
    Caller caller = Caller.stranger(server);
    caller.get("/api/session");
    return caller;
  }

  private static Caller signedIn(String name, String password) {
    Caller caller = stranger();
    assertThat(caller.post("/api/session", credentials(name, password)).status()).isEqualTo(200);
    return caller;
  }

  private static String credentials(String name, String password) {
    return "{\"name\": \"%s\", \"password\": \"%s\"}".formatted(name, password);
  }

  private static String change(String old, String fresh) {
    return "{\"old\": \"%s\", \"fresh\": \"%s\"}".formatted(old, fresh);
  }
}
