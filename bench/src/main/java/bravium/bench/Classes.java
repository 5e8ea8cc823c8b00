package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;

/** What classes cost: the glance at what came back, and many learners who come in at once. */
final class Classes {

  private static final int QUESTIONS = 30;
  private static final int LEARNERS = 40;
  private static final int LOOKS = 60;

  /** Within how many seconds learners come in. */
  private static final double RUSH = 10;

  private static final Activity QUIZ = Quizzes.of("Glance", QUESTIONS);

  /** How a rush went: requests that were refused, and the 99th of a hundred in milliseconds. */
  record Rush(int refused, double p99) {}

  /** An activity that was assigned to a class. */
  record Given(String inClass, String code, String assignment) {}

  private final String address;
  private final Http teacher;
  private final Map<Activity, String> activities = new HashMap<>();
  private final Path database;
  private final HttpClient learners = HttpClient.newHttpClient();
  private int rushes;

  Classes(String address, Path database) {
    this.address = address;
    this.database = database;
    this.teacher = new Http(address).signIn();
  }

  private Given given(String name) {
    return given(name, QUIZ);
  }

  /** A new class that was given that. */
  Given given(String name, Activity activity) {
    JsonObject view =
        teacher.post("/api/classes", "{\"name\": \"" + name + "\", \"door\": \"open\"}");
    String inClass = view.get("card").asObject().getString("id", "");
    return andGiven(new Given(inClass, view.getString("code", ""), ""), activity);
  }

  /** The class of that, given something more. */
  Given andGiven(Given other, Activity activity) {
    String id =
        activities.computeIfAbsent(
            activity,
            a -> teacher.post("/api/activities", Codec.ACTIVITY.write(a)).getString("id", ""));
    String assignment =
        teacher
            .post(
                "/api/classes/" + other.inClass + "/assignments",
                """
                {"activity": "%s", "terms": {"counts": "best", "told": "at-once",
                 "atClosing": "finish", "marks": "at-once"}}"""
                    .formatted(id))
            .getString("id", "");
    return new Given(other.inClass, other.code, assignment);
  }

  /** What a look at an assignment that nobody has, in milliseconds. */
  double emptyGlance() {
    return look(given("Empty").assignment);
  }

  /** A class that has played everything once; the id of its assignment. */
  String playedOnce() {
    Given given = given("Full");
    try (OfOnePlay plays = new OfOnePlay(database)) {
      for (int i = 0; i < LEARNERS; i++) {
        String token = joined(given, "Learner " + i);
        String sitting = begun(given, token);
        for (String move : plays.moves(QUIZ, sitting, Quizzes.moves(QUESTIONS))) {
          require(send("/api/play/" + sitting + "/moves", move, token));
        }
      }
    }
    return given.assignment;
  }

  /** The median time of a look at what came back, in milliseconds. */
  double look(String assignment) {
    return teacher.median("/api/assignments/" + assignment + "/glance", LOOKS);
  }

  /** Has everybody play it again and again: the games of one are copied until there are so many. */
  static void multiply(Path database, String assignment, int games) throws SQLException {
    String copy =
        """
        with recursive n(i) as (select 1 union all select i + 1 from n where i < ?)
        insert into sitting (public_id, activity_version_id, learner_id, opening, outcome,
                             engine_revision, opened_revision, opened_at, ended_at, review, assignment_id)
        select public_id || ' ' || ? || ' ' || i, activity_version_id, learner_id, opening, outcome,
               engine_revision, opened_revision, opened_at - i, ended_at, review, assignment_id
        from n, (select s.* from sitting s join assignment a on a.id = s.assignment_id
                 where a.public_id = ? and instr(s.public_id, ' ') = 0)""";
    String first =
        """
        insert into move (sitting_id, place, move_key, document, played_at)
        select s.id, 0, 's', '{"key":"s","mover":"player","action":{"kind":"start"}}', s.opened_at
        from sitting s where instr(s.public_id, ' ') > 0
          and not exists (select 1 from move m where m.sitting_id = s.id)""";
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
        PreparedStatement copies = connection.prepareStatement(copy);
        PreparedStatement moves = connection.prepareStatement(first)) {
      connection.setAutoCommit(false);
      copies.setInt(1, games / LEARNERS);
      copies.setInt(2, games);
      copies.setString(3, assignment);
      copies.execute();
      moves.execute();
      connection.commit();
    }
  }

  /**
   * So many learners come into so many classes, each with its live page open, and begin, within ten
   * seconds and from one address.
   */
  Rush rush(int howMany, int inClasses) {
    List<Given> all = new ArrayList<>();
    List<AutoCloseable> watched = new ArrayList<>();
    for (int i = 0; i < inClasses; i++) {
      all.add(given("Rush " + rushes++));
      watched.add(teacher.watch("/api/assignments/" + all.getLast().assignment + "/live"));
    }
    AtomicInteger refused = new AtomicInteger();
    List<Double> times = new ArrayList<>();
    List<Thread> threads = new ArrayList<>();
    long begin = System.nanoTime();
    for (int i = 0; i < howMany; i++) {
      String name = "Learner " + i;
      Given given = all.get(i % inClasses);
      long due = begin + (long) (i * RUSH * 1e9 / howMany);
      threads.add(
          Thread.ofVirtual()
              .start(
                  () -> {
                    Load.sleepUntil(due);
                    List<Double> hers = comesIn(given, name, refused);
                    synchronized (times) {
                      times.addAll(hers);
                    }
                  }));
    }
    threads.forEach(Load::join);
    watched.forEach(Classes::close);
    double[] sorted = times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return new Rush(refused.get(), sorted[(int) (0.99 * (sorted.length - 1))]);
  }

  /** How pages went that ask again and again: how many had not changed, and the median in ms. */
  record Polled(int asked, int unchanged, double median) {}

  /**
   * For a minute the page of a class is asked for every ten seconds, and those of its learners
   * every fifteen.
   *
   * @param tags whether they bring the tag of what they have
   */
  Polled polled(List<ClassSittings.Learner> learners, String inClass, boolean tags) {
    List<Double> times = new ArrayList<>();
    AtomicInteger unchanged = new AtomicInteger();
    List<Thread> pages = new ArrayList<>();
    long begin = System.nanoTime();
    for (int i = 0; i < learners.size(); i++) {
      ClassSittings.Learner one = learners.get(i);
      long due = begin + i * 15_000_000_000L / learners.size();
      UnaryOperator<HttpRequest.Builder> hers =
          request -> request.header("Authorization", "Bearer " + one.token());
      String path = "/api/join/" + one.code() + "/page";
      pages.add(polling(path, due, 15, hers, this.learners, tags, times, unchanged));
    }
    pages.add(
        polling(
            "/api/classes/" + inClass,
            begin,
            10,
            r -> r,
            teacher.client(),
            tags,
            times,
            unchanged));
    pages.forEach(Load::join);
    double[] sorted = times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return new Polled(sorted.length, unchanged.get(), InBrowser.median(sorted));
  }

  private Thread polling(
      String path,
      long first,
      int seconds,
      UnaryOperator<HttpRequest.Builder> who,
      HttpClient client,
      boolean tags,
      List<Double> times,
      AtomicInteger unchanged) {
    return Thread.ofVirtual()
        .start(
            () -> {
              String tag = null;
              for (int turn = 0; turn * seconds < 60; turn++) {
                Load.sleepUntil(first + turn * seconds * 1_000_000_000L);
                HttpRequest.Builder request =
                    who.apply(HttpRequest.newBuilder(URI.create(address + path)));
                if (tags && tag != null) {
                  request.header("If-None-Match", tag);
                }
                long asked = System.nanoTime();
                HttpResponse<String> answer = Http.sent(client, request.build());
                double took = (System.nanoTime() - asked) / 1e6;
                if (answer.statusCode() == 304) {
                  unchanged.incrementAndGet();
                } else {
                  require(answer);
                  tag = answer.headers().firstValue("ETag").orElse(null);
                }
                synchronized (times) {
                  times.add(took);
                }
              }
            });
  }

  private static void close(AutoCloseable page) {
    try {
      page.close();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /** All that a learner's device asks for until the first question stands there; each in ms. */
  private List<Double> comesIn(Given given, String name, AtomicInteger refused) {
    List<Double> times = new ArrayList<>();
    String join = "/api/join/" + given.code;
    timed(times, refused, join, null, null);
    String token = text(timed(times, refused, join + "/learners", named(name), null), "token");
    timed(times, refused, join + "/page", null, token);
    String sitting =
        text(
            timed(
                times, refused, join + "/assignments/" + given.assignment + "/sittings", "", token),
            "sitting");
    timed(times, refused, "/api/play/" + sitting, null, token);
    String start = Codec.MOVE.write(Quizzes.moves(1).getFirst());
    timed(times, refused, "/api/play/" + sitting + "/moves", start, token);
    return times;
  }

  private HttpResponse<String> timed(
      List<Double> times, AtomicInteger refused, String path, String body, String token) {
    long begin = System.nanoTime();
    HttpResponse<String> response = send(path, body, token);
    times.add((System.nanoTime() - begin) / 1e6);
    if (response.statusCode() >= 300) {
      refused.incrementAndGet();
    }
    return response;
  }

  private static String named(String name) {
    return "{\"name\": \"" + name + "\"}";
  }

  String joined(Given given, String name) {
    return text(require(send("/api/join/" + given.code + "/learners", named(name), null)), "token");
  }

  String begun(Given given, String token) {
    String path = "/api/join/" + given.code + "/assignments/" + given.assignment + "/sittings";
    return text(require(send(path, "", token)), "sitting");
  }

  private static String text(HttpResponse<String> response, String name) {
    return Json.parse(response.body()).asObject().getString(name, "");
  }

  private static HttpResponse<String> require(HttpResponse<String> response) {
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(response.uri() + ": " + response.body());
    }
    return response;
  }

  /** Asks for something, or sends a body where there is one. */
  private HttpResponse<String> send(String path, String body, String token) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json");
    if (body != null) {
      request.POST(BodyPublishers.ofString(body));
    }
    if (token != null) {
      request.header("Authorization", "Bearer " + token);
    }
    return Http.sent(learners, request.build());
  }
}
