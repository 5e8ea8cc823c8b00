package bravium.core.activity;

/** What is said at a win and at a loss. */
public record Endings(Ending win, Ending lose) {

  /** The usual words at both. */
  public static Endings usual() {
    return new Endings(Ending.usual(), Ending.usual());
  }
}
