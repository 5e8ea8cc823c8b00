package bravium.core.play;

import bravium.core.activity.Bonus;
import bravium.core.activity.Rules;
import bravium.core.question.Marking;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Applies the rules that all games share: what an answer brings, and what wins. The arithmetic is
 * explained, with examples, in {@code docs/how-points-are-counted.md}.
 */
public final class Referee {

  private final Rules rules;
  private final Play play;

  Referee(Rules rules, Play play) {
    this.rules = rules;
    this.play = play;
  }

  /** Whether another try is left after these, if the last of them was not right. */
  public boolean mayTryAgain(Effort effort) {
    boolean right = effort.last() != null && effort.last().verdict() == Verdict.RIGHT;
    return !right && (play.untilRight() || effort.tries() < rules.mostTries());
  }

  /** Whether there were more wrong answers than the lives allow. Teams have no lives. */
  public boolean outOfLives(Sitting sitting) {
    return rules.lives() != null
        && !sitting.opening().inTeams()
        && Scorecard.mistakes(sitting) > rules.lives();
  }

  /** How many more wrong answers are allowed; empty for any number. Teams have no lives. */
  public Optional<Integer> livesLeft(Sitting sitting) {
    return rules.lives() == null || sitting.opening().inTeams()
        ? Optional.empty()
        : Optional.of(Math.max(0, rules.lives() - Scorecard.mistakes(sitting)));
  }

  /**
   * Settles a question: the best try's points, less prices, with bonuses, as the game takes them.
   *
   * @param before the sitting without it
   * @param left the milliseconds that were left of its time
   * @param time the milliseconds that there were; 0 where there was no clock
   */
  public Result settle(Effort effort, Sitting before, long left, long time) {
    Integer team = effort.team(before.front().answering());
    Result result = settled(effort, before, team, left, time).by(team, effort.missedBy());
    boolean decides = !before.front().deciding().isEmpty();
    return decides ? result.withPoints(0) : play.scored(result, before);
  }

  private Result settled(
      Effort effort, Sitting before, @Nullable Integer team, long left, long time) {
    Tried best = effort.best();
    if (best == null || best.verdict() == Verdict.GIVEN) {
      return settledUnmarked(effort, best, before.draw());
    }
    int bonus =
        best.verdict() == Verdict.RIGHT ? speedBonus(left, time) + runBonus(before, team) : 0;
    int points = best.points() - cost(effort) + bonus;
    return new Result(effort.question(), best.response(), best.verdict(), points, bonus, null);
  }

  /** What the teacher marks later has cost its hints already. */
  private Result settledUnmarked(Effort effort, @Nullable Tried best, Draw draw) {
    boolean free = draw.worthOf(effort.question()) == 0;
    int hints = free ? 0 : effort.hints() * hintPrice();
    int paid = best == null ? 0 : -hints - effort.mistakes() * mistakePrice();
    return new Result(
        effort.question(),
        best == null ? null : best.response(),
        best == null ? Verdict.MISSED : Verdict.GIVEN,
        paid,
        0,
        null);
  }

  /** What the hints and the wrong answers of a question cost, in points. */
  int cost(Effort effort) {
    return effort.hints() * hintPrice() + effort.mistakes() * mistakePrice();
  }

  /** What a hint for this question costs in this play; those where nobody can earn are free. */
  public int hintPrice(Item item, Draw draw) {
    boolean free = item.marking() != Marking.AT_ONCE && draw.worthOf(item.id()) == 0;
    return free ? 0 : hintPrice();
  }

  private int hintPrice() {
    return play.earnsByAnswer() ? rules.costs().hint() : 0;
  }

  /** What a wrong answer costs here, in points. */
  int mistakePrice() {
    return play.earnsByAnswer() ? rules.costs().wrong() : 0;
  }

  private int speedBonus(long left, long time) {
    Bonus bonus = rules.bonus();
    return bonus == null || time <= 0
        ? 0
        : (int) (bonus.speed() * Math.max(0, Math.min(left, time)) / time);
  }

  /**
   * Each full run of right answers brings it once, when its last question is settled. What counts
   * as no question, what nobody marks and what other teams answered is passed over.
   */
  private int runBonus(Sitting before, @Nullable Integer team) {
    Bonus bonus = rules.bonus();
    if (bonus == null) {
      return 0;
    }
    int run = 1;
    for (Result result : before.results().reversed()) {
      if (!runs(result, before) || result.passesBy(team)) {
        continue;
      }
      if (result.asJudged().verdict() != Verdict.RIGHT || !Objects.equals(team, result.team())) {
        break;
      }
      run++;
    }
    return run % bonus.runLength() == 0 ? bonus.run() : 0;
  }

  /**
   * Whether a result makes a run or ends one: whatever the teacher marks, and whenever, doesn't.
   */
  private static boolean runs(Result result, Sitting sitting) {
    Tried best = sitting.effortFor(result.question()).best();
    boolean marked = best == null || best.verdict() != Verdict.GIVEN;
    return marked && result.verdict() != Verdict.GIVEN && sitting.draw().counts(result.question());
  }

  /** How a play stands that has ended so; undecided only where marks to come can decide it. */
  public Outcome outcome(Sitting sitting, End end) {
    Outcome.Ended ended = end.how();
    PassMark mark =
        play.passMark(sitting.draw())
            .orElseGet(() -> PassMark.of(rules.withPassMark(0), sitting.draw()));
    int points = Scorecard.points(sitting.results());
    if (sitting.opening().inTeams()) {
      return outcomeOfTeams(sitting, mark, ended);
    }
    if (end.won() != null) {
      return new Outcome(end.won(), points, mark.possible(), mark.needed(), ended, 0);
    }
    boolean lost = ended == Outcome.Ended.LIVES || ended == Outcome.Ended.TIME;
    boolean won = !lost && points >= mark.needed();
    int sum = sitting.results().stream().mapToInt(Result::points).sum();
    List<Result> unmarked = unmarked(sitting);
    boolean decided = won || lost || sum + worth(unmarked, sitting) < mark.needed();
    return new Outcome(
        won, points, mark.possible(), mark.needed(), ended, decided ? 0 : unmarked.size());
  }

  /** The results that wait for a mark which brings points. */
  private static List<Result> unmarked(Sitting sitting) {
    return sitting.results().stream()
        .filter(result -> result.verdict() == Verdict.GIVEN)
        .filter(result -> sitting.draw().worthOf(result.question()) > 0)
        .toList();
  }

  private static int worth(List<Result> results, Sitting sitting) {
    return results.stream().mapToInt(r -> sitting.draw().worthOf(r.question())).sum();
  }

  /** How many marks are missing that could change who has won, where teams play; 0 if none can. */
  public static int awaitedByTeams(Sitting sitting) {
    List<Integer> leading = leading(sitting);
    int most = sitting.front().points(leading.getFirst());
    List<Result> unmarked = unmarked(sitting);
    boolean open = false;
    for (int team = 0; team < sitting.opening().teams().size(); team++) {
      Integer place = team;
      List<Result> own = unmarked.stream().filter(r -> place.equals(r.team())).toList();
      boolean alone = leading.equals(List.of(place));
      boolean reaches = sitting.front().points(team) + worth(own, sitting) >= most;
      open |= !own.isEmpty() && !alone && reaches;
    }
    return open ? unmarked.size() : 0;
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
    List<Integer> winners =
        ended == Outcome.Ended.GIVEN_UP ? List.of() : decided ? List.of(last.team()) : leading;
    int points = sitting.front().points(leading.getFirst());
    int awaiting = decided || winners.isEmpty() ? 0 : awaitedByTeams(sitting);
    return new Outcome(
        winners.size() == 1 && awaiting == 0,
        Math.max(0, points),
        mark.possible(),
        mark.needed(),
        ended,
        awaiting,
        winners);
  }

  /** The teams with the most points. */
  public static List<Integer> leading(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    List<Integer> points =
        IntStream.range(0, teams).mapToObj(team -> sitting.front().points(team)).toList();
    int most = points.stream().mapToInt(p -> p).max().orElse(0);
    return IntStream.range(0, teams).filter(team -> points.get(team) == most).boxed().toList();
  }

  /** What a mark of so many points says of an answer. */
  public static Verdict verdict(int points, int worth) {
    return points >= worth ? Verdict.RIGHT : points > 0 ? Verdict.PARTLY : Verdict.WRONG;
  }

  /** The result with the teacher's mark, in points, less what hints cost. */
  Result marked(Result given, int worth, int points, int cost, @Nullable String comment) {
    Verdict verdict = verdict(points, worth);
    return new Result(
        given.question(),
        given.response(),
        verdict,
        points - cost,
        0,
        comment,
        given.team(),
        given.missedBy(),
        null);
  }

  /**
   * What an answer itself brought, as Bravium found or the teacher says, in points: without prices
   * and bonuses. Null where it has no mark.
   */
  public @Nullable Integer markOf(Result result, Effort effort) {
    Tried best = effort.best();
    if (best == null || result.response() == null || result.verdict() == Verdict.GIVEN) {
      return null;
    }
    return best.verdict() == Verdict.GIVEN
        ? Integer.valueOf(result.points() + cost(effort))
        : Integer.valueOf(result.points() - result.bonus() + costOf(result, best));
  }

  /** What its hints and wrong tries took from what Bravium found. */
  private static int costOf(Result result, Tried best) {
    Result judged = result.asJudged();
    return best.points() + judged.bonus() - judged.points();
  }

  /**
   * The result with the teacher's mark in place of what its best try brought. Prices stay paid; a
   * bonus stays with a full mark. The mark that the try had brings back what was.
   */
  static Result markedAnew(
      Result result, Tried best, int worth, int points, @Nullable String comment) {
    Result judged = result.asJudged();
    int cost = costOf(result, best);
    boolean same = points == best.points();
    Verdict verdict = same ? best.verdict() : verdict(points, worth);
    int bonus = verdict == Verdict.RIGHT ? judged.bonus() : 0;
    return new Result(
        result.question(),
        result.response(),
        verdict,
        points + bonus - cost,
        bonus,
        comment,
        result.team(),
        result.missedBy(),
        judged);
  }
}
