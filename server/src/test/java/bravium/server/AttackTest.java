package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller.Answer;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Devices that mean harm, against a server with 512 MB that ends when they are used up. How many is
 * said by {@code bravium.attack}: a few in {@code ./bravium test}, 150 in the soak, which also
 * holds how much slower a class's moves become.
 */
class AttackTest {

  private static final int ATTACKERS = Integer.getInteger("bravium.attack", 24);
  private static final boolean SOAK = ATTACKERS >= 100;

  /** While all of it is tried at once, the 99th of a hundred moves takes at most so much longer. */
  private static final double MOST_SLOWER = 3;

  /** How much there is in what keeps a processor busy. */
  private static final int QUESTIONS = SOAK ? 40 : 6;

  @TempDir private static Path folder;
  private static OwnProcess server;
  private static Caller teacher;

  @BeforeAll
  static void start() throws Exception {
    server = OwnProcess.start(folder, "-Xmx512m", "-XX:+ExitOnOutOfMemoryError");
    teacher = Caller.teacherAt(server.address());
  }

  @AfterAll
  static void end() {
    server.close();
  }

  @Test
  void bodiesThatStallOrAreHugeEndNothing() throws IOException {
    String code = given("A class plays");
    String name = "{\"name\": \"" + "x".repeat(3_900_000);
    List<Socket> sockets = new ArrayList<>();
    for (int i = 0; i < ATTACKERS; i++) {
      // Without a session and with the teacher's; nearly all of it, or next to nothing.
      String path = i % 2 == 0 ? "/api/session" : "/api/activities";
      sockets.add(announcing(path, i % 2 == 0 ? "" : session(), i % 3 == 0 ? "{" : name));
    }

    // Whoever plays, signs in or looks goes on.
    assertThat(teacher.get("/api/activities").status()).isEqualTo(200);
    assertThat(Caller.at(server.address()).get("/api/links/zzzzzz").status()).isEqualTo(404);
    assertThat(play(code, 3)).isNotEmpty();
    for (Socket socket : sockets) {
      socket.close();
    }
    assertThat(server.isAlive()).isTrue();
    assertThat(teacher.post("/api/activities", Samples.threeQuestions("Kept")).status())
        .isEqualTo(201);
  }

  @Test
  void namesOfMegabytesAreRefusedBeforeTheyAreRead() {
    String typed = "{\"name\": \"" + "x".repeat(3_900_000) + "\", \"password\": \"p\"}";
    Caller stranger = Caller.at(server.address());
    stranger.get("/api/session");

    List<Integer> statuses =
        atOnce(
            Math.min(ATTACKERS, 62),
            i -> {
              try {
                return stranger.post("/api/session", typed).status();
              } catch (UncheckedIOException e) {
                // It was refused, and the connection closed, while this was still being sent.
                return 413;
              }
            });

    assertThat(statuses).containsOnly(413);
    assertThat(server.isAlive()).isTrue();
  }

  @Test
  void whatKeepsAProcessorBusyKeepsNoClassFromItsGame() throws Exception {
    // A code opens so many games and no more: each class has its own.
    String code = given("While all of it is tried");
    play(given("Warm"), SOAK ? 50 : 1);
    long[] quiet = play(given("Quiet"), SOAK ? 50 : 3);
    AtomicBoolean goesOn = new AtomicBoolean(true);
    ConcurrentLinkedQueue<String> odd = new ConcurrentLinkedQueue<>();
    List<Thread> attack = new ArrayList<>();
    for (Runnable one : attacks(odd)) {
      attack.add(
          Thread.startVirtualThread(
              () -> {
                while (goesOn.get()) {
                  one.run();
                }
              }));
    }
    Thread.sleep(1_000);

    long[] attacked = play(code, SOAK ? 50 : 3);

    goesOn.set(false);
    for (Thread thread : attack) {
      thread.join();
    }
    assertThat(odd).isEmpty();
    assertThat(server.isAlive()).isTrue();
    double slower = at99(attacked) / at99(quiet);
    System.out.printf(
        "moves of a class: p99 %.0f ms quiet, %.0f ms attacked: %.1f times%n",
        at99(quiet) / 1e6, at99(attacked) / 1e6, slower);
    if (SOAK) {
      assertThat(slower).isLessThanOrEqualTo(MOST_SLOWER);
    }
  }

  @Test
  void oneSlowOrLargeWriterDelaysNobody() throws Exception {
    String save = typedTexts(60, 60, 14);
    assertThat(save.length()).isGreaterThan(64 << 10);
    saves(save, SOAK ? 10 : 2);
    long[] quiet = saves(save, SOAK ? 30 : 4);

    List<Socket> sockets = new ArrayList<>();
    String name = "{\"name\": \"" + "x".repeat(3_900_000);
    for (int i = 0; i < Math.min(ATTACKERS, 60); i++) {
      sockets.add(announcing("/api/activities", session(), name));
    }
    long[] beside = saves(save, SOAK ? 30 : 4);
    for (Socket socket : sockets) {
      socket.close();
    }
    told("saves beside bodies of 4 MB that trickle in", quiet, beside);

    String inClass =
        teacher
            .post("/api/classes", "{\"name\": \"Large\"}")
            .json()
            .asObject()
            .get("card")
            .asObject()
            .getString("id", "");
    beside =
        whileRepeated(
            i ->
                teacher.post(
                    "/api/classes/" + inClass + "/learners",
                    "{\"text\": \"" + texts(1_000, "Pupil %d of " + i).replace(",", "\\n") + "\"}"),
            2,
            () -> saves(save, SOAK ? 30 : 4));
    told("saves beside lists of 1,000 names", quiet, beside);
  }

  @Test
  void wrongPasswordsInNumbersDelayNoRightOne() throws Exception {
    String typed = "{\"name\": \"Ms Vetch\", \"password\": \"a meadow of bees\"}";
    teacher.post("/api/teachers", typed);
    Caller hers = Caller.at(server.address());
    hers.get("/api/session");
    int often = SOAK ? 30 : 2;
    signsIn(hers, typed, often);
    long[] quiet = signsIn(hers, typed, often);

    AtomicBoolean goesOn = new AtomicBoolean(true);
    Caller guesser = Caller.at(server.address());
    guesser.get("/api/session");
    List<Thread> guesses =
        IntStream.range(0, ATTACKERS)
            .mapToObj(
                i ->
                    Thread.startVirtualThread(
                        () -> {
                          String guess = "{\"name\": \"Name %d\", \"password\": \"y\"}";
                          while (goesOn.get()) {
                            guesser.post("/api/session", guess.formatted(i));
                            // As a person presses the button; a flood is another matter.
                            LockSupport.parkNanos(200_000_000);
                          }
                        }))
            .toList();
    // The first few are looked at at once.
    Thread.sleep(2_000);
    long[] beside = signsIn(hers, typed, often);
    goesOn.set(false);
    guesses.forEach(Thread::interrupt);
    told("sign-ins beside wrong ones", quiet, beside);
    // On a device that is new, she waits her turn, and no longer.
    Caller fresh = Caller.at(server.address());
    fresh.get("/", "Accept", "text/html");
    fresh.get("/api/session");
    assertThat(fresh.post("/api/session", typed).status()).isEqualTo(200);
  }

  private static long[] signsIn(Caller who, String typed, int often) {
    return IntStream.range(0, often)
        .mapToLong(
            i -> {
              long begin = System.nanoTime();
              assertThat(who.post("/api/session", typed).status()).isEqualTo(200);
              return System.nanoTime() - begin;
            })
        .sorted()
        .toArray();
  }

  /** How long such a save takes, in ns, sorted. */
  private static long[] saves(String activity, int howMany) {
    return IntStream.range(0, howMany)
        .mapToLong(
            i -> {
              long begin = System.nanoTime();
              Answer saved = teacher.post("/api/activities", activity);
              assertThat(saved.status()).as(saved.body()).isEqualTo(201);
              return System.nanoTime() - begin;
            })
        .sorted()
        .toArray();
  }

  /** Measures while something is done again and again, so often at least. */
  private static long[] whileRepeated(IntFunction<Answer> what, int least, Supplier<long[]> measure)
      throws InterruptedException {
    AtomicBoolean goesOn = new AtomicBoolean(true);
    ConcurrentLinkedQueue<Integer> statuses = new ConcurrentLinkedQueue<>();
    Thread other =
        Thread.startVirtualThread(
            () -> {
              while (goesOn.get() || statuses.size() < least) {
                statuses.add(what.apply(statuses.size()).status());
              }
            });
    long[] times = measure.get();
    goesOn.set(false);
    other.join();
    assertThat(statuses).contains(201);
    return times;
  }

  private static void told(String what, long[] quiet, long[] beside) {
    double slower = at99(beside) / at99(quiet);
    System.out.printf(
        "%s: p99 %.0f ms quiet, %.0f ms then: %.1f times%n",
        what, at99(quiet) / 1e6, at99(beside) / 1e6, slower);
    if (SOAK) {
      assertThat(slower).as(what).isLessThanOrEqualTo(MOST_SLOWER);
    }
  }

  /** Each is answered in words and in a while. */
  private List<Runnable> attacks(ConcurrentLinkedQueue<String> odd) {
    String compared = typedTexts(100, 100, QUESTIONS);
    String tooMany = typedTexts(500, 500, 1);
    String gaps = gaps(99);
    String signs = "- ".repeat(20_000) + "x\n";
    String quotes = ">".repeat(50_000) + "x\n";
    String stars = "- [ ] " + "*a ".repeat(30_000) + "\n";
    String tags =
        Samples.threeQuestions("Tags")
            .replace("\"tags\": []", "\"tags\": [\"" + "a\",\"".repeat(300_000) + "b\"]");
    String guess = "{\"name\": \"x\", \"password\": \"y\"}";
    Caller stranger = Caller.at(server.address());
    stranger.get("/api/session");
    return List.of(
        () -> expect(odd, teacher.post("/api/activities", compared), 201),
        () -> expect(odd, teacher.post("/api/activities", tooMany), 400),
        () -> expect(odd, teacher.post("/api/activities", gaps), 201),
        () -> expect(odd, teacher.post("/api/activities", tags), 400),
        () -> expect(odd, teacher.post("/api/questions/understood", signs), 200, 400),
        () -> expect(odd, teacher.post("/api/questions/understood", quotes), 200, 400),
        () -> expect(odd, teacher.post("/api/questions/understood", stars), 200, 400),
        () -> expect(odd, teacher.get("/api/activities?search=" + "a%20".repeat(1_000)), 400),
        () -> expect(odd, stranger.post("/api/session", guess), 401, 429));
  }

  private static void expect(ConcurrentLinkedQueue<String> odd, Answer answer, Integer... any) {
    // There may be too much to do; that is said, too.
    if (!Arrays.asList(any).contains(answer.status()) && answer.status() != 503) {
      odd.add(answer.status() + " " + answer.body());
    }
  }

  private static String typedTexts(int accepted, int mistakes, int questions) {
    String question =
        """
        {"kind": "typed-text", "id": "%%d", "text": "Who dances?", "accepted": [%s],
         "mistakes": [%s], "comparing": {"slips": true, "anyOrder": true}, "feedback": {}}"""
            .formatted(
                texts(accepted, "\"a bee that dances %d times for clover\""),
                texts(mistakes, "{\"text\": \"a wasp that waits %d times for jam\"}"));
    return asking(
        IntStream.range(0, questions)
            .mapToObj(question::formatted)
            .collect(Collectors.joining(",")));
  }

  private static String gaps(int gaps) {
    return asking(
        IntStream.range(0, QUESTIONS)
            .mapToObj(
                i ->
                    """
                    {"kind": "gaps", "id": "%d", "text": "%s", "filling": "chosen", "decoys": [%s],
                     "comparing": {}, "credit": "each-right-counts", "feedback": {}}"""
                        .formatted(i, "a [bee|wasp] ".repeat(gaps), texts(100, "\"word %d\"")))
            .collect(Collectors.joining(",")));
  }

  private static String texts(int howMany, String text) {
    return IntStream.range(0, howMany).mapToObj(text::formatted).collect(Collectors.joining(","));
  }

  private static String asking(String questions) {
    return Samples.threeQuestions("Attack")
        .replaceFirst(
            "(?s)\"questions\": \\[.*\\]\\},\\s+\"rules",
            Matcher.quoteReplacement("\"questions\": [" + questions + "]},\"rules"));
  }

  /** The code of an activity. */
  private String given(String title) {
    String id = teacher.post("/api/activities", Samples.threeQuestions(title)).text("id");
    return teacher.post("/api/activities/" + id + "/link", "").text("code");
  }

  /** A class plays so many games one after another; how long each move took, in ns, sorted. */
  private long[] play(String code, int games) {
    ConcurrentLinkedQueue<Long> times = new ConcurrentLinkedQueue<>();
    atOnce(
        SOAK ? 10 : 4,
        learner -> {
          Caller device = Caller.at(server.address());
          for (int game = 0; game < games; game++) {
            Answer opened = device.post("/api/links/" + code + "/sittings", "");
            String path = "/api/play/" + opened.text("sitting") + "/moves";
            String token = "Bearer " + opened.text("token");
            long begin = System.nanoTime();
            Answer moved = device.post(path, Samples.start("start"), "Authorization", token);
            times.add(System.nanoTime() - begin);
            assertThat(moved.status()).as(moved.body()).isEqualTo(200);
          }
          return 0;
        });
    return times.stream().mapToLong(Long::longValue).sorted().toArray();
  }

  private static double at99(long[] sorted) {
    return sorted[(int) (0.99 * (sorted.length - 1))];
  }

  private static <T> List<T> atOnce(int howMany, IntFunction<T> work) {
    ConcurrentLinkedQueue<T> done = new ConcurrentLinkedQueue<>();
    List<Thread> threads =
        IntStream.range(0, howMany)
            .mapToObj(i -> Thread.startVirtualThread(() -> done.add(work.apply(i))))
            .toList();
    try {
      for (Thread thread : threads) {
        thread.join();
      }
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
    assertThat(done).hasSize(howMany);
    return List.copyOf(done);
  }

  private String session() {
    return "Cookie: bravium-session=%s; XSRF-TOKEN=%s\r\nX-XSRF-TOKEN: %2$s\r\n"
        .formatted(teacher.cookie("bravium-session"), teacher.cookie("XSRF-TOKEN"));
  }

  private Socket announcing(String path, String headers, String begin) throws IOException {
    URI address = URI.create(server.address());
    Socket socket = new Socket(address.getHost(), address.getPort());
    String head =
        "POST %s HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n%sContent-Length: 4000000\r\n\r\n"
            .formatted(path, headers);
    Thread.startVirtualThread(
        () -> {
          try {
            OutputStream out = socket.getOutputStream();
            out.write((head + begin).getBytes(StandardCharsets.UTF_8));
            out.flush();
          } catch (IOException e) {
            // It was refused.
          }
        });
    return socket;
  }
}
