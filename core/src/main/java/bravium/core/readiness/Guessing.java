package bravium.core.readiness;

import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The chance to pass by guessing alone, averaged over the draws. Each question asked adds a hundred
 * times its points less its share of the line, points × 100 - worth × pass mark, so that who ends
 * at 0 or above passes, whichever questions are drawn.
 *
 * <p>Exact where all questions are asked, or few enough that every number of drawn ones can be
 * followed. Otherwise drawing is taken to be with replacement; sums that would be too many to
 * follow are put together. Lives, bonuses and clocks are not looked at; where they matter the
 * chance is an estimate too.
 *
 * @param chance from 0 to 1
 * @param exact whether it is no estimate
 */
public record Guessing(double chance, boolean exact) {

  private static final double BILLION = 1e9;

  /** So many steps are a few milliseconds in a browser. */
  private static final long MOST_STEPS = 1_500_000;

  /** What a question adds to the sum, in units of the common divisor, and with which chance. */
  private record Step(int value, double chance) {}

  static Guessing at(List<Question> pool, Rules rules) {
    int asked = Draw.asked(rules, pool.size());
    List<GuessOdds> odds = pool.stream().map(q -> GuessOdds.of(q, rules)).toList();
    boolean exact =
        odds.stream().allMatch(GuessOdds::exact) && rules.lives() == null && rules.bonus() == null;
    List<List<Step>> steps = new ArrayList<>();
    for (int i = 0; i < pool.size(); i++) {
      int line = rules.worthOf(pool.get(i)) * rules.passMark();
      List<Step> of = new ArrayList<>();
      for (Map.Entry<Integer, Double> entry : odds.get(i).chances().entrySet()) {
        of.add(new Step(entry.getKey() * 100 - line, entry.getValue()));
      }
      steps.add(of);
    }
    boolean line = pool.stream().anyMatch(q -> rules.worthOf(q) * rules.passMark() > 0);
    return pool.isEmpty() || !line
        ? new Guessing(pool.isEmpty() ? 0 : 1, true)
        : of(steps, asked, exact);
  }

  private static Guessing of(List<List<Step>> steps, int asked, boolean exact) {
    int unit = 0;
    int low = 0;
    int high = 0;
    int most = 1;
    for (List<Step> of : steps) {
      most = Math.max(most, of.size());
      for (Step step : of) {
        unit = divisor(unit, Math.abs(step.value()));
        low = Math.min(low, step.value());
        high = Math.max(high, step.value());
      }
    }
    if (unit == 0) {
      return new Guessing(1, exact);
    }
    boolean all = asked == steps.size();
    long width = ((long) high - low) / unit * asked + 1;
    long one = width * asked * most;
    if (!all && one * steps.size() <= MOST_STEPS) {
      return new Guessing(drawn(scaled(steps, unit), asked), exact);
    }
    boolean fits = one <= MOST_STEPS;
    long coarser = fits ? unit : unit * (one / MOST_STEPS + 1);
    List<List<Step>> fine = scaled(steps, coarser);
    double chance = all ? each(fine) : each(mixed(fine, asked));
    return new Guessing(chance, exact && all && fits);
  }

  private static int divisor(int a, int b) {
    return b == 0 ? a : divisor(b, a % b);
  }

  /** In that unit, to the nearest. */
  private static List<List<Step>> scaled(List<List<Step>> steps, long unit) {
    return steps.stream()
        .map(
            of ->
                of.stream()
                    .map(
                        s ->
                            new Step(
                                (int) Math.floorDiv(2 * s.value() + unit, 2 * unit), s.chance()))
                    .toList())
        .toList();
  }

  /** Any of the questions, as often as is asked. */
  private static List<List<Step>> mixed(List<List<Step>> steps, int asked) {
    Map<Integer, Double> chances = new TreeMap<>();
    for (List<Step> of : steps) {
      of.forEach(s -> chances.merge(s.value(), s.chance() / steps.size(), Double::sum));
    }
    List<Step> any =
        chances.entrySet().stream().map(e -> new Step(e.getKey(), e.getValue())).toList();
    return Collections.nCopies(asked, any);
  }

  /** All of them, one after another. */
  private static double each(List<List<Step>> steps) {
    return drawn(steps, steps.size());
  }

  /** One pass over the questions: how many were drawn so far, and what they add up to. */
  private static double drawn(List<List<Step>> steps, int asked) {
    int low = 0;
    int high = 0;
    for (List<Step> of : steps) {
      for (Step step : of) {
        low = Math.min(low, step.value());
        high = Math.max(high, step.value());
      }
    }
    int zero = -low * asked;
    int width = (high - low) * asked + 1;
    double[][] p = new double[asked + 1][];
    p[0] = new double[width];
    p[0][zero] = 1;
    int n = steps.size();
    for (int seen = 0; seen < n; seen++) {
      int left = n - seen;
      for (int drawn = Math.min(seen, asked); drawn >= Math.max(0, asked - left); drawn--) {
        double taken = (double) (asked - drawn) / left;
        if (taken > 0) {
          p[drawn + 1] = p[drawn + 1] == null ? new double[width] : p[drawn + 1];
          add(
              p[drawn],
              p[drawn + 1],
              steps.get(seen),
              taken,
              drawn * low + zero,
              drawn * high + zero);
        }
        if (taken < 1) {
          for (int i = 0; i < width; i++) {
            p[drawn][i] *= 1 - taken;
          }
        } else {
          p[drawn] = null;
        }
      }
    }
    double sum = 0;
    for (int i = width - 1; i >= zero; i--) {
      sum += p[asked][i];
    }
    return Math.min(1, sum);
  }

  private static void add(
      double[] from, double[] to, List<Step> steps, double taken, int first, int last) {
    for (Step step : steps) {
      double chance = step.chance() * taken;
      int by = step.value();
      for (int i = first; i <= last; i++) {
        to[i + by] += from[i] * chance;
      }
    }
  }

  /** The chance in billionths, rounded half up. */
  long billionths() {
    return (long) Math.floor(chance * BILLION + 0.5);
  }
}
