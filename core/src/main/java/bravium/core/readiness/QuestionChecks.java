package bravium.core.readiness;

import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.Texts;
import bravium.core.question.TrueFalse;
import bravium.core.question.UnknownQuestion;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What is worth a look in the questions, one by one. Lines not yet begun are passed over. */
final class QuestionChecks {

  private final List<Finding> found = new ArrayList<>();

  private QuestionChecks() {}

  static List<Finding> of(List<Question> questions) {
    QuestionChecks checks = new QuestionChecks();
    questions.forEach(checks::read);
    return checks.found;
  }

  private void read(Question question) {
    switch (question) {
      case PickOne pickOne when pickOne.started() -> readPickOne(pickOne);
      case TrueFalse trueFalse when trueFalse.started() -> readRight(trueFalse);
      case UnknownQuestion unknown ->
          found.add(Finding.of(unknown.id(), Check.UNKNOWN_QUESTION, Weight.LOOK));
      default -> {}
    }
  }

  private void readPickOne(PickOne question) {
    if (Texts.blank(question.text())) {
      found.add(Finding.of(question.id(), Check.EMPTY_QUESTION, Weight.STOP));
    }
    switch (question.choices().size()) {
      case 0 -> found.add(Finding.of(question.id(), Check.NO_OPTIONS, Weight.STOP));
      case 1 -> found.add(Finding.of(question.id(), Check.ONE_OPTION, Weight.LOOK));
      default -> {}
    }
    readOptions(question);
    if (!question.choices().isEmpty()) {
      readRight(question);
    }
  }

  private void readOptions(PickOne question) {
    List<Option> options = question.options();
    for (int i = 0; i < options.size(); i++) {
      Option option = options.get(i);
      boolean last = i == options.size() - 1;
      if (Texts.blank(option.text()) && (!last || option.right())) {
        String letter = String.valueOf((char) ('A' + i));
        found.add(Finding.of(question.id(), option.id(), Check.EMPTY_OPTION, Weight.LOOK, letter));
      }
    }
    Set<String> seen = new LinkedHashSet<>();
    for (Option option : question.choices()) {
      if (!seen.add(Texts.trimmed(option.text()).toLowerCase(Locale.ROOT))) {
        found.add(
            Finding.of(
                question.id(),
                option.id(),
                Check.SAME_OPTIONS,
                Weight.LOOK,
                Texts.trimmed(option.text())));
      }
    }
  }

  private void readRight(Question question) {
    long right = question.choices().stream().filter(Option::right).count();
    if (right == 0) {
      found.add(Finding.of(question.id(), Check.NO_RIGHT_OPTION, Weight.STOP));
    } else if (right > 1) {
      found.add(Finding.of(question.id(), Check.TWO_RIGHT_OPTIONS, Weight.LOOK, right));
    }
  }
}
