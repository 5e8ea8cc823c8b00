package bravium.bench;

import bravium.bench.Engines.Speed;
import bravium.bench.Load.Result;
import bravium.bench.Load.To;
import bravium.core.codec.Codec;
import bravium.server.media.CutAndRate;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;

/**
 * Prints one table of figures, all of one run. Machines differ and are noisy: what counts are the
 * ratios. Usage: {@code Bench ROOT JAVA-OPTIONS-OF-THE-APP … [--save] [--old] [--engines]
 * [--classes] [--escapes] [--moves] [--moves-of-classes] [--memory]}.
 */
public final class Bench {

  private static final double SECONDS = 4;

  /** A noisy machine stalls now and then: what is compared runs by turns, and the middle counts. */
  private static final int TURNS = 3;

  /** Who play at once where classes are measured beside links. */
  private static final int PLAYERS = 200;

  private final Path root;
  private final Path folder;

  /** Where the engine of an earlier commit was built; null where it was not. */
  private final @Nullable Path old;

  private final List<String> lines = new ArrayList<>();

  private Bench(Path root, @Nullable Path old) throws IOException {
    this.root = root;
    this.old = old;
    this.folder = Files.createTempDirectory("bravium-bench");
  }

  /** What can be measured alone. */
  private interface Part {

    void run() throws Exception;
  }

  /** Runs everything, or the part that is asked for. */
  public static void main(String[] arguments) throws Exception {
    List<String> all = new ArrayList<>(List.of(arguments));
    boolean save = all.remove("--save");
    Path root = Path.of(all.removeFirst());
    Bench bench = new Bench(root, all.remove("--old") ? root.resolve("bench/target/old") : null);
    Map<String, Part> parts =
        Map.of(
            "--engines", bench::engines,
            "--escapes", bench::escapes,
            "--moves", bench::moves,
            "--moves-of-classes", bench::movesOfClasses,
            "--memory", bench::memory,
            "--classes", bench::classes);
    for (Map.Entry<String, Part> part : parts.entrySet()) {
      if (all.remove(part.getKey())) {
        part.getValue().run();
        bench.lines.forEach(System.out::println);
        System.exit(0);
      }
    }
    bench.run(all);
    String table = String.join("\n", bench.lines) + "\n";
    System.out.print("\n" + table);
    if (save) {
      Files.writeString(bench.root.resolve("docs/bench.md"), bench.page(table));
    }
    System.exit(0);
  }

  private void run(List<String> application) throws Exception {
    line("measured", "figure", "beside it", "ratio", "aim");
    line("---", "---", "---", "---", "---");
    say("Moves over HTTP …");
    moves();
    say("Engines …");
    engines();
    say("Lists and pages …");
    listsAndPages();
    say("Classes …");
    classes();
    say("Pictures …");
    pictures();
    say("Starts …");
    starts(application);
    sizes();
  }

  private void moves() throws Exception {
    double raw = Inserts.perSecond(folder);
    for (int players : new int[] {200, 1_000}) {
      Result together;
      Result nothing;
      Result fixed;
      Result fixedNothing;
      double rate;
      try (ServerProcess server = server("together" + players)) {
        Load load = Load.byLink(server.address(), database("together" + players));
        load.run(To.MOVES, players, 2 * SECONDS, 0);
        Result[] fastest = byTurns(load, players, 0);
        nothing = fastest[0];
        together = fastest[1];
        rate = 0.5 * Math.min(nothing.perSecond(), together.perSecond());
        Result[] steady = byTurns(load, players, rate);
        fixedNothing = steady[0];
        fixed = steady[1];
      }
      Result alone;
      try (ServerProcess server = server("alone" + players, "--bravium.commit-together=1")) {
        Load load = Load.byLink(server.address(), database("alone" + players));
        load.run(To.MOVES, players, 2 * SECONDS, 0);
        alone = load.run(To.MOVES, players, SECONDS, 0);
      }
      require(together, nothing, fixed, fixedNothing, alone);
      String who = players + " players: ";
      compare(
          who + "accepted moves a second",
          together.perSecond(),
          "no-op",
          nothing.perSecond(),
          "≥ 0.8");
      compare(
          who + "accepted moves a second",
          together.perSecond(),
          "one commit each",
          alone.perSecond(),
          "≥ 3");
      compare(who + "accepted moves a second", together.perSecond(), "raw inserts", raw, "");
      compare(
          who + "p50 in ms at %,.0f a second".formatted(rate),
          fixed.p50(),
          "no-op",
          fixedNothing.p50(),
          "");
      compare(
          who + "p99 in ms at %,.0f a second".formatted(rate),
          fixed.p99(),
          "no-op",
          fixedNothing.p99(),
          "≤ 3");
    }
  }

  /** The no-op endpoint and the moves by turns: of each the middle rate, p50 and p99. */
  private static Result[] byTurns(Load load, int players, double rate) {
    List<Result> nothing = new ArrayList<>();
    List<Result> moves = new ArrayList<>();
    for (int i = 0; i < TURNS; i++) {
      nothing.add(load.run(To.NO_OP, players, SECONDS, rate));
      moves.add(load.run(To.MOVES, players, SECONDS, rate));
    }
    return new Result[] {middle(nothing), middle(moves)};
  }

  private static Result middle(List<Result> results) {
    return new Result(
        middle(results, Result::perSecond),
        middle(results, Result::p50),
        middle(results, Result::p99),
        results.stream().mapToLong(Result::refused).sum());
  }

  private static double middle(List<Result> results, ToDoubleFunction<Result> of) {
    return results.stream().mapToDouble(of).sorted().skip(results.size() / 2).findFirst().orElse(0);
  }

  private static void require(Result... results) {
    if (Arrays.stream(results).anyMatch(r -> r.refused() > 0)) {
      throw new IllegalStateException("the server refused something: " + List.of(results));
    }
  }

  /** Old and new by turns, and of each the fastest: what else the machine does slows only down. */
  private void engines() throws Exception {
    Engines engines = new Engines(root, folder, old);
    List<Speed> here = new ArrayList<>();
    List<Speed> node = new ArrayList<>();
    List<Speed> oldHere = new ArrayList<>();
    List<Speed> oldNode = new ArrayList<>();
    for (int i = 0; i < TURNS; i++) {
      here.add(engines.onTheJvm());
      node.add(engines.inNode());
      if (engines.comparesWithOld()) {
        oldHere.add(engines.oldOnTheJvm());
        oldNode.add(engines.oldInNode());
      }
    }
    if (engines.comparesWithOld()) {
      faster("JVM, moves alone", here, oldHere, Speed::alone, "≥ 6");
      faster("JVM, with a showing", here, oldHere, Speed::withShowing, "≥ 4");
      faster("Node, moves alone", node, oldNode, Speed::alone, "");
      faster("Node, with a showing", node, oldNode, Speed::withShowing, "≥ 12");
    }
    compare(
        "engine: moves a second with a showing on the JVM",
        fastest(here, Speed::withShowing),
        "in Node",
        fastest(node, Speed::withShowing),
        "");
    compare(
        "10,000 plays of 20 questions without log, in s",
        Engines.playsWithoutLog(),
        "drawing and marking alone",
        Engines.drawsAndMarks(),
        "≤ 10");
  }

  private void faster(
      String what, List<Speed> here, List<Speed> old, ToDoubleFunction<Speed> of, String aim) {
    compare(
        "engine: moves a second, " + what, fastest(here, of), "old engine", fastest(old, of), aim);
  }

  private static double fastest(List<Speed> speeds, ToDoubleFunction<Speed> of) {
    return speeds.stream().mapToDouble(of).max().orElse(0);
  }

  private void listsAndPages() throws Exception {
    try (ServerProcess server = server("pages");
        InBrowser browser = new InBrowser(server.address())) {
      Http teacher = new Http(server.address()).signIn();
      for (int i = 0; i < 8; i++) {
        teacher.post("/api/activities", Codec.ACTIVITY.write(Quizzes.of("Ten " + i, 10)));
      }
      double ten = list(teacher);
      for (int questions : new int[] {10, 200}) {
        double[] times = browser.keyToLiveGame(questions);
        line(
            "key press to live game in ms, %d questions".formatted(questions),
            "%.0f".formatted(InBrowser.median(times)),
            "worst %.0f".formatted(InBrowser.worst(times)),
            "",
            "50");
      }
      escapes(browser);
      double[] late = browser.lateFrames();
      compare("late frames while options are struck out, %", late[0], "empty page", late[1], "");
      double[] dragging = browser.lateWhileDragging();
      compare(
          "late frames while one of 100 cards is dragged, %",
          dragging[0], "empty page", dragging[1], "");
      String id =
          teacher
              .post("/api/activities", Codec.ACTIVITY.write(Quizzes.of("Link", 10)))
              .getString("id", "");
      String code = teacher.post("/api/activities/" + id + "/link", "").getString("code", "");
      line(
          "script that a learner loads first, gzipped",
          kilobytes(browser.learnersScript(code)),
          "",
          "",
          "150 KB");
      multiply(10_000);
      compare("list of 10,000 activities in ms", list(teacher), "of 10", ten, "1");
    }
  }

  private void escapes() throws Exception {
    try (ServerProcess server = server("escapes");
        InBrowser browser = new InBrowser(server.address())) {
      escapes(browser);
    }
  }

  private void escapes(InBrowser browser) {
    double[] times = browser.keyToFindings(60);
    line(
        "key press to findings in ms, an escape of 60 locks",
        "%.0f".formatted(InBrowser.median(times)),
        "worst %.0f".formatted(InBrowser.worst(times)),
        "",
        "100");
  }

  /** The list's first page. */
  private static double list(Http teacher) {
    return teacher.median("/api/activities", 60);
  }

  private void multiply(int activities) throws Exception {
    try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + database("pages"));
        PreparedStatement insert =
            database.prepareStatement(
                "with recursive n(i) as (select 1 union all select i + 1 from n where i < ?)"
                    + " insert into activity (public_id, teacher_id, version, title, kind, subject,"
                    + " year, question_count, finding_count, is_playable, created_at, changed_at,"
                    + " search_text) select 'many' || i, teacher_id, 1, title || ' ' || i, kind,"
                    + " subject, i % 13, question_count, finding_count, is_playable, created_at,"
                    + " changed_at - i * 60000, search_text || ' ' || i from n, (select * from"
                    + " activity limit 1)")) {
      insert.setInt(1, activities);
      insert.execute();
    }
  }

  private void starts(List<String> application) {
    double ours = Double.MAX_VALUE;
    double bare = Double.MAX_VALUE;
    for (int i = 0; i < 4; i++) {
      try (ServerProcess server =
          ServerProcess.start(
              application, log("start"), "--bravium.data=" + folder.resolve("start"))) {
        ours = Math.min(ours, server.startSeconds());
      }
      try (ServerProcess server = ServerProcess.start(BareServer.class, log("bare"))) {
        bare = Math.min(bare, server.startSeconds());
      }
    }
    compare("start-up in s, best of 4", ours, "bare Spring Boot", bare, "≤ 1.5");
  }

  private void classes() throws Exception {
    try (ServerProcess server = server("classes")) {
      Classes classes = new Classes(server.address(), database("classes"));
      moves(classes, server.address());
      polled(classes);
      classes.rush(100, 1);
      List<Classes.Rush> few = new ArrayList<>();
      List<Classes.Rush> many = new ArrayList<>();
      List<Classes.Rush> one = new ArrayList<>();
      List<Classes.Rush> ten = new ArrayList<>();
      for (int i = 0; i < TURNS; i++) {
        few.add(classes.rush(20, 1));
        many.add(classes.rush(200, 1));
        one.add(classes.rush(30, 1));
        ten.add(classes.rush(300, 10));
      }
      int refused =
          Stream.of(few, many, one, ten)
              .flatMap(List::stream)
              .mapToInt(Classes.Rush::refused)
              .sum();
      compare(
          "200 learners come in and begin within 10 s: p99 in ms",
          median(many),
          "20 of them",
          median(few),
          "≤ 3");
      compare(
          "300 learners in ten classes within 10 s, each watched: p99 in ms",
          median(ten),
          "30 of one",
          median(one),
          "≤ 4");
      line("of all of them refused", String.valueOf(refused), "", "", "0");
      String assignment = classes.playedOnce();
      classes.look(assignment);
      double empty = classes.emptyGlance();
      compare(
          "a look at 40 learners × 30 questions in ms",
          classes.look(assignment),
          "at an empty class",
          empty,
          "≤ 3");
      double[] looks = new double[2];
      double[] heaps = new double[2];
      int[] games = {1_000, 10_000};
      for (int i = 0; i < games.length; i++) {
        Classes.multiply(database("classes"), assignment, games[i]);
        classes.look(assignment);
        looks[i] = classes.look(assignment);
        heaps[i] = server.heap();
      }
      compare("a look at 10,000 games in ms", looks[1], "at 1,000", looks[0], "≤ 12");
      compare("heap in use after that in MB", heaps[1], "after 1,000", heaps[0], "≤ 1.2");
    }
  }

  /**
   * Ten classes after ten others, for ten minutes: what the server holds of them stays as it is.
   */
  private void memory() throws Exception {
    try (ServerProcess server = server("memory")) {
      Classes classes = new Classes(server.address(), database("memory"));
      long end = System.nanoTime() + Duration.ofMinutes(10).toNanos();
      List<Double> heaps = new ArrayList<>();
      int refused = 0;
      while (System.nanoTime() < end) {
        refused += classes.rush(300, 10).refused();
        heaps.add(server.heap());
        say("  %.1f MB".formatted(heaps.getLast()));
      }
      double[] half = {
        heaps.subList(0, heaps.size() / 2).stream().mapToDouble(h -> h).max().orElse(0),
        heaps.subList(heaps.size() / 2, heaps.size()).stream().mapToDouble(h -> h).max().orElse(0)
      };
      compare(
          "heap in MB, 300 learners every 10 s: most in the last five minutes",
          half[1],
          "in the first five",
          half[0],
          "≤ 1.2");
      line("of all of them refused", String.valueOf(refused), "", "", "0");
    }
  }

  private void movesOfClasses() throws Exception {
    try (ServerProcess server = server("classes")) {
      moves(new Classes(server.address(), database("classes")), server.address());
    }
  }

  /** Learners of classes beside those who play by link, by turns on one server. */
  private void moves(Classes classes, String address) {
    Load links = Load.byLink(address, database("classes"));
    Load inClasses = new Load(address, database("classes"), new ClassSittings(classes));
    links.run(To.MOVES, PLAYERS, SECONDS, 0);
    inClasses.run(To.MOVES, PLAYERS, SECONDS, 0);
    List<Result> byLink = new ArrayList<>();
    List<Result> byLearners = new ArrayList<>();
    for (int i = 0; i < TURNS; i++) {
      byLink.add(links.run(To.MOVES, PLAYERS, SECONDS, 0));
      byLearners.add(inClasses.run(To.MOVES, PLAYERS, SECONDS, 0));
    }
    Result link = middle(byLink);
    Result learners = middle(byLearners);
    require(link, learners);
    compare(
        PLAYERS + " learners of classes: accepted moves a second",
        learners.perSecond(),
        "by link",
        link.perSecond(),
        "≥ 0.85");
  }

  /** The pages of a class and of its learners, who do nothing meanwhile. */
  private void polled(Classes classes) {
    ClassSittings.Full full = new ClassSittings(classes).newClass();
    classes.polled(full.learners(), full.inClass(), false);
    Classes.Polled whole = classes.polled(full.learners(), full.inClass(), false);
    Classes.Polled tagged = classes.polled(full.learners(), full.inClass(), true);
    compare(
        "pages of 30 learners × 20 assignments polled for a minute: median in ms, by their tags",
        tagged.median(),
        "whole",
        whole.median(),
        "≤ 1");
    compare("of these not answered anew", tagged.unchanged(), "asked for", tagged.asked(), "≥ 0.7");
  }

  private static double median(List<Classes.Rush> rushes) {
    double[] sorted = rushes.stream().mapToDouble(Classes.Rush::p99).sorted().toArray();
    return sorted[sorted.length / 2];
  }

  private void pictures() throws IOException {
    CutAndRate.Times times = CutAndRate.measure(folder);
    compare(
        "cutting and rating 12 megapixels in s",
        times.cutAndRated(),
        "unpacking them",
        times.unpacked(),
        "≤ 2");
  }

  private void sizes() throws IOException {
    for (String module : List.of("engine.js", "play.js")) {
      ByteArrayOutputStream zipped = new ByteArrayOutputStream();
      try (GZIPOutputStream out = new GZIPOutputStream(zipped)) {
        Files.copy(root.resolve("engine-js/target/js").resolve(module), out);
      }
      line(module + ", gzipped", kilobytes(zipped.size()), "", "", "");
    }
  }

  private ServerProcess server(String name, String... settings) {
    List<String> all = new ArrayList<>(List.of(settings));
    all.add("--bravium.demo=true");
    all.add("--bravium.data=" + folder.resolve(name));
    return ServerProcess.start(BenchServer.class, log(name), all.toArray(String[]::new));
  }

  private Path database(String name) {
    return folder.resolve(name).resolve("bravium.db");
  }

  private Path log(String name) {
    return folder.resolve(name + ".log");
  }

  private void compare(String what, double figure, String beside, double other, String aim) {
    line(
        what,
        number(figure),
        beside + " " + number(other),
        String.format(Locale.ROOT, "%.2f", figure / other),
        aim);
  }

  private static String number(double figure) {
    return String.format(Locale.ROOT, figure >= 100 ? "%,.0f" : "%.2f", figure);
  }

  private static String kilobytes(long bytes) {
    return String.format(Locale.ROOT, "%.1f KB", bytes / 1_000.0);
  }

  private void line(String... cells) {
    lines.add("| " + String.join(" | ", cells) + " |");
  }

  private static void say(String text) {
    System.out.println(text);
  }

  private String page(String table) {
    return """
        # Benchmark

        Made by `./bravium bench --save` on %s, on %d processors. All figures are of one run, server and
        load on the same machine; what counts are the ratios. The no-op endpoint does the same sign-in
        and the same JSON as a move, and neither plays nor keeps anything.

        %s"""
        .formatted(LocalDate.now(), Runtime.getRuntime().availableProcessors(), table);
  }
}
