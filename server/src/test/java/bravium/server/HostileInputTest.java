package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller.Answer;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is sent, the answer is a problem in words and never a fault of the server. */
class HostileInputTest {

  /** How many codes are tried: ten thousand in {@code ./bravium soak}. */
  private static final int GUESSES = Integer.getInteger("bravium.guesses", 400);

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
  void whatIsTooLargeIsRefusedInWordsAndCostsLittle() {
    Answer tenMegabytes =
        teacher.post("/api/activities", Samples.threeQuestions("x".repeat(10_000_000)));
    assertThat(tenMegabytes.status()).isEqualTo(413);
    assertThat(tenMegabytes.text("detail")).contains("4 MB", "Nothing was changed.");

    StringBuilder questions = new StringBuilder();
    for (int i = 0; i < 10_000; i++) {
      questions.append(i == 0 ? "" : ",");
      questions.append("{\"kind\":\"true-false\",\"id\":\"q").append(i);
      questions.append("\",\"text\":\"Bee?\",\"feedback\":{}}");
    }
    Answer tenThousand =
        teacher.post(
            "/api/activities",
            Samples.threeQuestions("Many")
                .replaceFirst(
                    "(?s)\"questions\": \\[.*?\\]\\},\\s+\"rules",
                    "\"questions\": [" + questions + "]},\"rules"));
    assertThat(tenThousand.status()).isEqualTo(400);
    assertThat(tenThousand.text("detail")).contains("$.game.questions", "at most 500");
  }

  @Test
  void scriptsAndLinksThatRunThemAreNoWords() {
    String link =
        Samples.threeQuestions("Hostile")
            .replace(
                "\"text\": \"Which one, q1?\"",
                "\"text\": [{\"kind\": \"paragraph\", \"content\": [{\"kind\": \"text\","
                    + " \"text\": \"x\", \"link\": \"JavaScript:alert(1)\"}]}]");
    Answer refused = teacher.post("/api/activities", link);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text("detail"))
        .contains("$.game.questions[0].text[0].content[0]", "a link begins with http://");

    String script = Samples.threeQuestions("<script>alert(1)</script>");
    Answer kept = teacher.post("/api/activities", script);
    assertThat(kept.status()).as("it is text, and shown as text").isEqualTo(201);
    assertThat(kept.header("Content-Type")).isEqualTo("application/json");
  }

  @Test
  void longTextsAndControlCharactersAreKeptAsTheyCame() {
    String odd = "a\\u0000b\\u0007c\\u001f" + "long ".repeat(9_000);

    Answer added =
        teacher.post("/api/activities", Samples.threeQuestions("Odd").replace("Sweet.", odd));

    assertThat(added.status()).isEqualTo(201);
    assertThat(teacher.get(added.header("Location")).json()).isEqualTo(added.json());
    Answer search = teacher.get("/api/activities?search=" + "long%20".repeat(300));
    assertThat(search.status()).isEqualTo(400);
    assertThat(search.text("detail")).contains("20 words", "Nothing was changed");
    teacher.send("DELETE", added.header("Location"), null);
  }

  @Test
  void aNameThatStandsTwiceInOneObjectIsRefused() {
    Answer twice =
        teacher.post(
            "/api/activities",
            Samples.threeQuestions("Twice")
                .replace("\"worth\": 10", "\"worth\": 10, \"worth\": 0"));

    assertThat(twice.status()).isEqualTo(400);
    assertThat(twice.text("detail")).contains("$.rules.worth: this stands twice");
  }

  @Test
  void guessesAtACodeAreSlowedAndFindNothing(@TempDir Path folder) {
    try (TestServer own = TestServer.start(folder)) {
      Caller guesser = Caller.stranger(own);
      long began = System.nanoTime();
      // Nobody is believed who says that he speaks for another address.
      List<Integer> statuses =
          atOnce(
              GUESSES,
              i ->
                  guesser
                      .get(
                          "/api/links/zz" + (1_000 + i % 9_000),
                          "X-Forwarded-For",
                          "10.0.%d.%d".formatted(i / 250 % 250, i % 250))
                      .status(),
              () -> {});
      assertThat(statuses).allMatch(status -> status == 404 || status == 429);
      long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - began);
      assertThat(statuses.stream().filter(status -> status == 404).count())
          .as("a hundred at once, and one a second")
          .isLessThanOrEqualTo(100 + seconds + 1);
    }
  }

  /** Whether of several that come at once some are told to come back; the others wait. */
  private static boolean isSlowed(TestServer own, Caller proxy, String said) {
    return atOnce(
            8,
            i -> proxy.get("/api/links/zzzzz" + (i + 2), "X-Forwarded-For", said).status(),
            () -> own.clock().pass(Duration.ofSeconds(1)))
        .contains(429);
  }

  /** What comes of so many, fifty at once, while something is done over and over. */
  private static List<Integer> atOnce(int howMany, IntFunction<Integer> ask, Runnable meanwhile) {
    List<Integer> statuses = new CopyOnWriteArrayList<>();
    AtomicInteger next = new AtomicInteger();
    List<Thread> threads =
        IntStream.range(0, Math.min(howMany, 50))
            .mapToObj(
                t ->
                    Thread.startVirtualThread(
                        () -> {
                          for (int i = next.getAndIncrement();
                              i < howMany;
                              i = next.getAndIncrement()) {
                            statuses.add(ask.apply(i));
                          }
                        }))
            .toList();
    try {
      for (Thread thread : threads) {
        while (!thread.join(Duration.ofMillis(400))) {
          meanwhile.run();
        }
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    assertThat(statuses).hasSize(howMany);
    return statuses;
  }

  @Test
  void aProxyThatIsNamedIsBelievedAndSaysForWhomItSpeaks(@TempDir Path folder) {
    try (TestServer own =
        TestServer.start(folder, "--bravium.demo=true", "--bravium.proxies=127.0.0.1")) {
      Caller proxy = Caller.stranger(own);
      for (int i = 0; i < 100; i++) {
        proxy.get("/api/links/zz" + (1_000 + i), "X-Forwarded-For", "10.0.0.1");
      }
      assertThat(isSlowed(own, proxy, "10.0.0.1")).isTrue();
      assertThat(isSlowed(own, proxy, "10.0.0.2"))
          .as("another school behind the same proxy")
          .isFalse();
      assertThat(isSlowed(own, proxy, "10.0.0.3, 10.0.0.1"))
          .as("what the pupil himself wrote before it is not believed")
          .isTrue();
      for (String said :
          List.of("10.0.0.1:5000", "10.0.0.1:5001", "x, 10.0.0.1", "?:9, 10.0.0.1")) {
        assertThat(isSlowed(own, proxy, said)).as(said).isTrue();
      }
      // Of rubbish nobody comes: it is the proxy itself that asks, however it is spelt.
      for (int i = 0; i < 100; i++) {
        proxy.get("/api/links/zz" + (1_000 + i), "X-Forwarded-For", "nonsense " + i);
      }
      for (String said : List.of("nonsense", ",", "[::1", "1.2.3.4.5", "fe80::1%eth0")) {
        assertThat(isSlowed(own, proxy, said)).as(said).isTrue();
        assertThat(proxy.get("/actuator/health", "X-Forwarded-For", said).status())
            .as(said)
            .isLessThan(500);
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
            teacher.send("DELETE", "/api/activities/nonsense", null),
            teacher.get("/api/activities/" + id + "/versions/99999999999999999999"),
            teacher.get("/api/activities/" + id + "/versions?before=x"),
            teacher.post("/api/activities/files", ""),
            teacher.post("/api/session", "{\"name\": 5}"),
            teacher.post("/api/session", "{\"password\": \"" + "x".repeat(10_000) + "\"}"),
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
