package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.codec.Codec;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.json.Format;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Happening;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.rehearsal.Aid;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * Games that were played once and written down: the activity, the opening, each move with its time,
 * what came of it and what an audience saw then. Played again, they have to come out the same.
 *
 * @param activity it and what the game was carried over to, as JSON
 */
public record Recording(
    String activity, String edited, String opening, List<Played> moves, JsonObject cameOut) {

  /** The recorded games, each a line of JSON. */
  public static final String QUIZ_SHOWS = "/recorded/quiz-shows.jsonl.gz";

  /** Reads every recorded game of a resource. */
  public static void each(String resource, Consumer<Recording> reader) {
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                new GZIPInputStream(Recording.class.getResourceAsStream(resource)),
                StandardCharsets.UTF_8))) {
      lines.lines().map(Recording::of).forEach(reader);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Recording of(String line) {
    JsonObject read = Json.parse(line).asObject();
    return new Recording(
        asItRose(read.get("activity")),
        asItRose(read.get("edited")),
        read.get("opening").toString(),
        Codec.PLAYED.readList(read.get("moves").toString()),
        read.get("cameOut").asObject());
  }

  /** A climb whose worth doubled once has the same worths as its teacher's own now. */
  private static String asItRose(JsonValue activity) {
    Activity read = Codec.ACTIVITY.read(activity.toString());
    boolean doubled =
        read.game() instanceof QuizShow show
            && show.board() instanceof Climb climb
            && climb.rise() == Climb.Rise.GROWING;
    if (!doubled) {
      return activity.toString();
    }
    QuizShow show = (QuizShow) read.game();
    Climb climb = (Climb) show.board();
    List<Integer> worths =
        Stream.iterate((long) read.rules().worth(), worth -> Math.min(worth * 2, Climb.MOST_WORTH))
            .limit(climb.steps())
            .map(Long::intValue)
            .toList();
    return Codec.ACTIVITY.write(read.withGame(show.on(climb.withWorths(worths))));
  }

  /** Whether what is right was told later than after the last try, or never. */
  public boolean tellsLater() {
    Answers told = Codec.ACTIVITY.read(activity).rules().answers();
    return told != null && told != Answers.AFTER_LAST_TRY;
  }

  private String line() {
    return new JsonObject()
        .add("activity", Json.parse(activity))
        .add("edited", Json.parse(edited))
        .add("opening", Json.parse(opening))
        .add("moves", Json.parse(Codec.PLAYED.writeList(moves)))
        .add("cameOut", cameOut)
        .toString();
  }

  /** Plays the recorded moves and writes down what comes of them. */
  public JsonObject played() {
    Activity read = Codec.ACTIVITY.read(activity);
    Sitting sitting = Plays.open(read, Codec.OPENING.read(opening));
    JsonArray turns = new JsonArray();
    int place = 0;
    for (Played played : moves) {
      if (wasRefusedAMark(played, place)) {
        turns.add(turnThen(place++));
        continue;
      }
      Turn turn = Plays.play(read, sitting, played.move(), played.at());
      sitting = turn.sitting();
      Audience audience = Audience.values()[place++ % Audience.values().length];
      JsonArray happenings = new JsonArray();
      for (Happening happening : turn.happenings()) {
        happenings.add(Json.parse(Codec.HAPPENING.write(happening)));
      }
      turns.add(
          new JsonObject()
              .add("refusal", turn.refusal() == null ? "" : turn.refusal().name())
              .add("repeated", turn.repeated())
              .add("happenings", happenings)
              .add("showing", shown(read, sitting, audience, played.at() + 3_000)));
    }
    long end = moves.getLast().at() + 1_000_000;
    Activity changed = Codec.ACTIVITY.read(edited);
    Aid aid = moves.size() % 2 == 0 ? Aid.WIN : Aid.LOSS;
    JsonObject cameOut =
        new JsonObject()
            .add("turns", turns)
            .add("review", json(Codec.REVIEW, Plays.review(read, sitting, end)))
            .add("closed", shown(read, Plays.close(read, sitting, end), Audience.PLAYER, end))
            .add("aided", shown(read, Plays.aided(read, sitting, aid, end), Audience.TEACHER, end));
    // Only what is tried out is ever carried over to an edit.
    if (sitting.opening().rehearsal()) {
      Sitting followed = Plays.follow(changed, sitting);
      cameOut.add("followed", shown(changed, followed, Audience.TEACHER, end));
    }
    return cameOut;
  }

  /** What is judged at once can be marked anew now; then it was refused, and so is in no log. */
  private boolean wasRefusedAMark(Played played, int place) {
    return played.move().action() instanceof Action.Mark
        && cameOut != null
        && !turnThen(place).get("refusal").asString().isEmpty();
  }

  private JsonObject turnThen(int place) {
    return cameOut.get("turns").asArray().get(place).asObject();
  }

  private static JsonValue shown(Activity activity, Sitting sitting, Audience audience, long at) {
    return json(Codec.SHOWING, Plays.show(activity, sitting, audience, at));
  }

  private static <T> JsonValue json(Format<T> format, T value) {
    return Json.parse(format.write(value));
  }

  /**
   * Records games of random activities anew: only where the rules of play are meant to change.
   *
   * @param args the file, and how many games
   */
  public static void main(String[] args) throws IOException {
    Random random = new Random(20_261_128);
    try (BufferedWriter out =
        new BufferedWriter(
            new OutputStreamWriter(
                new GZIPOutputStream(Files.newOutputStream(Path.of(args[0]))),
                StandardCharsets.UTF_8))) {
      for (int game = 0; game < Integer.parseInt(args[1]); game++) {
        out.write(record(random, game).line());
        out.write('\n');
      }
    }
  }

  private static Recording record(Random random, int game) {
    RandomActivities activities = new RandomActivities(random);
    Activity activity =
        random.nextInt(3) == 0 ? activities.any() : activities.finished(2 + random.nextInt(5));
    Opening opening = activities.atTheFront(activity, "seed-" + game, 1_000L * game);
    opening = random.nextInt(5) == 0 ? opening.withTime(150) : opening;
    List<Played> moves = new ArrayList<>();
    RandomMoves chosen = new RandomMoves(random);
    Sitting sitting = Plays.open(activity, opening);
    long at = opening.at();
    int most = 8 + random.nextInt(24);
    boolean odd = random.nextInt(3) == 0;
    boolean clocks = Codec.ACTIVITY.write(activity).contains("\"seconds\"");
    for (int i = 0; i < 9 * most && moves.size() < most; i++) {
      Move move =
          odd || sitting.outcome() != null || random.nextInt(6) == 0
              ? chosen.next(activity, sitting)
              : chosen.fitting(activity, sitting);
      boolean waits = sitting.opening().inTeams() && sitting.front().answering() == null;
      if (waits && random.nextBoolean()) {
        int team = random.nextInt(opening.teams().size());
        move = new Move(move.key(), Mover.TEACHER, new Action.GiveTurn(team));
      }
      long then = at + random.nextInt(random.nextInt(4) == 0 ? 70_000 : 6_000);
      if (clocks && sitting.stage() == Stage.QUESTION && random.nextInt(3) == 0) {
        then = at + 100_000;
        move = new Move(move.key(), Mover.PLAYER, new Action.Continue(sitting.now()));
      }
      Turn turn = Plays.play(activity, sitting, move, then);
      boolean refused = turn.refusal() != null && random.nextInt(20) > 0;
      // Where a move was taken back a clock began anew; now it goes on with what was left.
      if (refused || clocks && move.action() instanceof Action.TakeBack) {
        continue;
      }
      at = then;
      moves.add(new Played(move, at));
      sitting = turn.sitting();
    }
    if (moves.isEmpty()) {
      return record(random, game);
    }
    String other = Codec.ACTIVITY.write(activities.any());
    Recording blank =
        new Recording(
            Codec.ACTIVITY.write(activity), other, Codec.OPENING.write(opening), moves, null);
    return new Recording(blank.activity, blank.edited, blank.opening, moves, blank.played());
  }
}
