package bravium.core.play.showing;

import bravium.core.measure.Rings;
import bravium.core.play.Effort;
import bravium.core.play.Laid;
import bravium.core.play.Tried;
import bravium.core.play.showing.TaskSheet.CardRoom;
import bravium.core.play.showing.TaskSheet.FractionSheet;
import bravium.core.play.showing.TaskSheet.SortingPlace;
import bravium.core.play.showing.TaskSheet.SortingSheet;
import bravium.core.question.Arrangement;
import bravium.core.question.FractionTask;
import bravium.core.question.Mark;
import bravium.core.question.Misplaced;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sorting;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a question is done on, as it is before the next try. */
final class SheetBuilder {

  private SheetBuilder() {}

  /**
   * The sheet of a question; null where it needs none.
   *
   * @param open whether it can be answered now
   */
  static @Nullable TaskSheet of(Question question, Effort effort, boolean open) {
    return switch (question) {
      case Sorting sorting when sorting.complete() -> sorting(sorting, effort, open);
      case FractionTask task ->
          new FractionSheet(task.task(), task.shown(), task.form(), task.ownCut());
      default -> null;
    };
  }

  private static SortingSheet sorting(Sorting sorting, Effort effort, boolean open) {
    boolean rings = sorting.laidOut() == Arrangement.RINGS;
    Rings drawn = Rings.of(rings ? sorting.named().size() : 0);
    List<SortingPlace> places = new ArrayList<>();
    for (Set<String> place : sorting.places()) {
      boolean ringed = rings && !place.isEmpty();
      places.add(
          new SortingPlace(
              List.copyOf(place), ringed ? room(drawn.regions().get(places.size())) : null));
    }
    Map<String, Laid> lying = lying(sorting, effort, open);
    List<Response.Placing> placings = new ArrayList<>();
    lying.forEach((card, laid) -> placings.addAll(Sorting.placings(card, laid.place())));
    return new SortingSheet(
        sorting.laidOut(),
        sorting.named().size(),
        drawn.rings(),
        places,
        sorting.atOnce(),
        sorting.misplaced(),
        placings,
        lying.values().stream().map(laid -> new Mark.Part(laid.card(), laid.right())).toList());
  }

  private static CardRoom room(Rings.Region region) {
    return new CardRoom(region.left(), region.top(), region.width(), region.height());
  }

  /** What lies where, by its card: what was laid one by one, or all that a try left. */
  private static Map<String, Laid> lying(Sorting sorting, Effort effort, boolean open) {
    Map<String, Laid> lying = new LinkedHashMap<>();
    Tried last = effort.last();
    List<Laid> laid = effort.laidAt(effort.tries() + (open ? 1 : 0));
    if (!sorting.atOnce()
        && last != null
        && last.response() != null
        && sorting.misplaced() != null) {
      Map<String, Set<String>> there = Sorting.lying(last.response());
      laid =
          last.parts().stream()
              .map(part -> new Laid(part.id(), effort.tries(), there.get(part.id()), part.right()))
              .toList();
    }
    boolean back = sorting.misplaced() == Misplaced.GOES_BACK;
    for (Laid one : laid) {
      if (one.right() || !back) {
        lying.put(one.card(), one);
      }
    }
    return lying;
  }
}
