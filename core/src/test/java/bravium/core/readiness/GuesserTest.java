package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Clock;
import bravium.core.activity.Order;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.answer.Comparing;
import bravium.core.games.Games;
import bravium.core.games.quizshow.Board;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.Line;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.quizshow.Trail;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.Mark;
import bravium.core.question.Marking;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.TypedText;
import bravium.core.samples.Activities;
import bravium.core.samples.Plays;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/**
 * The guess line beside two others: everything a guesser can do written out, with the points as
 * docs/how-points-are-counted.md says; and the share of games that guessers win in the engine.
 */
class GuesserTest {

  /** One way a question can come out, and its chance. */
  private record Way(
      int points,
      int mistakes,
      boolean right,
      boolean partly,
      boolean given,
      int tries,
      double chance) {}

  private final Random random = new Random();

  @Property(tries = 3_000)
  void whatIsCalledExactAgreesWithEnumerationAndWhatIsNotIsAsFarOffAsItSays(@ForAll long seed) {
    random.setSeed(seed);
    Activity activity = activity(4);
    Rules rules = activity.rules();
    Readiness readiness = Games.readiness(activity);
    double chance = enumerated(activity);

    // An estimate is further off than it says in one case of a thousand, and there are thousands
    // here: 1.7 times as far (5.6 standard deviations) is none of those.
    double off = readiness.guessingOff() == 0 ? 2e-9 : 1.7 * readiness.guessingOff() / 1e9;
    assertThat(readiness.guessing() / 1e9)
        .as(() -> board(activity) + " " + activity.rules() + " " + activity.game().questions())
        .isCloseTo(chance, within(off));
    boolean ordered = rules.questionOrder() == Order.AS_WRITTEN && rules.ask() == null;
    if (ordered && rules.tries() == null) {
      assertThat(readiness.guessingOff()).as("%s", rules).isZero();
    }
  }

  @Property(tries = 40)
  void guessersWinAsManyGamesAsItSays(@ForAll long seed) {
    random.setSeed(seed);
    Activity activity = activity(7);
    int plays = 500;
    int won = 0;
    for (int play = 0; play < plays; play++) {
      won += guess(activity, "seed " + play) ? 1 : 0;
    }
    Readiness readiness = Games.readiness(activity);
    double p = readiness.guessing() / 1e9;
    // Normal approximation, five standard deviations and a continuity correction.
    double sure = 5 * Math.sqrt(Math.max(p * (1 - p), 1.0 / plays) / plays) + 1.0 / plays;

    assertThat((double) won / plays)
        .as(() -> board(activity) + " " + activity.rules() + " " + activity.game().questions())
        .isCloseTo(p, within(sure + readiness.guessingOff() / 1e9));
  }

  private Activity activity(int most) {
    List<Question> questions = new ArrayList<>();
    int count = 1 + random.nextInt(most);
    boolean alike = random.nextInt(4) == 0;
    long one = random.nextLong();
    for (int i = 0; i < count; i++) {
      questions.add(question("q" + i, alike ? new Random(one) : random));
    }
    Rules rules =
        new Rules(
                random.nextBoolean() ? null : 1 + random.nextInt(count),
                Order.values()[random.nextInt(2)],
                Order.values()[random.nextInt(2)],
                random.nextInt(8) == 0 ? 0 : 10,
                List.of(0, 30, 50, 80, 100).get(random.nextInt(5)),
                Extra.NONE)
            .withTries(
                switch (random.nextInt(5)) {
                  case 0 -> new Tries(Tries.Again.AT_ONCE, 2);
                  case 1 -> new Tries(Tries.Again.LATER, 2 + random.nextInt(2));
                  case 2 -> new Tries(Tries.Again.UNTIL_RIGHT, null);
                  default -> null;
                })
            .withPrices(random.nextBoolean() ? null : new Prices(1, random.nextInt(7)))
            .withLives(random.nextBoolean() ? null : random.nextInt(4))
            .withClock(random.nextInt(3) > 0 ? null : new Clock(Clock.Per.QUESTION, 30))
            .withBonus(
                random.nextBoolean()
                    ? null
                    : new Bonus(random.nextInt(2) * 4, random.nextInt(3) * 5, 2));
    Board board = board();
    if (board instanceof Climb) {
      // What is only talked about leads nowhere there, and is left out.
      questions.replaceAll(
          q -> q instanceof Discussion ? Activities.question(q.id(), "a", "a", "b") : q);
    }
    return Activities.on(board, Activities.quiz(rules, questions));
  }

  private static Board board(Activity activity) {
    return ((QuizShow) activity.game()).board();
  }

  private Board board() {
    return switch (random.nextInt(3)) {
      case 0 -> new Line();
      case 1 -> new Trail(null, List.of());
      default ->
          new Climb(
              3,
              Climb.Rise.EVEN,
              List.of(),
              List.of(1 + random.nextInt(3)),
              random.nextBoolean() ? Climb.Miss.END : Climb.Miss.REST);
    };
  }

  private static Question question(String id, Random random) {
    Basics basics = Basics.of(id, "Which " + id + "?", Feedback.USUAL);
    if (random.nextInt(4) == 0) {
      basics = basics.withWorth(random.nextInt(4) * 5);
    }
    List<Option> options = new ArrayList<>();
    for (int i = 0; i < 2 + random.nextInt(3); i++) {
      boolean right = random.nextInt(12) > 0 && (i == 0 || random.nextInt(4) == 0);
      options.add(new Option("o" + i, "Option " + i, right));
    }
    List<Card> cards = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      cards.add(new Card("c" + i, "Card " + random.nextInt(3)));
    }
    Credit credit = Credit.values()[random.nextInt(3)];
    return switch (random.nextInt(6)) {
      case 0 -> new PickAll(basics, options.subList(0, 2), credit, Extra.NONE);
      case 1 -> new Ordering(basics, cards, credit, Extra.NONE);
      case 2 ->
          random.nextBoolean()
              ? new Discussion(basics, Extra.NONE)
              : new TypedText(basics, List.of("wax"), List.of(), Comparing.FAIR, Extra.NONE);
      default -> new PickOne(basics, options, Extra.NONE);
    };
  }

  /** All a guesser may answer; empty where she never gets it right. */
  private static List<Response> responses(Question question) {
    List<Response> all = new ArrayList<>();
    switch (question) {
      case PickOne one -> one.items().forEach(id -> all.add(new Response.Picked(id)));
      case PickAll q -> {
        for (int set = 1; set < 1 << q.items().size(); set++) {
          List<String> picked = new ArrayList<>();
          for (int i = 0; i < q.items().size(); i++) {
            if ((set >> i & 1) == 1) {
              picked.add(q.items().get(i));
            }
          }
          all.add(new Response.PickedAll(picked));
        }
      }
      case Ordering order ->
          permutations(order.items()).forEach(p -> all.add(new Response.Ordered(p)));
      default -> {}
    }
    return all;
  }

  /** All orders of these. */
  static List<List<String>> permutations(List<String> items) {
    if (items.isEmpty()) {
      return List.of(List.of());
    }
    List<List<String>> all = new ArrayList<>();
    for (String first : items) {
      List<String> rest = new ArrayList<>(items);
      rest.remove(first);
      for (List<String> tail : permutations(rest)) {
        List<String> whole = new ArrayList<>(List.of(first));
        whole.addAll(tail);
        all.add(whole);
      }
    }
    return all;
  }

  /** Everything that can come of one question, try by try. */
  private static List<Way> ways(Question question, Rules rules) {
    List<Way> ways = new ArrayList<>();
    if (question.marking() != Marking.AT_ONCE) {
      return List.of(new Way(0, 0, false, false, true, 1, 1));
    }
    int worth = rules.worthOf(question);
    int tries = question.canBeRight() ? rules.mostTries() : 1;
    if (question instanceof TypedText) {
      return tries == Integer.MAX_VALUE
          ? List.of()
          : List.of(new Way(0, tries, false, false, false, tries, 1));
    }
    go(question, responses(question), worth, tries, 0, -1, 1, 1, ways);
    return ways;
  }

  private static void go(
      Question question,
      List<Response> left,
      int worth,
      int tries,
      int mistakes,
      int best,
      int attempt,
      double chance,
      List<Way> ways) {
    for (Response response : left) {
      Mark mark = question.mark(response);
      double here = chance / left.size();
      boolean wrong = !mark.full() && mark.earned() == 0;
      int lost = mistakes + (wrong ? 1 : 0);
      int points = wrong ? -1 : mark.pointsOf(worth);
      int most = Math.max(best, points);
      if (mark.full()) {
        ways.add(new Way(worth, lost, true, false, false, attempt, here));
      } else if (attempt == tries) {
        ways.add(new Way(Math.max(0, most), lost, false, most >= 0, false, attempt, here));
      } else {
        List<Response> rest = new ArrayList<>(left);
        rest.remove(response);
        go(question, rest, worth, tries, lost, most, attempt + 1, here, ways);
      }
    }
  }

  private static double enumerated(Activity activity) {
    List<Question> pool = activity.game().questions();
    Rules rules = activity.rules();
    int asked = rules.ask() == null ? pool.size() : rules.ask();
    List<List<Integer>> orders = new ArrayList<>();
    orders(pool.size(), asked, rules.questionOrder() == Order.MIXED, new ArrayList<>(), orders);
    List<List<Way>> ways = pool.stream().map(q -> ways(q, rules)).map(GuesserTest::merged).toList();
    double sum = 0;
    for (List<Integer> order : orders) {
      sum += passing(activity, order, ways, new ArrayList<>());
    }
    return sum / orders.size();
  }

  private static List<Way> merged(List<Way> ways) {
    List<Way> merged = new ArrayList<>();
    for (Way way : ways) {
      double chance = way.chance;
      for (Way same : List.copyOf(merged)) {
        if (same.points == way.points
            && same.mistakes == way.mistakes
            && same.right == way.right
            && same.partly == way.partly
            && same.tries == way.tries) {
          chance += same.chance;
          merged.remove(same);
        }
      }
      merged.add(
          new Way(way.points, way.mistakes, way.right, way.partly, way.given, way.tries, chance));
    }
    return merged;
  }

  private static void orders(
      int n, int asked, boolean mixed, List<Integer> so, List<List<Integer>> all) {
    if (so.size() == asked) {
      all.add(List.copyOf(so));
      return;
    }
    for (int i = 0; i < n; i++) {
      if (!so.contains(i) && (mixed || so.isEmpty() || i > so.getLast())) {
        so.add(i);
        orders(n, asked, mixed, so, all);
        so.removeLast();
      }
    }
  }

  private static double passing(
      Activity activity, List<Integer> order, List<List<Way>> ways, List<Way> so) {
    if (so.size() == order.size() || topped(activity, so)) {
      return won(activity, order, so) ? 1 : 0;
    }
    double sum = 0;
    for (Way way : ways.get(order.get(so.size()))) {
      so.add(way);
      sum += way.chance * passing(activity, order, ways, so);
      so.removeLast();
    }
    return sum;
  }

  /** A climb that has reached its top, or was ended by a miss, asks nothing more. */
  private static boolean topped(Activity activity, List<Way> ways) {
    if (!(board(activity) instanceof Climb climb)) {
      return false;
    }
    int height = 0;
    for (Way way : ways) {
      boolean miss = !way.right && !way.partly && !way.given;
      int rest = climb.rests().getFirst();
      height = way.right ? height + 1 : !miss ? height : rest <= height ? rest : 0;
      if (miss && climb.missEnds()) {
        return true;
      }
    }
    return height == climb.steps();
  }

  private static boolean won(Activity activity, List<Integer> order, List<Way> ways) {
    Rules rules = activity.rules();
    Board board = board(activity);
    int lives = rules.lives() == null ? Integer.MAX_VALUE : rules.lives();
    int price = rules.prices() == null ? 0 : rules.prices().wrong();
    int mistakes = 0;
    if (board instanceof Climb climb) {
      int height = 0;
      for (Way way : ways) {
        mistakes += way.mistakes;
        if (mistakes > lives) {
          return false;
        }
        boolean miss = !way.right && !way.partly && !way.given;
        height =
            way.right
                ? height + 1
                : miss
                    ? (climb.rests().getFirst() <= height ? climb.rests().getFirst() : 0)
                    : height;
        if (height == climb.steps() || miss && climb.missEnds()) {
          break;
        }
      }
      return height * rules.worth() * 100 >= rules.passMark() * climb.steps() * rules.worth();
    }
    int points = 0;
    int possible = 0;
    List<List<Way>> rounds = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    boolean later = rules.triedLater();
    for (int i = 0; i < ways.size(); i++) {
      Way way = ways.get(i);
      Question question = activity.game().questions().get(order.get(i));
      mistakes += way.mistakes;
      points += way.points - way.mistakes * price;
      boolean timed = rules.clock() != null && rules.bonus() != null && way.right;
      points += timed ? rules.bonus().speed() : 0;
      possible += rules.worthOf(question);
      rounds.get(later ? way.tries - 1 : 0).add(way);
    }
    int run = 0;
    for (List<Way> round : rounds) {
      for (Way way : round) {
        run = way.given ? run : way.right ? run + 1 : 0;
        boolean full = rules.bonus() != null && way.right && run % rules.bonus().runLength() == 0;
        points += full ? rules.bonus().run() : 0;
      }
    }
    return mistakes <= lives && Math.max(0, points) * 100 >= rules.passMark() * possible;
  }

  /** One game in the engine; the guesser answers at once, and nothing twice at one question. */
  private boolean guess(Activity activity, String seed) {
    Sitting sitting = Plays.open(activity, new Opening(seed, 0, false));
    Set<String> tried = new HashSet<>();
    for (int step = 0; step < 300; step++) {
      Action action =
          switch (sitting.stage()) {
            case TITLE -> new Action.Start();
            case FEEDBACK -> new Action.Continue(sitting.now());
            case BOARD -> {
              Sitting now = sitting;
              yield new Action.Pick(
                  now.draw().ids().stream()
                      .filter(id -> now.resultOf(id).isEmpty())
                      .findFirst()
                      .orElseThrow());
            }
            case QUESTION -> {
              String id = sitting.now();
              Question question = Plays.question(activity, id).orElseThrow();
              if (question instanceof TypedText
                  && activity.rules().mostTries() == Integer.MAX_VALUE) {
                yield null;
              }
              List<Response> left = new ArrayList<>(responses(question));
              left.removeIf(r -> tried.contains(id + r));
              Response response =
                  left.isEmpty() ? new Response.Typed("?") : left.get(random.nextInt(left.size()));
              tried.add(id + response);
              yield new Action.Answer(id, sitting.effortFor(id).tries() + 1, response);
            }
            case PLAYING, END -> null;
          };
      if (action == null) {
        break;
      }
      Turn turn = Plays.play(activity, sitting, new Move("k" + step, Mover.PLAYER, action), 0);
      assertThat(turn.refusal()).as("%s", action).isNull();
      sitting = turn.sitting();
    }
    return sitting.outcome() != null && sitting.outcome().won();
  }
}
