package bravium.core.play;

import bravium.core.json.OwnId;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The progress markers of a play, one for each drawn question, in the order they are asked; on a
 * climb, one for each step.
 */
public record Markers(List<Marker> list) {

  private static final Markers NONE = new Markers(List.of());

  /**
   * A marker.
   *
   * @param question the id of its question; on a climb, which step it is
   */
  public record Marker(@OwnId String question, State state) {

    /** The same without saying whether it was right. */
    public Marker withoutMark() {
      return switch (state) {
        case TO_DO, NOW -> this;
        case RETRY -> new Marker(question, State.TO_DO);
        case RIGHT, WRONG, PARTLY, MISSED, GIVEN -> new Marker(question, State.GIVEN);
      };
    }
  }

  /** What a marker says. */
  public enum State {
    /** Not yet asked. */
    @JsonProperty("to-do")
    TO_DO,
    /** The one that is open. */
    @JsonProperty("now")
    NOW,
    /** Answered right. */
    @JsonProperty("right")
    RIGHT,
    /** Answered, not right. */
    @JsonProperty("wrong")
    WRONG,
    /** Answered right in part. */
    @JsonProperty("partly")
    PARTLY,
    /** Never answered. */
    @JsonProperty("missed")
    MISSED,
    /** Not right, and may be tried again. */
    @JsonProperty("retry")
    RETRY,
    /** Answered, and not marked, or not yet. */
    @JsonProperty("given")
    GIVEN
  }

  /** The markers of a play, as an audience may see them. */
  public static Markers of(Play play, Sitting sitting, Audience audience) {
    return play.ownMarkers(sitting, audience).orElseGet(() -> of(sitting));
  }

  /**
   * The markers that say something else than before, in their order.
   *
   * @param touched the ids of all items that may have changed
   */
  public static List<Happening> changes(
      Play play, Sitting before, Sitting after, Set<String> touched) {
    Optional<Markers> own = play.ownMarkers(after, Audience.PLAYER);
    if (own.isPresent()) {
      return own.get().changedSince(play.ownMarkers(before, Audience.PLAYER).orElse(NONE));
    }
    List<Happening> changes = new ArrayList<>();
    // What was never answered says so at the end alone.
    boolean all = (before.stage() == Stage.END) != (after.stage() == Stage.END);
    for (Draw.Drawn drawn : after.draw().questions()) {
      String item = drawn.question();
      if (drawn.counts() && (all || touched.contains(item))) {
        State now = state(after, item);
        if (!before.draw().counts(item) || state(before, item) != now) {
          changes.add(new Happening.MarkerChanged(item, now));
        }
      }
    }
    return changes;
  }

  private List<Happening> changedSince(Markers before) {
    Map<String, State> said = new LinkedHashMap<>();
    before.list.forEach(marker -> said.put(marker.question(), marker.state()));
    List<Happening> changes = new ArrayList<>();
    for (Marker marker : list) {
      if (marker.state() != said.get(marker.question())) {
        changes.add(new Happening.MarkerChanged(marker.question(), marker.state()));
      }
    }
    return changes;
  }

  /** One for each drawn item. */
  public static Markers of(Sitting sitting) {
    Map<String, State> settled = new LinkedHashMap<>();
    sitting.results().forEach(result -> settled.put(result.question(), of(result.verdict())));
    List<Marker> markers = new ArrayList<>();
    for (Draw.Drawn drawn : sitting.draw().questions()) {
      String item = drawn.question();
      if (drawn.counts()) {
        State state = settled.get(item);
        markers.add(new Marker(item, state == null ? open(sitting, item) : state));
      }
    }
    return new Markers(List.copyOf(markers));
  }

  /** What the marker of one question says. */
  private static State state(Sitting sitting, String item) {
    Optional<Result> result = sitting.resultOf(item);
    return result.isPresent() ? of(result.get().verdict()) : open(sitting, item);
  }

  private static State open(Sitting sitting, String question) {
    if (question.equals(sitting.now())) {
      return State.NOW;
    }
    if (sitting.stage() == Stage.END) {
      return State.MISSED;
    }
    return sitting.effortFor(question).tries() > 0 ? State.RETRY : State.TO_DO;
  }

  /** What the marker of a settled item says. */
  public static State of(Verdict verdict) {
    return switch (verdict) {
      case RIGHT -> State.RIGHT;
      case PARTLY -> State.PARTLY;
      case WRONG -> State.WRONG;
      case MISSED -> State.MISSED;
      case GIVEN -> State.GIVEN;
    };
  }
}
