package bravium.enginejs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bravium.core.activity.Activity;
import bravium.core.activity.Difference;
import bravium.core.activity.Dress;
import bravium.core.activity.Look;
import bravium.core.activity.Looks;
import bravium.core.calculations.Calculations;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.quizshow.Trail;
import bravium.core.json.Extra;
import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import bravium.core.json.Target;
import bravium.core.measure.DetailMap;
import bravium.core.play.Audience;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Numeric;
import bravium.core.question.Spot;
import bravium.core.question.TypedText;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Readiness;
import bravium.core.rehearsal.Aid;
import bravium.core.revision.Revisions;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomEscapes;
import bravium.core.samples.RandomHunts;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomReveals;
import bravium.core.samples.RandomVideos;
import bravium.core.samples.TypedAnswer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/**
 * The compiled engine under Node answers as the JVM does, to the byte: random activities, random
 * moves, every function of the module.
 */
class ParityTest {

  private static final int GAMES = Integer.getInteger("bravium.parity", 200);
  private static final long SEED = 20_261_123;

  private static final Path COMPILED = Path.of("target/js");

  private static final Basics BASICS =
      new RandomActivities(new Random(SEED)).any().game().questions().getFirst().basics();

  /** What teachers and learners write for numbers: dashes, other digits, signs, units. */
  private static final List<String> NUMBERS =
      List.of(
          "3",
          "3 kg",
          "3000 g",
          "36 combs",
          "= 3",
          "3.",
          "1.000",
          "1,000.5",
          "\u22123",
          "\u20133",
          "\u00a33",
          "\u0663",
          "\u096a\u0968",
          "\uff13",
          "\u00bd",
          "2/4",
          "1 1/2",
          "50 %",
          "50",
          "1e3",
          "three",
          "3 bees",
          "1/0",
          "\uffff");

  private static final List<String> TOLERANCES = List.of("", "0,5", "5%", "\u00b10.5", "some");

  /** A picture of which more is to be seen the further down and to the right. */
  private static final DetailMap DETAIL =
      new DetailMap(
          9, 7, IntStream.range(0, 63).mapToObj(i -> i % 9 * (i / 9) * 1_000_000 / 756).toList());

  private static final Target<JsonValue> TREE = Format.TREE;

  private final Tables tables = new Tables();

  /** The number of the play that was opened last, here and there. */
  private int table;

  private final List<String> calls = new ArrayList<>();
  private final List<String> expected = new ArrayList<>();

  @TempDir(cleanup = CleanupMode.ON_SUCCESS)
  Path folder;

  @Test
  void everyFunctionAnswersTheSameOnTheJvmAndInNode() throws Exception {
    Random random = new Random(SEED);
    call("looks", list(Codec.NAMED, Looks.ALL));
    for (int game = 0; game < GAMES; game++) {
      playOne(random, game);
    }
    answersTheSame("engine.js");
    assertThat(expected).anyMatch(line -> line.contains("\"refusal\":\"not-open\""));
    assertThat(expected).anyMatch(line -> line.contains("\"kind\":\"won\""));
    assertThat(expected).anyMatch(line -> line.contains("\"kind\":\"lost\""));
  }

  /** The module of packages, which can do nothing but play. */
  @Test
  void whatOnlyPlaysAnswersTheSameAndIsMuchSmaller() throws Exception {
    Random random = new Random(SEED + 1);
    for (int game = 0; game < GAMES / 10; game++) {
      playAndRebuild(random, any(random, game), game);
    }
    answersTheSame("play.js");
    assertThat(gzipped("play.js")).isLessThan(gzipped("engine.js") * 3 / 4);
  }

  private static int gzipped(String module) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
      Files.copy(COMPILED.resolve(module), out);
    }
    return bytes.size();
  }

  private void answersTheSame(String module) throws IOException, InterruptedException {
    List<String> actual = playInNode(module);
    assertThat(actual).hasSameSizeAs(expected);
    for (int i = 0; i < expected.size(); i++) {
      assertThat(actual.get(i)).as(calls.get(i)).isEqualTo(expected.get(i));
    }
  }

  /** A browser and the JVM may know different scripts, forms and numbers: both judge the same. */
  @Test
  void whatIsTypedIsJudgedTheSameOnTheJvmAndInNode() throws Exception {
    TypedAnswer.all()
        .forEach(
            answer -> {
              JsonValue question =
                  Codec.QUESTION.tree(
                      new TypedText(
                          BASICS, answer.accepted(), List.of(), answer.how(), Extra.NONE));
              ask("judgement", question, Json.value(answer.typed()));
              ask("switch-examples", question);
            });
    for (String value : NUMBERS) {
      for (String tolerance : TOLERANCES) {
        JsonValue question = Codec.QUESTION.tree(number(value, tolerance));
        ask("number-read", question);
        ask("switch-examples", question);
        NUMBERS.forEach(typed -> ask("judgement", question, Json.value(typed)));
      }
    }
    assertThat(playInNode("engine.js"))
        .isEqualTo(expected)
        .noneMatch(line -> line.contains("\"problem\""));
  }

  private static Numeric number(String value, String tolerance) {
    boolean lowest = value.contains("/");
    return new Numeric(
        BASICS,
        value,
        tolerance.isEmpty() ? null : tolerance,
        List.of("kg", "g", "%", "12 combs"),
        false,
        false,
        true,
        true,
        lowest,
        List.of(),
        Extra.NONE);
  }

  @Test
  void whatIsWrongIsSaidTheSameOnTheJvmAndInNode() throws Exception {
    for (String text :
        List.of("null", "[]", "{\"bravium\":1}", "{\"bravium\":\"x\"}", "{\"bravium\":1.5}")) {
      JsonValue written = Json.parse(text);
      FormatProblem problem =
          catchThrowableOfType(FormatProblem.class, () -> Codec.ACTIVITY.read(written));
      call("readiness", Format.problem(problem), written);
    }
    assertThat(playInNode("engine.js"))
        .isEqualTo(expected)
        .allMatch(line -> line.contains("\"problem\""));
  }

  private void playOne(Random random, int game) {
    RandomActivities activities = new RandomActivities(random);
    Activity activity = any(random, game);
    JsonValue written = Codec.ACTIVITY.tree(activity);
    if (game % 3 == 0) {
      Readiness readiness =
          game % 9 == 0 ? Games.readinessWithMends(activity) : Games.readiness(activity);
      call(game % 9 == 0 ? "mends" : "readiness", Codec.READINESS.tree(readiness), written);
      for (Finding finding : readiness.findings()) {
        JsonValue mended = Codec.ACTIVITY.tree(Games.mended(activity, finding));
        call("mend", mended, written, Codec.FINDING.tree(finding));
      }
    }
    compareSides(random, activity, activities.any());
    if (activity.game() instanceof QuizShow show && show.board() instanceof Trail trail) {
      JsonValue path =
          new JsonArray()
              .add(Codec.SPOT.tree(new Spot(random.nextInt(1_001), 10)))
              .add(Codec.SPOT.tree(new Spot(900, 700)));
      ask("trail-apart", Codec.TRAIL.tree(trail));
      ask("trail-along", Codec.TRAIL.tree(trail.apart()), path);
    }
    if (activity.game() instanceof QuizShow show && show.board() instanceof Climb climb) {
      ask("climb-series", Codec.CLIMB.tree(climb), Json.value(activity.rules().worth()));
    }
    if (activity.game() instanceof PictureReveal reveal) {
      ask("reveal-telling", Codec.PICTURE_REVEAL.tree(reveal), Codec.DETAIL_MAP.tree(DETAIL));
      ask("reveal-under", Codec.PICTURE_REVEAL.tree(reveal));
      JsonValue pieces = Json.value(2 + random.nextInt(35));
      ask(
          "reveal-uneven",
          Codec.PICTURE_REVEAL.tree(reveal),
          Codec.DETAIL_MAP.tree(DETAIL),
          pieces);
      ask(
          "reveal-guarded",
          Codec.PICTURE_REVEAL.tree(reveal),
          Codec.DETAIL_MAP.tree(DETAIL),
          new JsonArray().add("q1").add("q0"));
    }
    Look look = activities.look();
    call("dress", Codec.DRESS.tree(Dress.of(look)), Codec.LOOK.tree(look));
    playAndRebuild(random, activity, game);
    Aid aid = Aid.values()[game % 4];
    tables.aid(table, aid, 9_000_000_000L);
    JsonValue aided = Json.value(aid.name().toLowerCase(Locale.ROOT));
    call("aid", Json.TRUE, Json.value(table), aided, Json.value(9_000_000_000L));
    show(Audience.TEACHER, 9_000_000_000L);
    Activity edited = activities.any();
    tables.follow(table, Games.prepared(edited));
    call("follow", Json.TRUE, Json.value(table), Codec.ACTIVITY.tree(edited));
    show(Audience.PROJECTOR, 9_000_000_000L);
  }

  private static Activity any(Random random, int game) {
    return switch (game % 6) {
      case 1 -> new RandomHunts(random).any();
      case 2 -> new RandomEscapes(random).any();
      case 3 -> new RandomReveals(random).any();
      case 4 -> new RandomVideos(random).any();
      case 5 -> onWhiteboard(random);
      default -> new RandomActivities(random).any();
    };
  }

  private void playAndRebuild(Random random, Activity activity, int game) {
    Opening opening =
        new RandomActivities(random).atTheFront(activity, "seed-" + game, 1_000L * game);
    JsonValue written = Codec.ACTIVITY.tree(activity);
    RandomMoves moves = new RandomMoves(random);
    table++;
    tables.open(Games.prepared(activity), opening);
    call("open", Json.value(table), written, Codec.OPENING.tree(opening));
    for (int i = 0; i < 9; i++) {
      Move move = moves.next(activity, tables.sitting(table));
      long at = 1_000L * game + random.nextInt(100_000);
      JsonValue came = tables.play(table, move, at, TREE);
      call("play", came, Json.value(table), Codec.MOVE.tree(move), Json.value(at));
      show(Audience.values()[i % 3], at);
    }
    Sitting sitting = tables.sitting(table);
    List<Played> log = List.copyOf(tables.log(table));
    JsonArray played = list(Codec.PLAYED, log);
    call("log", played, Json.value(table));
    table++;
    tables.rebuild(Games.prepared(activity), opening, log);
    call("rebuild", Json.value(table), written, Codec.OPENING.tree(opening), played);
    show(Audience.PLAYER, 5_000);
    assertThat(tables.sitting(table)).isEqualTo(sitting);
  }

  private void compareSides(Random random, Activity mine, Activity theirs) {
    List<Difference> differences = Revisions.differences(mine, mine, theirs);
    JsonValue written = Codec.ACTIVITY.tree(mine);
    JsonValue other = Codec.ACTIVITY.tree(theirs);
    call("differences", list(Codec.DIFFERENCE, differences), written, written, other);
    List<Difference> some = differences.stream().filter(d -> random.nextBoolean()).toList();
    Activity merged = Revisions.merge(mine, theirs, some.stream().map(Difference::path).toList());
    call("merge", Codec.ACTIVITY.tree(merged), written, other, list(Codec.DIFFERENCE, some));
  }

  private void show(Audience audience, long at) {
    Showing showing = tables.show(table, audience, at);
    JsonValue who = Json.value(audience.name().toLowerCase(Locale.ROOT));
    call("show", Codec.SHOWING.tree(showing), Json.value(table), who, Json.value(at));
  }

  private static <T> JsonArray list(Format<T> format, List<T> values) {
    JsonArray list = new JsonArray();
    values.forEach(value -> list.add(format.tree(value)));
    return list;
  }

  private void ask(String name, JsonValue... given) {
    JsonArray list = new JsonArray();
    List.of(given).forEach(list::add);
    call("ask", Calculations.ask(name, List.of(given)), Json.value(name), list);
  }

  private void call(String name, JsonValue answer, JsonValue... given) {
    JsonArray list = new JsonArray();
    List.of(given).forEach(list::add);
    calls.add(new JsonObject().add("name", name).add("arguments", list).toString());
    expected.add(answer.toString());
  }

  private List<String> playInNode(String module) throws IOException, InterruptedException {
    Path cases = Files.write(folder.resolve("cases.jsonl"), calls);
    Path engine = Files.copy(COMPILED.resolve(module), folder.resolve("engine.mjs"));
    Path script = Path.of("src/test/js/play-cases.mjs").toAbsolutePath();
    Path out = folder.resolve("answers.jsonl");
    Process node =
        new ProcessBuilder("node", script.toString(), engine.toString(), cases.toString())
            .redirectOutput(out.toFile())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    assertThat(node.waitFor(5, TimeUnit.MINUTES)).as("Node came to its end").isTrue();
    assertThat(node.exitValue()).isZero();
    // Both write some letters in other ways: what they say is compared.
    return Files.readString(out).strip().lines().map(line -> Json.parse(line).toString()).toList();
  }

  private static Activity onWhiteboard(Random random) {
    RandomActivities activities = new RandomActivities(random);
    return activities.onWhiteboard(activities.any());
  }
}
