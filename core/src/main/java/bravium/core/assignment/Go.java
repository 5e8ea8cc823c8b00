package bravium.core.assignment;

/**
 * A game that was played on an assignment, as far as it matters which one counts.
 *
 * @param ended whether it came to its end
 * @param points what it brought
 * @param possible what its questions are worth; 0 where nothing is
 */
public record Go(boolean ended, int points, int possible) {

  /** Whether it brought a larger share of its points than another; exact, whatever the numbers. */
  boolean beats(Go other) {
    return (long) points * Math.max(1, other.possible)
        > (long) other.points * Math.max(1, possible);
  }
}
