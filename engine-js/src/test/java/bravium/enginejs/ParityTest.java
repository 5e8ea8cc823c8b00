package bravium.enginejs;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.quizshow.Trail;
import bravium.core.json.Codec;
import bravium.core.json.Extra;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.question.Basics;
import bravium.core.question.Numeric;
import bravium.core.question.Spot;
import bravium.core.question.TypedText;
import bravium.core.readiness.Finding;
import bravium.core.revision.Difference;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.TypedAnswer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/**
 * The compiled engine under Node answers as the JVM does, to the byte: random activities, random
 * moves, every function of the module.
 */
class ParityTest {

  private static final int GAMES = 1_000;
  private static final long SEED = 20_261_123;

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

  private final List<String> calls = new ArrayList<>();
  private final List<String> expected = new ArrayList<>();

  @TempDir(cleanup = CleanupMode.ON_SUCCESS)
  Path folder;

  @Test
  void everyFunctionAnswersTheSameOnTheJvmAndInNode() throws Exception {
    Random random = new Random(SEED);
    call("looks");
    for (int game = 0; game < GAMES; game++) {
      playOne(random, game);
    }
    List<String> actual = playInNode();

    assertThat(actual).hasSameSizeAs(expected);
    for (int i = 0; i < expected.size(); i++) {
      assertThat(actual.get(i)).as(calls.get(i)).isEqualTo(expected.get(i));
    }
    assertThat(expected).anyMatch(line -> line.contains("\"refusal\":\"not-open\""));
    assertThat(expected).anyMatch(line -> line.contains("\"kind\":\"won\""));
    assertThat(expected).anyMatch(line -> line.contains("\"kind\":\"lost\""));
  }

  /** A browser and the JVM may know different scripts, forms and numbers: both judge the same. */
  @Test
  void whatIsTypedIsJudgedTheSameOnTheJvmAndInNode() throws Exception {
    TypedAnswer.all()
        .forEach(
            answer -> {
              String question =
                  Codec.QUESTION.write(
                      new TypedText(
                          BASICS, answer.accepted(), List.of(), answer.how(), Extra.NONE));
              call("judge", question, answer.typed());
              call("examples", question);
            });
    for (String value : NUMBERS) {
      for (String tolerance : TOLERANCES) {
        String question = Codec.QUESTION.write(number(value, tolerance));
        call("readNumber", question);
        call("examples", question);
        NUMBERS.forEach(typed -> call("judge", question, typed));
      }
    }
    assertThat(playInNode()).isEqualTo(expected).noneMatch(line -> line.contains("\"problem\""));
  }

  private static Numeric number(String value, String tolerance) {
    boolean lowest = value.contains("/");
    return new Numeric(
        BASICS,
        value,
        tolerance.isEmpty() ? null : tolerance,
        List.of("kg", "g", "%", "12 combs"),
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
        List.of("", "{", "[]", "{\"bravium\":1}", "{\"bravium\":\"x\"}", "{\"bravium\":1.5}")) {
      call("readiness", text);
    }
    assertThat(playInNode()).isEqualTo(expected).allMatch(line -> line.contains("\"problem\""));
  }

  private void playOne(Random random, int game) {
    RandomActivities activities = new RandomActivities(random);
    RandomMoves moves = new RandomMoves(random);
    Activity activity = activities.any();
    String text = Codec.ACTIVITY.write(activity);
    Opening opening = activities.atTheFront(activity, "seed-" + game, 1_000L * game);
    if (game % 3 == 0) {
      String readiness = call(game % 9 == 0 ? "mends" : "readiness", text);
      for (Finding finding : Codec.READINESS.read(readiness).findings()) {
        call("mend", text, Codec.FINDING.write(finding));
      }
    }
    String other = Codec.ACTIVITY.write(activities.any());
    String differences = call("differences", text, text, other);
    List<Difference> some =
        Codec.DIFFERENCE.readList(differences).stream().filter(d -> random.nextBoolean()).toList();
    call("merge", text, other, Codec.DIFFERENCE.writeList(some));
    if (activity.game() instanceof QuizShow show && show.board() instanceof Trail trail) {
      String laid = call("apart", Codec.TRAIL.write(trail));
      List<Spot> path = List.of(new Spot(random.nextInt(1_001), 10), new Spot(900, 700));
      call("along", laid, Codec.SPOT.writeList(path));
    }
    if (activity.game() instanceof QuizShow show && show.board() instanceof Climb climb) {
      call("series", Codec.CLIMB.write(climb), (double) activity.rules().worth());
    }
    call("dress", Codec.LOOK.write(activities.look()));
    String state = call("open", text, Codec.OPENING.write(opening));
    for (int i = 0; i < 9; i++) {
      Sitting sitting = Codec.SITTING.read(state);
      String move = Codec.MOVE.write(moves.next(activity, sitting));
      double at = 1_000.0 * game + random.nextInt(100_000);
      String turn = call("play", text, state, move, at);
      state = Codec.SITTING.write(Codec.TURN.read(turn).sitting());
      call("show", text, state, List.of("player", "projector", "teacher").get(i % 3), at);
    }
    call("aid", text, state, List.of("right", "wrong", "win", "loss").get(game % 4), 9e9);
    call("follow", Codec.ACTIVITY.write(activities.any()), state);
    List<Played> log = Codec.SITTING.read(state).log();
    String rebuilt =
        call("rebuild", text, Codec.OPENING.write(opening), Codec.PLAYED.writeList(log));
    assertThat(rebuilt).isEqualTo(state);
    assertThat(Engine.rebuild(activity, opening, log)).isEqualTo(Codec.SITTING.read(state));
  }

  private String call(String name, Object... arguments) {
    JsonArray list = new JsonArray();
    for (Object argument : arguments) {
      list.add(argument instanceof Double d ? Json.value(d) : Json.value((String) argument));
    }
    calls.add(new JsonObject().add("name", name).add("arguments", list).toString());
    String answer = onTheJvm(name, arguments);
    expected.add(answer);
    return answer;
  }

  private static String onTheJvm(String name, Object... a) {
    return switch (name) {
      case "open" -> EngineModule.open((String) a[0], (String) a[1]);
      case "play" -> EngineModule.play((String) a[0], (String) a[1], (String) a[2], (double) a[3]);
      case "show" -> EngineModule.show((String) a[0], (String) a[1], (String) a[2], (double) a[3]);
      case "aid" -> EngineModule.aid((String) a[0], (String) a[1], (String) a[2], (double) a[3]);
      case "follow" -> EngineModule.follow((String) a[0], (String) a[1]);
      case "rebuild" -> EngineModule.rebuild((String) a[0], (String) a[1], (String) a[2]);
      case "readiness" -> EngineModule.readiness((String) a[0]);
      case "mends" -> EngineModule.mends((String) a[0]);
      case "readNumber" -> EngineModule.readNumber((String) a[0]);
      case "examples" -> EngineModule.examples((String) a[0]);
      case "judge" -> EngineModule.judge((String) a[0], (String) a[1]);
      case "mend" -> EngineModule.mend((String) a[0], (String) a[1]);
      case "differences" -> EngineModule.differences((String) a[0], (String) a[1], (String) a[2]);
      case "merge" -> EngineModule.merge((String) a[0], (String) a[1], (String) a[2]);
      case "series" -> EngineModule.series((String) a[0], (double) a[1]);
      case "looks" -> EngineModule.looks();
      case "dress" -> EngineModule.dress((String) a[0]);
      case "apart" -> EngineModule.apart((String) a[0]);
      case "along" -> EngineModule.along((String) a[0], (String) a[1]);
      default -> throw new IllegalArgumentException(name);
    };
  }

  private List<String> playInNode() throws IOException, InterruptedException {
    Path cases = Files.write(folder.resolve("cases.jsonl"), calls);
    Path engine = Files.copy(Path.of("target/js/engine.js"), folder.resolve("engine.mjs"));
    Path script = Path.of("src/test/js/play-cases.mjs").toAbsolutePath();
    Path out = folder.resolve("answers.jsonl");
    Process node =
        new ProcessBuilder("node", script.toString(), engine.toString(), cases.toString())
            .redirectOutput(out.toFile())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    assertThat(node.waitFor(5, TimeUnit.MINUTES)).as("Node came to its end").isTrue();
    assertThat(node.exitValue()).isZero();
    return List.of(Files.readString(out).strip().split("\n"));
  }
}
