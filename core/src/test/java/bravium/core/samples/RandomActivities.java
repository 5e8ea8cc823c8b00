package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Backdrop;
import bravium.core.activity.Bonus;
import bravium.core.activity.Clock;
import bravium.core.activity.Ending;
import bravium.core.activity.Endings;
import bravium.core.activity.Look;
import bravium.core.activity.Order;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.activity.Thinking;
import bravium.core.activity.TitlePage;
import bravium.core.activity.Tries;
import bravium.core.games.quizshow.Board;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.Line;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.quizshow.Trail;
import bravium.core.games.quizshow.TrailMarker;
import bravium.core.games.whiteboard.Whiteboard;
import bravium.core.json.Extra;
import bravium.core.measure.Colour;
import bravium.core.play.Opening;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Activities as teachers might leave them: finished, half-written, with odd characters. */
public final class RandomActivities {

  static final List<String> WORDS =
      List.of(
          "hive", "drone", "nectar", "é", "½ comb", "“wax”", "\t", "🐝", "\u2028", "<b>", "", " ");

  private final Random random;

  public RandomActivities(Random random) {
    this.random = random;
  }

  /** Any activity, unfinished questions and all. */
  public Activity any() {
    return with(random.nextInt(9), false);
  }

  /** An activity in which every question can be asked and can be right. */
  public Activity finished(int questions) {
    return with(questions, true);
  }

  /** The same activity on a whiteboard. */
  public Activity onWhiteboard(Activity quiz) {
    return quiz.withGame(
        new Whiteboard(
            quiz.game().questions(), random.nextBoolean(), random.nextBoolean(), Extra.NONE));
  }

  private Activity with(int questions, boolean finished) {
    return new Activity(
            new TitlePage(
                text(finished),
                maybe(),
                random.nextBoolean() ? null : 4,
                null,
                List.of("bees", text(false)),
                new RandomWords(random).maybe(),
                Extra.NONE),
            QuizShow.onLine(
                    IntStream.range(0, questions)
                        .mapToObj(i -> question("q" + i, finished))
                        .toList())
                .on(board(questions)),
            rules(questions),
            new Endings(new Ending(new RandomWords(random).maybe(), Extra.NONE), Ending.usual()))
        .withLook(sometimes(this::look));
  }

  /** A look with any colours. */
  public Look look() {
    return new Look(
        colour(),
        colour(),
        colour(),
        switch (random.nextInt(3)) {
          case 0 -> Backdrop.into(colour());
          case 1 ->
              new Backdrop(
                  Backdrop.Fill.PICTURE,
                  null,
                  picture(),
                  sometimes(this::colour),
                  sometimes(this::colour),
                  Extra.NONE);
          default -> Backdrop.PLAIN;
        },
        any(Look.Type.values()),
        any(Look.Corner.values()),
        any(Look.Shape.values()));
  }

  private Picture picture() {
    return new Picture(
        "hive", text(false), 1 + random.nextInt(2_000), 1 + random.nextInt(2_000), Extra.NONE);
  }

  private String colour() {
    return new Colour(random.nextInt(256), random.nextInt(256), random.nextInt(256)).text();
  }

  private Rules rules(int questions) {
    return new Rules(
        random.nextBoolean() ? null : 1 + random.nextInt(questions + 2),
        order(),
        order(),
        random.nextInt(4) * 5,
        random.nextInt(101),
        random.nextInt(4) == 0 ? List.of(new Thinking("pick-one", 20, Extra.NONE)) : List.of(),
        sometimes(
            () ->
                new Tries(
                    any(Tries.Again.values()),
                    random.nextBoolean() ? null : 2 + random.nextInt(3))),
        sometimes(() -> new Prices(random.nextInt(4), random.nextInt(4))),
        sometimes(() -> random.nextInt(4)),
        sometimes(() -> new Clock(any(Clock.Per.values()), 1 + random.nextInt(60))),
        sometimes(() -> new Bonus(random.nextInt(5), random.nextInt(5), 2 + random.nextInt(2))),
        sometimes(() -> any(Answers.values())),
        sometimes(this::teams),
        random.nextInt(4) == 0,
        Extra.NONE);
  }

  private Teams teams() {
    Team.Sign[] signs = Team.Sign.values();
    return new Teams(
        IntStream.range(0, 2 + random.nextInt(5))
            .mapToObj(i -> new Team("Team " + (i + 1), signs[i]))
            .toList(),
        any(Teams.Turns.values()),
        sometimes(() -> new TakeOver(sometimes(() -> 5), sometimes(() -> 10))),
        random.nextBoolean());
  }

  private Board board(int questions) {
    return switch (random.nextInt(4)) {
      case 0 -> new Trail(sometimes(this::picture), markers(questions));
      case 1 ->
          new Climb(
              3 + random.nextInt(4),
              any(Climb.Rise.values()),
              List.of(random.nextInt(20), 20 + random.nextInt(20)),
              List.of(1 + random.nextInt(5)),
              sometimes(() -> any(Climb.Miss.values())));
      default -> new Line();
    };
  }

  private List<TrailMarker> markers(int questions) {
    return IntStream.range(0, questions + 1)
        .filter(i -> random.nextInt(4) > 0)
        .mapToObj(i -> new TrailMarker("q" + i, random.nextInt(1_001), random.nextInt(1_001)))
        .toList();
  }

  /** An opening at the front of the class: with the activity's teams where it has some. */
  public Opening atTheFront(Activity activity, String seed, long at) {
    Opening opening = new Opening(seed, at, random.nextInt(4) == 0);
    Teams teams = activity.rules().teams();
    List<Question> questions = activity.game().questions();
    if (!questions.isEmpty() && random.nextInt(9) == 0) {
      return opening.onlyFor(questions.get(random.nextInt(questions.size())).id());
    }
    return teams == null || random.nextInt(4) == 0 ? opening : opening.withTeams(teams.list());
  }

  private <T> T sometimes(Supplier<T> value) {
    return random.nextInt(3) == 0 ? value.get() : null;
  }

  private <T> T any(T[] values) {
    return values[random.nextInt(values.length)];
  }

  private Question question(String id, boolean finished) {
    Question written = new RandomQuestions(random).any(id, finished);
    return written.switched(!finished && random.nextInt(6) == 0);
  }

  private String text(boolean filled) {
    return text(random, filled);
  }

  static String text(Random random, boolean filled) {
    String word = WORDS.get(random.nextInt(WORDS.size()));
    return filled ? "Bee " + word + random.nextInt(9) : word;
  }

  private String maybe() {
    return random.nextBoolean() ? null : text(false);
  }

  private Order order() {
    return random.nextBoolean() ? Order.MIXED : Order.AS_WRITTEN;
  }
}
