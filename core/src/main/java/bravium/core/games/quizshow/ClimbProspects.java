package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Chance;
import bravium.core.play.Draw;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import bravium.core.readiness.GuessOdds;
import bravium.core.readiness.Guessing;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.Reach;
import bravium.core.readiness.Sampled;
import bravium.core.readiness.Winnable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** How far a climb leads who knows everything, and who knows nothing. */
final class ClimbProspects {

  /** Where a question leads: a step up, nowhere, back to the last resting place. */
  private enum Move {
    UP,
    STAYS,
    BACK
  }

  /** A way a question can come out. */
  private record Step(Move move, int mistakes, double chance) {}

  private final Climb climb;
  private final Rules rules;
  private final List<Question> pool;
  private final PassMark mark;
  private final List<Integer> worths;
  private final int asked;

  private ClimbProspects(Climb climb, Rules rules, List<Question> pool) {
    this.climb = climb;
    this.rules = rules;
    this.pool = pool;
    ClimbCourse course = ClimbCourse.of(climb, rules);
    this.mark = course.passMark(rules);
    this.worths = course.worths();
    this.asked = Draw.asked(rules, pool.size());
  }

  static Prospects of(Climb climb, Activity activity, List<Question> pool) {
    ClimbProspects climbing = new ClimbProspects(climb, activity.rules(), pool);
    return Prospects.ofQuestions(
        activity, pool, climbing.mark, climbing.reach(), climbing.guessing(), false);
  }

  private Reach reach() {
    if (asked == pool.size() && rules.questionOrder() == Order.AS_WRITTEN) {
      int height = reached();
      boolean won = !pool.isEmpty() && height >= mark.rightNeeded();
      return reach(won ? Winnable.ALWAYS : Winnable.NEVER, Math.max(0, height));
    }
    int canBeRight = (int) pool.stream().filter(Question::canBeRight).count();
    int best = Math.min(climb.steps(), Math.min(asked, canBeRight));
    boolean hopeless = canBeRight < pool.size();
    if (!hopeless || best < mark.rightNeeded()) {
      return reach(best >= mark.rightNeeded() ? Winnable.ALWAYS : Winnable.NEVER, best);
    }
    boolean alive = rules.lives() == null || rules.lives() >= pool.size() - canBeRight;
    return mark.rightNeeded() == 0 && alive
        ? reach(Winnable.ALWAYS, 0)
        : reach(Winnable.SOMETIMES, 0);
  }

  private Reach reach(Winnable winnable, int height) {
    return new Reach(winnable, worthAt(height), mark.possible(), mark.needed());
  }

  /** The height to which the questions as written lead who gets right what can be; -1 if lost. */
  private int reached() {
    int height = 0;
    int lost = 0;
    for (Question question : pool) {
      if (height == climb.steps()) {
        break;
      }
      boolean up = question.canBeRight();
      height = led(height, up ? Move.UP : Move.BACK);
      lost += up ? 0 : 1;
      if (rules.lives() != null && lost > rules.lives()) {
        return -1;
      }
      if (!up && climb.missEnds()) {
        break;
      }
    }
    return height;
  }

  /** Followed exactly in the order as written, or where all questions are alike. */
  private Guessing guessing() {
    if (pool.isEmpty()) {
      return Guessing.exactly(0);
    }
    Rules plain = rules.withPrices(null).withBonus(null);
    int lives = rules.lives() == null ? Integer.MAX_VALUE : rules.lives();
    List<GuessOdds> odds = pool.stream().map(q -> GuessOdds.of(q, plain, lives)).toList();
    List<List<Step>> questions = odds.stream().map(ClimbProspects::steps).toList();
    // A text that has to be right and is never guessed has no end.
    boolean ends = odds.stream().allMatch(GuessOdds::ends);
    if (ends && mark.rightNeeded() == 0 && rules.lives() == null) {
      return Guessing.exactly(1);
    }
    boolean asWritten = asked == pool.size() && rules.questionOrder() == Order.AS_WRITTEN;
    boolean alike = questions.stream().distinct().count() == 1;
    if (asWritten || alike) {
      return Guessing.exactly(chance(questions.subList(0, asked)));
    }
    return simulated(questions);
  }

  /** Together what leads to the same place with as many mistakes. */
  private static List<Step> steps(GuessOdds odds) {
    List<Step> steps = new ArrayList<>();
    for (GuessOdds.Guess guess : odds.guesses()) {
      Move move =
          switch (guess.verdict()) {
            case RIGHT -> Move.UP;
            case WRONG, MISSED -> Move.BACK;
            case PARTLY, GIVEN -> Move.STAYS;
          };
      double chance = guess.chance();
      for (Step same : List.copyOf(steps)) {
        if (same.move() == move && same.mistakes() == guess.mistakes()) {
          chance += same.chance();
          steps.remove(same);
        }
      }
      steps.add(new Step(move, guess.mistakes(), chance));
    }
    return List.copyOf(steps);
  }

  /** One pass over the questions, following the chance of standing at each height, still alive. */
  private double chance(List<List<Step>> questions) {
    int top = climb.steps();
    int lives = rules.lives() == null ? 0 : rules.lives();
    double[][] at = new double[top + 1][lives + 1];
    double over = 0;
    at[0][0] = 1;
    for (List<Step> steps : questions) {
      double[][] next = new double[top + 1][lives + 1];
      next[top] = at[top].clone();
      for (int height = 0; height < top; height++) {
        for (int lost = 0; lost <= lives; lost++) {
          for (Step step : steps) {
            int after = rules.lives() == null ? 0 : lost + step.mistakes();
            if (after > lives) {
              continue;
            }
            double chance = at[height][lost] * step.chance();
            int to = led(height, step.move());
            if (step.move() == Move.BACK && climb.missEnds()) {
              over += to >= mark.rightNeeded() ? chance : 0;
            } else {
              next[to][after] += chance;
            }
          }
        }
      }
      at = next;
    }
    double sum = over;
    for (int height = mark.rightNeeded(); height <= top; height++) {
      for (double chance : at[height]) {
        sum += chance;
      }
    }
    return sum;
  }

  private int led(int height, Move move) {
    return switch (move) {
      case UP -> height + 1;
      case STAYS -> height;
      case BACK -> climb.restBelow(height);
    };
  }

  private Guessing simulated(List<List<Step>> questions) {
    List<Sampled> sampled =
        questions.stream()
            .map(steps -> new Sampled(steps.stream().map(Step::chance).toList()))
            .toList();
    Chance chance = Chance.of("guessing", "climbs");
    int plays = Sampled.plays(asked);
    int[] drawn = IntStream.range(0, questions.size()).toArray();
    int passed = 0;
    for (int play = 0; play < plays; play++) {
      Sampled.mix(drawn, asked, chance);
      if (rules.questionOrder() == Order.AS_WRITTEN) {
        Arrays.sort(drawn, 0, asked);
      }
      passed += passes(drawn, questions, sampled, chance) ? 1 : 0;
    }
    return Guessing.counted(passed, plays);
  }

  private boolean passes(
      int[] drawn, List<List<Step>> questions, List<Sampled> sampled, Chance chance) {
    int height = 0;
    int mistakes = 0;
    for (int i = 0; i < asked && height < climb.steps(); i++) {
      int place = sampled.get(drawn[i]).next(chance);
      if (place < 0) {
        return false;
      }
      Step step = questions.get(drawn[i]).get(place);
      mistakes += step.mistakes();
      if (rules.lives() != null && mistakes > rules.lives()) {
        return false;
      }
      height = led(height, step.move());
      if (step.move() == Move.BACK && climb.missEnds()) {
        break;
      }
    }
    return height >= mark.rightNeeded();
  }

  private int worthAt(int height) {
    return height == 0 ? 0 : worths.get(height - 1);
  }
}
