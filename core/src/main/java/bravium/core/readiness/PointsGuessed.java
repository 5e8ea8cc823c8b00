package bravium.core.readiness;

import bravium.core.activity.Bonus;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Chance;
import bravium.core.play.Draw;
import bravium.core.play.Verdict;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The chance to pass by guessing where points add up, averaged over the draws. Each question asked
 * adds a hundred times its points less its share of the line, points × 100 - worth × pass mark, so
 * that who ends at 0 or above passes, whichever questions are drawn. Mistakes are counted beside it
 * where there are lives, and the run so far where runs bring points. Who guesses answers at once,
 * and so gets all of a bonus for speed.
 *
 * <p>Exact where that can be followed: everything is asked or few enough draws, and, for runs, in
 * one order or with questions that are all alike. Otherwise plays are drawn by chance and counted.
 */
final class PointsGuessed {

  /** So many steps are a few milliseconds in a browser. */
  private static final long MOST_STEPS = 1_500_000;

  /** A chance that is only what doubles lose. */
  private static final double NOTHING = 1e-9;

  /** What a question adds to the sum, and what it means for lives and runs. */
  private record Step(
      int value, int mistakes, boolean right, boolean passes, int tries, double chance) {

    Step with(int scaled) {
      return new Step(scaled, mistakes, right, passes, tries, chance);
    }
  }

  private final Rules rules;
  private final int asked;
  private final int pool;
  private final boolean exact;
  private final List<Integer> lines;
  private final boolean anyLine;
  private final boolean someDrawHasNoLine;
  private final int mostMistakes;
  private final int run;
  private final int runLength;
  private final List<List<Step>> steps = new ArrayList<>();

  private PointsGuessed(List<Question> questions, Rules rules) {
    this.rules = rules;
    this.pool = questions.size();
    this.asked = Draw.asked(rules, pool);
    this.lines = questions.stream().map(q -> rules.worthOf(q) * rules.passMark()).toList();
    this.anyLine = lines.stream().anyMatch(line -> line > 0);
    this.someDrawHasNoLine = lines.stream().filter(line -> line == 0).count() >= asked;
    Bonus bonus = rules.bonus();
    this.run = bonus == null || !anyLine ? 0 : bonus.run() * 100;
    this.runLength = run == 0 ? 1 : bonus.runLength();
    this.mostMistakes = mostMistakes(questions);
    boolean all = true;
    for (int i = 0; i < pool; i++) {
      GuessOdds odds = GuessOdds.of(questions.get(i), rules, mostMistakes);
      all &= odds.exact();
      steps.add(steps(odds, lines.get(i), speed(questions.get(i))));
    }
    this.exact = all && mostMistakes != GuessOdds.MOST_MISTAKES;
  }

  static Guessing of(List<Question> pool, Rules rules) {
    if (pool.isEmpty()) {
      return Guessing.exactly(0);
    }
    PointsGuessed guessed = new PointsGuessed(pool, rules);
    Guessing chance = guessed.chance();
    return guessed.exact ? chance : Guessing.unknown(chance.chance());
  }

  private int speed(Question question) {
    Bonus bonus = rules.bonus();
    return bonus == null || rules.secondsFor(question) == null ? 0 : bonus.speed();
  }

  /** More mistakes lose it: by the lives, or because no points can make up for their price. */
  private int mostMistakes(List<Question> questions) {
    if (rules.lives() != null) {
      return rules.lives();
    }
    int price = rules.costs().wrong();
    if (price == 0 || !anyLine || rules.mostTries() != Integer.MAX_VALUE) {
      return Integer.MAX_VALUE;
    }
    long most = (long) run / 100 * asked;
    for (Question question : questions) {
      most += rules.worthOf(question) + speed(question);
    }
    return (int) Math.min(GuessOdds.MOST_MISTAKES, most / price);
  }

  private List<Step> steps(GuessOdds odds, int line, int speed) {
    boolean ordered = rules.triedLater() && run > 0;
    Map<String, Step> merged = new TreeMap<>();
    for (GuessOdds.Guess guess : withMoreMistakes(odds)) {
      boolean right = guess.verdict() == Verdict.RIGHT;
      int points = guess.points() + (right ? speed : 0);
      Step step =
          new Step(
              anyLine ? points * 100 - line : 0,
              rules.lives() == null ? 0 : guess.mistakes(),
              run > 0 && right,
              guess.verdict() == Verdict.GIVEN,
              ordered ? guess.tries() : 1,
              guess.chance());
      String key = step.value + " " + step.mistakes + " " + step.right + " " + step.tries;
      Step known = merged.get(key);
      merged.put(
          key,
          known == null
              ? step
              : new Step(
                  step.value,
                  step.mistakes,
                  step.right,
                  step.passes,
                  step.tries,
                  known.chance + step.chance));
    }
    return List.copyOf(merged.values());
  }

  /**
   * What comes only after more mistakes than any points make up for has been left out. It loses a
   * draw with a line, but not one without.
   */
  private List<GuessOdds.Guess> withMoreMistakes(GuessOdds odds) {
    List<GuessOdds.Guess> guesses = odds.guesses();
    double left = 1 - guesses.stream().mapToDouble(GuessOdds.Guess::chance).sum();
    if (!someDrawHasNoLine || rules.lives() != null || !odds.ends() || left < NOTHING) {
      return guesses;
    }
    List<GuessOdds.Guess> all = new ArrayList<>(guesses);
    int mistakes = mostMistakes + 1;
    all.add(
        new GuessOdds.Guess(Verdict.RIGHT, -mistakes * rules.costs().wrong(), mistakes, 1, left));
    return all;
  }

  private Guessing chance() {
    // A draw without a line is won whatever prices have taken; that is not in the sum.
    boolean sums = !anyLine || !someDrawHasNoLine || rules.costs().wrong() == 0;
    List<List<Step>> followed = followed();
    return sums && followed != null ? exactly(followed) : simulated();
  }

  /** The questions in an order in which they can be followed; null where there is none. */
  private List<List<Step>> followed() {
    boolean all = asked == pool;
    if (run == 0) {
      return steps;
    }
    boolean alike = steps.stream().distinct().count() == 1;
    boolean later = rules.triedLater();
    if (alike && !later) {
      return Collections.nCopies(asked, steps.getFirst());
    }
    return all && rules.questionOrder() == Order.AS_WRITTEN && !later ? steps : null;
  }

  private Guessing exactly(List<List<Step>> questions) {
    int unit = 0;
    int low = 0;
    int high = 0;
    int most = 1;
    int mistakes = 0;
    for (List<Step> of : questions) {
      most = Math.max(most, of.size());
      int worst = 0;
      for (Step step : of) {
        unit = divisor(unit, Math.abs(step.value));
        unit = step.right ? divisor(unit, run) : unit;
        low = Math.min(low, step.value);
        high = Math.max(high, step.value + (step.right ? run : 0));
        worst = Math.max(worst, step.mistakes);
      }
      mistakes += worst;
    }
    unit = Math.max(1, unit);
    boolean counts = rules.lives() != null && mistakes > rules.lives();
    int lives = counts ? rules.lives() : 0;
    // Who is further below the line than all others can bring never passes.
    long below = Math.min(-(long) low, high) / unit * asked;
    long width = below + (long) high / unit * asked + 1;
    long states = width * (lives + 1) * runLength;
    boolean all = questions.size() == asked;
    long work = states * asked * most * (all ? 1 : questions.size());
    if (work > MOST_STEPS) {
      return simulated();
    }
    List<List<Step>> scaled = new ArrayList<>();
    for (List<Step> of : questions) {
      int by = unit;
      scaled.add(of.stream().map(step -> step.with(step.value / by)).toList());
    }
    return Guessing.exactly(
        new Followed(scaled, (int) width, (int) below, lives, counts, run / unit).sum());
  }

  private static int divisor(int a, int b) {
    return b == 0 ? a : divisor(b, a % b);
  }

  /** One pass over the questions: how many were drawn so far, and where one may stand then. */
  private final class Followed {
    private final List<List<Step>> questions;
    private final int width;
    private final int zero;
    private final int lives;
    private final boolean counts;
    private final int bonus;

    Followed(
        List<List<Step>> questions, int width, int zero, int lives, boolean counts, int bonus) {
      this.questions = questions;
      this.width = width;
      this.zero = zero;
      this.lives = lives;
      this.counts = counts;
      this.bonus = bonus;
    }

    double sum() {
      int size = width * (lives + 1) * runLength;
      double[][] p = new double[asked + 1][];
      p[0] = new double[size];
      p[0][zero] = 1;
      int n = questions.size();
      for (int seen = 0; seen < n; seen++) {
        int left = n - seen;
        for (int drawn = Math.min(seen, asked); drawn >= Math.max(0, asked - left); drawn--) {
          double taken = (double) (asked - drawn) / left;
          if (taken > 0) {
            p[drawn + 1] = p[drawn + 1] == null ? new double[size] : p[drawn + 1];
            add(p[drawn], p[drawn + 1], questions.get(seen), taken);
          }
          if (taken < 1) {
            for (int i = 0; i < size; i++) {
              p[drawn][i] *= 1 - taken;
            }
          } else {
            p[drawn] = null;
          }
        }
      }
      double sum = 0;
      for (int block = 0; block < size; block += width) {
        for (int at = zero; at < width; at++) {
          sum += p[asked][block + at];
        }
      }
      return sum;
    }

    private void add(double[] from, double[] to, List<Step> steps, double taken) {
      for (int inRun = 0; inRun < runLength; inRun++) {
        for (int lost = 0; lost <= lives; lost++) {
          for (Step step : steps) {
            int after = counts ? lost + step.mistakes : 0;
            if (after > lives) {
              continue;
            }
            int run = step.passes ? inRun : step.right ? inRun + 1 : 0;
            int value = step.value + (run == runLength ? bonus : 0);
            int source = (inRun * (lives + 1) + lost) * width;
            int target = (run % runLength * (lives + 1) + after) * width;
            double chance = step.chance * taken;
            int first = Math.max(0, -value);
            int last = Math.min(width, width - value);
            for (int at = first; at < last; at++) {
              to[target + at + value] += from[source + at] * chance;
            }
          }
        }
      }
    }
  }

  private Guessing simulated() {
    Chance chance = Chance.of("guessing", "plays");
    Step[][] ways = new Step[pool][];
    Sampled[] sampled = new Sampled[pool];
    int[] drawn = new int[pool];
    for (int i = 0; i < pool; i++) {
      ways[i] = steps.get(i).toArray(Step[]::new);
      sampled[i] = new Sampled(steps.get(i).stream().map(Step::chance).toList());
      drawn[i] = i;
    }
    boolean mixes = asked < pool || run > 0 && rules.questionOrder() == Order.MIXED;
    boolean sorts = mixes && run > 0 && rules.questionOrder() == Order.AS_WRITTEN;
    int plays = Sampled.plays(asked);
    int passed = 0;
    Step[] played = new Step[asked];
    for (int play = 0; play < plays; play++) {
      if (mixes) {
        Sampled.mix(drawn, asked, chance);
      }
      if (sorts) {
        Arrays.sort(drawn, 0, asked);
      }
      boolean ends = true;
      boolean line = false;
      for (int i = 0; i < asked && ends; i++) {
        int place = sampled[drawn[i]].next(chance);
        ends = place >= 0;
        line |= lines.get(drawn[i]) > 0;
        played[i] = ends ? ways[drawn[i]][place] : null;
      }
      passed += ends && passes(played, line) ? 1 : 0;
    }
    return Guessing.counted(passed, plays);
  }

  private boolean passes(Step[] played, boolean line) {
    long sum = 0;
    int mistakes = 0;
    int rounds = 1;
    for (Step step : played) {
      sum += step.value;
      mistakes += step.mistakes;
      rounds = Math.max(rounds, step.tries);
    }
    boolean alive = rules.lives() == null || mistakes <= rules.lives();
    return alive && (!line || sum + (run == 0 ? 0 : runs(played, rounds)) >= 0);
  }

  /** Those that are tried again later are settled after the others. */
  private long runs(Step[] played, int rounds) {
    long bonus = 0;
    int inRun = 0;
    for (int round = 1; round <= rounds; round++) {
      for (Step step : played) {
        if (step.tries == round) {
          inRun = step.passes ? inRun : step.right ? inRun + 1 : 0;
          bonus += step.right && inRun % runLength == 0 ? run : 0;
        }
      }
    }
    return bonus;
  }
}
