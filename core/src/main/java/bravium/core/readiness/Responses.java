package bravium.core.readiness;

import bravium.core.question.Credit;
import bravium.core.question.Mark;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many responses to a question there are, by what they earn. Numbers are whole, and doubles
 * because they can be large.
 *
 * @param full those that are fully right
 * @param wrong those that earn nothing
 * @param partly those that are right in part, by the parts they earn
 * @param of the parts that there are
 * @param exact whether they could be counted
 */
record Responses(double full, double wrong, Map<Integer, Double> partly, int of, boolean exact) {

  /** A number of right and of wrong parts, and the share of the responses that have them. */
  record Parts(int right, int wrong, double share) {}

  /** So many right and wrong ones, without parts. */
  static Responses whole(double right, double wrong) {
    return new Responses(right, wrong, Map.of(), 1, true);
  }

  /** Those of a question whose parts come out so, under its rule for partly right answers. */
  static Responses ofParts(List<Parts> outcomes, Credit credit, int of, double all, boolean exact) {
    double full = 0;
    double wrong = 0;
    Map<Integer, Double> partly = new TreeMap<>();
    for (Parts parts : outcomes) {
      Mark mark = Mark.of(credit, parts.right(), parts.wrong(), of);
      double number = counted(parts.share() * all);
      if (mark.full()) {
        full += number;
      } else if (mark.earned() == 0) {
        wrong += number;
      } else {
        partly.merge(mark.earned(), number, Double::sum);
      }
    }
    return new Responses(full, wrong, partly, of, exact);
  }

  /** To the nearest whole number, as far as a double holds them. */
  private static double counted(double number) {
    return number < 1e15 ? Math.floor(number + 0.5) : number;
  }

  /** Those that are right in part. */
  double inPart() {
    double sum = 0;
    for (double number : partly.values()) {
      sum += number;
    }
    return sum;
  }

  /** What so many earned parts bring of a worth, in points, rounded half up. */
  int points(int earned, int worth) {
    return (int) ((2L * worth * earned + of) / (2L * of));
  }
}
