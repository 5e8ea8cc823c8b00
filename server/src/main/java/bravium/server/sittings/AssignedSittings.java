package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/** What is settled from outside about sittings that were opened for an assignment. */
public interface AssignedSittings {

  /**
   * When the time for it was over, if a game that runs ends with that, in milliseconds since 1970;
   * null where it goes on.
   *
   * @param at the moment that is asked about, in milliseconds since 1970
   */
  @Nullable Long ended(StoredSitting sitting, long at);

  /**
   * Lets its learner do something in it.
   *
   * @throws bravium.server.problems.Problem if she can't play it now; it says why
   */
  void requirePlayable(StoredSitting sitting);

  /** Takes in that a move was made in it, which is on disk by now. */
  void moved(StoredSitting sitting);

  /** What its learner may see of it by now, and until when it goes on. */
  Seen seen(StoredSitting sitting);

  /**
   * What a learner may see of a game that was given to her.
   *
   * @param marksUntil until when the marks were given that she may see, in milliseconds since 1970;
   *     null where she sees all
   * @param tells whether she may be told by now what would have been right, whatever its opening
   *     said
   * @param ends when the game ends by itself because the time for it is over, in milliseconds since
   *     1970; null where it doesn't
   * @param again whether she can begin another game once this one has ended
   */
  record Seen(@Nullable Long marksUntil, boolean tells, @Nullable Long ends, boolean again) {

    /** Of a game that nobody gave: all there is. */
    static final Seen ALL = new Seen(null, false, null, true);
  }
}
