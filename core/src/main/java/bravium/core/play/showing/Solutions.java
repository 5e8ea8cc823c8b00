package bravium.core.play.showing;

import bravium.core.play.Draw;
import bravium.core.question.Area;
import bravium.core.question.Card;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Discussion;
import bravium.core.question.FractionTask;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Ordering;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sorting;
import bravium.core.question.TypedText;
import bravium.core.question.UnknownQuestion;
import java.util.List;

/** What is right in a question, in the form in which {@link Showing.Told} gives it away. */
public final class Solutions {

  private Solutions() {}

  /** What is right in a question that was drawn. */
  public static List<String> of(Question question, Draw.Drawn drawn) {
    return switch (question) {
      case ChoiceQuestion choice -> choice.rightChoices();
      case TypedText typed -> typed.right();
      case Numeric number ->
          number.rightResponse().map(r -> List.of(((Response.Typed) r).text())).orElse(List.of());
      case Gaps gaps ->
          gaps.sentence().gaps().stream().map(gap -> gap.accepted().getFirst()).toList();
      case Ordering order -> order.items();
      case Matching pairs ->
          pairs.written().stream()
              .map(pair -> pair.written().findFirst().orElseThrow().id())
              .toList();
      case Sorting sorting -> drawn.options().stream().map(id -> group(sorting, id)).toList();
      case PointAt point -> point.rightAreas().stream().map(Area::name).toList();
      case FractionTask fraction -> List.of(fraction.answer());
      case FreeAnswer free -> List.of();
      case Discussion discussion -> List.of();
      case Information information -> List.of();
      case UnknownQuestion unknown -> List.of();
    };
  }

  /** Whether it is said by ids, of options or cards, and not by texts. */
  static boolean hasIds(Question question) {
    return question instanceof ChoiceQuestion
        || question instanceof Ordering
        || question instanceof Matching
        || question instanceof Sorting;
  }

  private static String group(Sorting sorting, String card) {
    List<String> there = sorting.named().stream().map(Card::id).toList();
    return sorting.cards().stream()
        .filter(c -> c.id().equals(card))
        .flatMap(c -> c.groups().stream())
        .filter(there::contains)
        .findFirst()
        .orElse("");
  }
}
