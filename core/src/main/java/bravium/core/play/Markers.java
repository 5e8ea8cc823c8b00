package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The progress markers of a play, one for each drawn question, in the order they are asked; on a
 * climb, one for each step.
 */
public record Markers(List<Marker> list) {

  /**
   * A marker.
   *
   * @param question the id of its question; on a climb, which step it is
   */
  public record Marker(String question, State state) {}

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

  /** The markers that say something else than before, in their order. */
  List<Happening> changedSince(Markers before) {
    Map<String, State> said = new LinkedHashMap<>();
    before.list.forEach(marker -> said.put(marker.question(), marker.state()));
    return list.stream()
        .filter(marker -> marker.state() != said.get(marker.question()))
        .<Happening>map(marker -> new Happening.MarkerChanged(marker.question(), marker.state()))
        .toList();
  }

  static Markers of(Sitting sitting) {
    return new Markers(
        sitting.draw().counting().stream()
            .map(Draw.Drawn::question)
            .map(id -> new Marker(id, state(sitting, id)))
            .toList());
  }

  /** What the marker of one question says. */
  static State state(Sitting sitting, String question) {
    return sitting
        .resultOf(question)
        .map(Result::verdict)
        .map(Markers::of)
        .orElseGet(() -> open(sitting, question));
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

  static State of(Verdict verdict) {
    return switch (verdict) {
      case RIGHT -> State.RIGHT;
      case PARTLY -> State.PARTLY;
      case WRONG -> State.WRONG;
      case MISSED -> State.MISSED;
      case GIVEN -> State.GIVEN;
    };
  }
}
