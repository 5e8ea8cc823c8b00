package bravium.core.question;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A question with options to pick from. */
public sealed interface ChoiceQuestion extends Question permits PickOne, PickAll, TrueFalse {

  /** The options a learner can pick, as written; blank ones are left out. */
  List<Option> choices();

  /** The choice of that id, if there is one. */
  default Optional<Option> choice(String option) {
    for (Option choice : choices()) {
      if (choice.id().equals(option)) {
        return Optional.of(choice);
      }
    }
    return Optional.empty();
  }

  /** The ids of the right choices. */
  default List<String> rightChoices() {
    return choices().stream().filter(Option::right).map(Option::id).toList();
  }

  /** The ids of wrong choices in the order they are struck out; empty for as they are written. */
  default List<String> strikeOrder() {
    return List.of();
  }

  /** The ids of all wrong choices in the order in which they are struck out. */
  default List<String> strikes() {
    Set<String> ordered = new LinkedHashSet<>(strikeOrder());
    ordered.addAll(items());
    ordered.retainAll(items());
    rightChoices().forEach(ordered::remove);
    return List.copyOf(ordered);
  }

  @Override
  default boolean complete() {
    return !choices().isEmpty();
  }

  @Override
  default List<String> items() {
    return choices().stream().map(Option::id).toList();
  }

  @Override
  default List<String> read() {
    return choices().stream().map(option -> option.text().plain()).toList();
  }
}
