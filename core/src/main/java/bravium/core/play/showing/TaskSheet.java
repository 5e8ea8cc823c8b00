package bravium.core.play.showing;

import bravium.core.json.PartId;
import bravium.core.measure.Rings;
import bravium.core.question.Arrangement;
import bravium.core.question.Figure;
import bravium.core.question.FractionTask;
import bravium.core.question.Mark;
import bravium.core.question.Misplaced;
import bravium.core.question.Response;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a question is done on besides its text and cards: how groups lie, what figures there are.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = TaskSheet.SortingSheet.class, name = "sorting"),
  @JsonSubTypes.Type(value = TaskSheet.FractionSheet.class, name = "fraction")
})
public sealed interface TaskSheet {

  /**
   * Where cards are sorted to.
   *
   * @param columns how many of the targets are columns; those after them are rows
   * @param rings in the order of the targets; empty where the groups are no rings
   * @param places every place where a card can lie
   * @param atOnce whether each card is marked as soon as it lies
   * @param misplaced what becomes of what lies wrong; null where it is not said before the end
   * @param lying what lies where before this try begins
   * @param marks whether that is right, as far as it was said
   */
  record SortingSheet(
      Arrangement arrangement,
      int columns,
      List<Rings.Ring> rings,
      List<SortingPlace> places,
      boolean atOnce,
      @Nullable Misplaced misplaced,
      List<Response.Placing> lying,
      List<Mark.Part> marks)
      implements TaskSheet {}

  /**
   * A place where cards can lie.
   *
   * @param groups the targets that it is in; none outside of all
   * @param room the room for cards within it, on rings; null in all else
   */
  record SortingPlace(@PartId List<String> groups, @Nullable CardRoom room) {}

  /** An upright box, in thousandths of the sheet from its upper left corner. */
  record CardRoom(int left, int top, int width, int height) {}

  /**
   * A fraction and its figures.
   *
   * @param figures as they are shown; the last is the one to be shaded, where there is one
   * @param form how a fraction has to be written; null for any way that is equal
   * @param ownCut whether whoever shades cuts the figure, too
   */
  record FractionSheet(
      FractionTask.FractionAsk task,
      List<Figure> figures,
      FractionTask.@Nullable FractionForm form,
      boolean ownCut)
      implements TaskSheet {}
}
