package bravium.core.assignment;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Where a learner stands with an assignment.
 *
 * @param opens from when she can play, in milliseconds since 1970; null for since it was given
 * @param closes until when; null for no end
 * @param left how many games she can still begin; null for any number
 * @param running whether a game of hers runs that she can go on with
 */
@Root
public record Standing(
    Phase phase,
    @Nullable Long opens,
    @Nullable Long closes,
    @Nullable Integer left,
    boolean running) {

  /** Whether it can be played. */
  public enum Phase {
    /** Not yet. */
    @JsonProperty("not-yet")
    NOT_YET,
    /** Now. */
    @JsonProperty("open")
    OPEN,
    /** No more. */
    @JsonProperty("closed")
    CLOSED
  }

  /**
   * Where she stands.
   *
   * @param games hers, in the order they were begun
   * @param at the moment, in milliseconds since 1970
   */
  public static Standing of(Terms terms, Allowance own, List<Go> games, long at) {
    Long opens = own.opens() == null ? terms.opens() : own.opens();
    Long closes = own.closes() == null ? terms.closes() : own.closes();
    Phase phase =
        closes != null && at >= closes
            ? Phase.CLOSED
            : opens != null && at < opens ? Phase.NOT_YET : Phase.OPEN;
    Integer left =
        terms.goes() == null ? null : Math.max(0, terms.goes() + own.moreGoes() - games.size());
    boolean goesOn = phase == Phase.OPEN || terms.atClosing() == Terms.AtClosing.FINISH;
    boolean running = goesOn && !games.isEmpty() && !games.getLast().ended();
    return new Standing(phase, opens, closes, left, running);
  }

  /** The same, once she has left the game that runs. */
  public Standing notRunning() {
    return new Standing(phase, opens, closes, left, false);
  }

  /** Whether she can begin a game: one after another, while it is open. */
  public boolean begins() {
    return phase == Phase.OPEN && !running && (left == null || left > 0);
  }

  /**
   * When a game that still runs had to end, in milliseconds since 1970; null where it need not have
   * by then.
   */
  public static @Nullable Long ended(Terms terms, Allowance own, long at) {
    Standing now = of(terms, own, List.of(), at);
    boolean ends = terms.atClosing() == Terms.AtClosing.END && now.phase == Phase.CLOSED;
    return ends ? now.closes : null;
  }

  /** Whether she is told what would have been right. */
  public boolean tells(Terms terms) {
    return switch (terms.told()) {
      case AT_ONCE -> true;
      case AFTER_CLOSING -> phase == Phase.CLOSED && !running;
      case NEVER -> false;
    };
  }

  /**
   * The place of the game that counts; empty where none was played to its end.
   *
   * @param games in the order they were begun, which is the order in which they ended
   */
  public static Optional<Integer> counting(Terms.Counts counts, List<Go> games) {
    List<Integer> ended =
        IntStream.range(0, games.size()).filter(i -> games.get(i).ended()).boxed().toList();
    if (ended.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        switch (counts) {
          case FIRST -> ended.getFirst();
          case LAST -> ended.getLast();
          case BEST ->
              ended.stream()
                  .reduce((best, next) -> games.get(next).beats(games.get(best)) ? next : best)
                  .orElseThrow();
        });
  }
}
