package bravium.core.readiness;

import bravium.core.answer.Comparing;
import bravium.core.answer.Comparison;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Gaps;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Question;
import bravium.core.question.TypedText;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Whether a hint says the answer word for word. */
final class HintChecks {

  private HintChecks() {}

  static List<Finding> of(Question question) {
    List<Finding> found = new ArrayList<>();
    List<String> hints = question.hints().stream().map(Words::plain).toList();
    List<String> answers = hints.isEmpty() ? List.of() : answers(question);
    for (int i = 0; i < hints.size(); i++) {
      String hint = hints.get(i);
      String said = answers.stream().filter(a -> says(hint, a)).findFirst().orElse(null);
      if (said != null) {
        found.add(
            Finding.of(question.id(), Check.HINT_GIVES_AWAY, Weight.LOOK, i + 1, said)
                .mendedBy(Mend.REMOVE_HINT));
      }
    }
    return found;
  }

  private static List<String> answers(Question question) {
    List<String> texts =
        switch (question) {
          case ChoiceQuestion choice -> onlyRight(choice);
          case TypedText typed -> typed.right();
          case Numeric number -> number.value() == null ? List.of() : List.of(number.value());
          case Gaps gaps ->
              gaps.sentence().gaps().stream().map(gap -> gap.accepted().getFirst()).toList();
          default -> List.of();
        };
    return texts.stream().filter(text -> !Texts.blank(text)).map(Texts::trimmed).toList();
  }

  /** Options that stand on the screen anyway give nothing away unless only right ones are named. */
  private static List<String> onlyRight(ChoiceQuestion choice) {
    return choice.choices().stream()
        .filter(Option::right)
        .map(option -> option.text().plain())
        .toList();
  }

  /** Whether the words of the answer stand in the hint, one after another. */
  private static boolean says(String hint, String answer) {
    List<String> words = Comparison.words(hint, Comparing.FAIR);
    List<String> wanted = Comparison.words(answer, Comparing.FAIR);
    return !wanted.isEmpty() && Collections.indexOfSubList(words, wanted) >= 0;
  }
}
