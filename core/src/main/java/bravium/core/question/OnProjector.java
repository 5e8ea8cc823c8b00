package bravium.core.question;

import bravium.core.measure.ProjectorFit;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.List;

/** How a question lies on the projector. */
public final class OnProjector {

  private static final List<String> TRUTHS = List.of("false", "false");

  private OnProjector() {}

  /**
   * Whether a question and its options fit in type of these sizes. What has pictures for options is
   * fitted anyway, and so is what is not picked.
   */
  public static boolean fits(Question question, ProjectorFit sizes, boolean teams) {
    String text = question.asked().sentence();
    boolean beside = pictured(question.asked());
    return switch (question) {
      case TrueFalse truth -> sizes.takes(text, TRUTHS, beside, teams);
      case ChoiceQuestion choice ->
          choice.choices().stream().anyMatch(option -> pictured(option.text()))
              || sizes.takes(
                  text,
                  choice.choices().stream().map(o -> o.text().sentence()).toList(),
                  beside,
                  teams);
      case Gaps gaps -> true;
      default -> sizes.takes(text, List.of(), beside, teams);
    };
  }

  private static boolean pictured(Words words) {
    return words.media().stream().anyMatch(Picture.class::isInstance);
  }
}
