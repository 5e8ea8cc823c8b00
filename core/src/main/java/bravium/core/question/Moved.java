package bravium.core.question;

/**
 * What became of a class's first sorting by the last.
 *
 * @param cards how many cards lie elsewhere than at first
 * @param home how many of them lie where they belong now, and did not before
 * @param astray how many of them lay where they belong, and no longer do
 */
public record Moved(int cards, int home, int astray) {}
