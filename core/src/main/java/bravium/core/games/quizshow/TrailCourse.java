package bravium.core.games.quizshow;

import bravium.core.play.Audience;
import bravium.core.play.Markers;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.course.PickingCourse;
import bravium.core.question.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** On a trail the class picks any marker that is open. */
record TrailCourse(Trail trail) implements PickingCourse {

  @Override
  public Optional<Scene> scene(Sitting sitting, Audience audience) {
    List<Markers.Marker> markers = Markers.of(sitting).list();
    List<Spot> spots = spots(markers.stream().map(Markers.Marker::question).toList());
    List<BoardScene.TrailPlace> places = new ArrayList<>();
    Set<String> settled = sitting.settled();
    for (int i = 0; i < markers.size(); i++) {
      String question = markers.get(i).question();
      boolean open = sitting.stage() == Stage.BOARD && !settled.contains(question);
      Spot spot = spots.get(i);
      places.add(
          new BoardScene.TrailPlace(
              question, i + 1, spot.x(), spot.y(), markers.get(i).state(), open));
    }
    int size = TrailLayout.of(trail.picture()).size();
    return Optional.of(new BoardScene.OfTrail(trail.picture(), size, List.copyOf(places)));
  }

  /** Where each question's marker is; one that was not laid stands at the lower edge. */
  private List<Spot> spots(List<String> questions) {
    long loose = questions.stream().filter(q -> laid(q).isEmpty()).count();
    List<Spot> wanted = new ArrayList<>();
    int placed = 0;
    for (String question : questions) {
      Optional<Spot> spot = laid(question);
      if (spot.isEmpty()) {
        placed++;
      }
      int x = (int) (Spot.WHOLE * placed / (loose + 1));
      wanted.add(spot.orElseGet(() -> new Spot(x, Spot.WHOLE)));
    }
    return TrailLayout.of(trail.picture()).apart(wanted);
  }

  private Optional<Spot> laid(String question) {
    return trail.markers().stream()
        .filter(marker -> marker.question().equals(question))
        .findFirst()
        .map(marker -> new Spot(marker.x(), marker.y()));
  }
}
