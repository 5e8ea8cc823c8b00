package bravium.core.games.whiteboard;

import bravium.core.games.whiteboard.WhiteboardScene.BoardPage;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.Markers;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.course.Course;
import bravium.core.play.course.LineCourse;
import bravium.core.play.course.PickingCourse;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** One page after another, or any that is open. */
final class PagesCourse implements Course {

  private final Whiteboard board;
  private final Course order;
  private final Map<String, Words> titles = new LinkedHashMap<>();

  PagesCourse(Whiteboard board) {
    this.board = board;
    this.order = board.picked() ? new PickingCourse() {} : new LineCourse();
    for (Question question : board.questions()) {
      titles.put(question.id(), question.asked());
    }
  }

  @Override
  public Optional<String> first(Draw draw) {
    return order.first(draw);
  }

  @Override
  public Optional<String> next(Draw draw, Set<String> settled, String now) {
    return order.next(draw, settled, now);
  }

  @Override
  public boolean picks(Draw draw, Set<String> settled) {
    return order.picks(draw, settled);
  }

  @Override
  public String opening(Draw draw, Set<String> settled, String picked) {
    return order.opening(draw, settled, picked);
  }

  @Override
  public Optional<Scene> scene(Sitting sitting, Audience audience) {
    List<BoardPage> pages = new ArrayList<>();
    boolean picking = board.picked() && sitting.stage() == Stage.BOARD;
    Set<String> settled = sitting.settled();
    for (Markers.Marker marker :
        board.picked() ? Markers.of(sitting).list() : List.<Markers.Marker>of()) {
      String id = marker.question();
      pages.add(
          new BoardPage(
              id,
              pages.size() + 1,
              titles.get(id),
              marker.state(),
              picking && !settled.contains(id)));
    }
    return Optional.of(new WhiteboardScene(board.picked(), board.flaps(), List.copyOf(pages)));
  }
}
