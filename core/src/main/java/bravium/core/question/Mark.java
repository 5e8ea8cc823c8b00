package bravium.core.question;

import bravium.core.json.PartId;
import bravium.core.rich.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a response was marked, before points, tries and prices.
 *
 * @param earned the parts earned, 0 to {@code of}
 * @param of the parts that there are, at least 1
 * @param full whether it is right as a whole
 * @param parts the parts of the response and whether each is right; empty where it has none
 * @param feedback what the teacher says to just this response; null where she says nothing special
 */
public record Mark(int earned, int of, boolean full, List<Part> parts, @Nullable Words feedback) {

  /** A part of a response: a card, a pair, a gap. */
  public record Part(@PartId String id, boolean right) {}

  /** The mark of a response that is right or not, without parts. */
  static Mark whole(boolean right, @Nullable Words feedback) {
    return new Mark(right ? 1 : 0, 1, right, List.of(), feedback);
  }

  /** The mark of a response of which each part is right or not. */
  static Mark ofParts(Credit credit, List<Part> parts, int of) {
    int right = (int) parts.stream().filter(Part::right).count();
    int wrong = parts.size() - right;
    return of(credit, right, wrong, of).with(parts, null);
  }

  /** The mark of so many right and wrong parts of as many as there are. */
  public static Mark of(Credit credit, int right, int wrong, int of) {
    boolean full = right == of && wrong == 0;
    return new Mark(credit.earned(right, wrong, of), of, full, List.of(), null);
  }

  Mark with(List<Part> parts, @Nullable Words feedback) {
    return new Mark(earned, of, full, parts, feedback);
  }

  /** Whether something was right, but not all. */
  public boolean partly() {
    return !full && earned > 0;
  }

  /** What it brings of a worth, in points, rounded half up. */
  public int pointsOf(int worth) {
    return (int) ((2L * worth * earned + of) / (2L * of));
  }
}
