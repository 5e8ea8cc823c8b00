package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/** What is settled from outside about sittings that were opened for an assignment. */
public interface AssignedSittings {

  /**
   * When the time for it was over, if a game that runs ends with that, in milliseconds since 1970;
   * null where it goes on.
   */
  @Nullable Long ended(StoredSitting sitting);

  /**
   * Lets its learner do something in it.
   *
   * @throws bravium.server.problems.Problem if she can't play it now; it says why
   */
  void requirePlayable(StoredSitting sitting);

  /**
   * Until when the marks were given that she may see, in milliseconds since 1970; null where she
   * sees all.
   */
  @Nullable Long marksUntil(StoredSitting sitting);

  /** Whether she may be told by now what would have been right, whatever its opening said. */
  boolean tells(StoredSitting sitting);
}
