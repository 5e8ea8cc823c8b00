package bravium.core.games.quizshow;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.question.Spot;
import bravium.core.readiness.Finding;
import bravium.core.rich.Picture;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Markers on the teacher's own picture; each opens its question. Which marker comes next is the
 * class's choice. A marker locks once its question is settled: the rule of tries says when.
 *
 * @param picture null while there is none yet
 * @param markers at most {@value #MOST}, one for a question
 */
@Root
public record Trail(
    @Nullable Picture picture,
    @Range(max = MOST) List<TrailMarker> markers,
    @JsonIgnore Extra extra)
    implements Board {

  /** A picture with more is too full to press one. */
  public static final int MOST = 40;

  private static final int IN_A_ROW = 8;
  private static final int FIRST_ROW = 100;
  private static final int BETWEEN_ROWS = 140;
  private static final int LOWEST_ROW = 950;

  /** Checks the number, and that a question has one marker. */
  public Trail {
    if (markers.size() > MOST) {
      throw new IllegalArgumentException("a trail has at most " + MOST + " markers");
    }
    Set<String> questions = new LinkedHashSet<>();
    for (TrailMarker marker : markers) {
      if (!questions.add(marker.question())) {
        throw new IllegalArgumentException("a question has one marker on a trail");
      }
    }
  }

  /** A trail with nothing unknown in it. */
  public Trail(@Nullable Picture picture, List<TrailMarker> markers) {
    this(picture, markers, Extra.NONE);
  }

  /** The same trail with its markers moved as little as it takes that no two touch. */
  public Trail apart() {
    List<Spot> spots = markers.stream().map(marker -> new Spot(marker.x(), marker.y())).toList();
    return at(TrailLayout.of(picture).apart(spots));
  }

  /**
   * The same trail with its markers at even distances along a path, in their order.
   *
   * @param path at least one place
   */
  public Trail along(List<Spot> path) {
    return at(TrailLayout.of(picture).along(path, markers.size()));
  }

  private Trail at(List<Spot> spots) {
    List<TrailMarker> laid = new ArrayList<>();
    for (int i = 0; i < spots.size(); i++) {
      TrailMarker old = markers.get(i);
      laid.add(new TrailMarker(old.question(), spots.get(i).x(), spots.get(i).y(), old.extra()));
    }
    return new Trail(picture, List.copyOf(laid), extra);
  }

  /** This trail with a finding about it mended; as it is where it can't be. */
  Trail mended(Finding finding, List<Question> questions) {
    return switch (String.valueOf(finding.own())) {
      case QuizShowChecks.MARKER_WITHOUT_QUESTION -> without(finding.values().getFirst());
      case QuizShowChecks.QUESTION_WITHOUT_MARKER -> withAll(questions).apart();
      default -> this;
    };
  }

  /**
   * The same trail with a marker for each question that can be asked, as far as there is room:
   * those that are missing lie in rows.
   */
  private Trail withAll(List<Question> questions) {
    List<TrailMarker> all = new ArrayList<>(markers);
    int fresh = 0;
    for (Question question : questions) {
      boolean laid = all.stream().anyMatch(marker -> marker.question().equals(question.id()));
      boolean asked = !question.basics().off() && !(question instanceof Information);
      if (!laid && asked && all.size() < MOST) {
        int x = (2 * (fresh % IN_A_ROW) + 1) * Spot.WHOLE / (2 * IN_A_ROW);
        int y = Math.min(LOWEST_ROW, FIRST_ROW + fresh / IN_A_ROW * BETWEEN_ROWS);
        all.add(new TrailMarker(question.id(), x, y));
        fresh++;
      }
    }
    return new Trail(picture, List.copyOf(all), extra);
  }

  /** The same trail without the marker of one question. */
  public Trail without(String question) {
    List<TrailMarker> left = new ArrayList<>(markers);
    left.removeIf(marker -> marker.question().equals(question));
    return new Trail(picture, List.copyOf(left), extra);
  }
}
