package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Rules;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Applies the rules that all games share: what an answer brings, and what wins. The arithmetic is
 * explained, with examples, in {@code docs/how-points-are-counted.md}.
 */
public final class Referee {

  private final Rules rules;
  private final Course course;

  /** A referee under the rules of an activity whose game can be played. */
  public Referee(Activity activity) {
    this.rules = activity.rules();
    this.course = activity.course().orElseThrow();
  }

  /** Whether another try is left after these, if the last of them was not right. */
  boolean mayTryAgain(Effort effort) {
    boolean right = effort.last() != null && effort.last().verdict() == Verdict.RIGHT;
    return !right && effort.tries() < rules.mostTries();
  }

  /** Whether there were more wrong answers than the lives allow. Teams have no lives. */
  boolean outOfLives(Sitting sitting) {
    return rules.lives() != null
        && !sitting.opening().inTeams()
        && Scorecard.of(sitting).mistakes() > rules.lives();
  }

  /**
   * Settles a question: the best try's points, less prices, with bonuses, as the game takes them.
   *
   * @param before the sitting without it
   * @param left the milliseconds that were left of its time
   * @param time the milliseconds that there were; 0 where there was no clock
   */
  public Result settle(Effort effort, Sitting before, long left, long time) {
    Integer team = before.front().answering();
    Result result = settled(effort, before, team, left, time).by(team);
    boolean decides = !before.front().deciding().isEmpty();
    return decides ? result.withPoints(0) : course.scored(result, before);
  }

  private Result settled(
      Effort effort, Sitting before, @Nullable Integer team, long left, long time) {
    Tried best = effort.best();
    if (best == null || best.verdict() == Verdict.GIVEN) {
      Verdict verdict = best == null ? Verdict.MISSED : Verdict.GIVEN;
      return new Result(
          effort.question(), best == null ? null : best.response(), verdict, 0, 0, null);
    }
    int bonus =
        best.verdict() == Verdict.RIGHT
            ? speedBonus(left, time) + runBonus(before.results(), team)
            : 0;
    int points = best.points() - cost(effort) + bonus;
    return new Result(effort.question(), best.response(), best.verdict(), points, bonus, null);
  }

  /** What the hints and the wrong answers of a question cost, in points. */
  int cost(Effort effort) {
    return effort.hints() * rules.costs().hint() + effort.mistakes() * rules.costs().wrong();
  }

  private int speedBonus(long left, long time) {
    Bonus bonus = rules.bonus();
    return bonus == null || time <= 0
        ? 0
        : (int) (bonus.speed() * Math.max(0, Math.min(left, time)) / time);
  }

  /** Each full run of right answers brings it once, when its last question is settled. */
  private int runBonus(List<Result> before, @Nullable Integer team) {
    Bonus bonus = rules.bonus();
    if (bonus == null) {
      return 0;
    }
    int run = 1;
    for (Result result : before.reversed()) {
      if (result.verdict() == Verdict.GIVEN || !Objects.equals(team, result.team())) {
        continue;
      }
      if (result.verdict() != Verdict.RIGHT) {
        break;
      }
      run++;
    }
    return run % bonus.runLength() == 0 ? bonus.run() : 0;
  }

  /** What wins with this draw. */
  public PassMark passMark(Draw draw) {
    return course.passMark(rules, draw);
  }

  /** How a play stands that has ended so; undecided only where marks to come can decide it. */
  public Outcome outcome(Sitting sitting, Outcome.Ended ended) {
    PassMark mark = passMark(sitting.draw());
    int points = Scorecard.points(sitting.results());
    int toCome = 0;
    int awaiting = 0;
    for (Result result : sitting.results()) {
      int worth = sitting.draw().worthOf(result.question());
      if (result.verdict() == Verdict.GIVEN && worth > 0) {
        awaiting++;
        toCome += worth;
      }
    }
    if (sitting.opening().inTeams()) {
      return outcomeOfTeams(sitting, mark, ended);
    }
    boolean lost = ended == Outcome.Ended.LIVES || ended == Outcome.Ended.TIME;
    boolean won = !lost && points >= mark.needed();
    boolean decided = won || lost || points + toCome < mark.needed();
    return new Outcome(won, points, mark.possible(), mark.needed(), ended, decided ? 0 : awaiting);
  }

  /** The team with the most points wins; where several have them, the one that decided the tie. */
  private static Outcome outcomeOfTeams(Sitting sitting, PassMark mark, Outcome.Ended ended) {
    List<Integer> leading = leading(sitting);
    Result last = sitting.results().isEmpty() ? null : sitting.results().getLast();
    boolean decided =
        !sitting.front().deciding().isEmpty()
            && last != null
            && last.team() != null
            && last.verdict() == Verdict.RIGHT;
    List<Integer> winners = decided ? List.of(last.team()) : leading;
    int points = sitting.front().points(leading.getFirst());
    boolean won = winners.size() == 1;
    return new Outcome(won, Math.max(0, points), mark.possible(), mark.needed(), ended, 0, winners);
  }

  /** The teams with the most points. */
  static List<Integer> leading(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    List<Integer> points =
        IntStream.range(0, teams).mapToObj(team -> sitting.front().points(team)).toList();
    int most = points.stream().mapToInt(p -> p).max().orElse(0);
    return IntStream.range(0, teams).filter(team -> points.get(team) == most).boxed().toList();
  }

  /** The result with the teacher's mark, in points, less what hints cost. */
  Result marked(Result given, int worth, int points, int cost, @Nullable String comment) {
    Verdict verdict = points >= worth ? Verdict.RIGHT : points > 0 ? Verdict.PARTLY : Verdict.WRONG;
    return new Result(
        given.question(), given.response(), verdict, points - cost, 0, comment, given.team());
  }
}
